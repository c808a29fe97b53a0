// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Renders and codes the sound of one new track in a thread of its own, a few seconds ahead of the
/// picture that is written beside it. Private to src/media.
#pragma once

#include <functional>
#include <vector>

#include "core/made_ahead.h"
#include "media/write/sound_track_encoder.h"
#include "media/write/take_remux.h"

namespace brisk {

class SoundFeed {
  public:
    /// \param encoder  of an output whose header is written; used in the other thread until the
    ///                 last packet was written, or this is gone.
    SoundFeed(SoundTrackEncoder& encoder, SoundPull pull, int channels, std::int64_t frames);

    /// Writes what is coded until `time` is covered, or all of it. Errors: those of pulling and
    /// coding, and of `write`.
    Result<void> upTo(Seconds time, const SoundTrackEncoder::Write& write);

  private:
    struct Coded {
        std::vector<av::Packet> packets;
        Seconds until;
    };
    Result<std::optional<Coded>> code();

    SoundTrackEncoder& encoder_;
    SoundPull pull_;
    std::size_t channels_;
    std::int64_t left_;
    bool finished_ = false, ended_ = false;
    std::vector<float> block_;
    Seconds until_{-1};
    MadeAhead<Coded> ahead_;  // last: its thread uses all of the above
};

}  // namespace brisk
