// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Digests coded pictures, packet after packet, whatever container they are in. Private to
/// src/media.
#pragma once

#include <memory>

#include "media/check/packet_digest.h"
#include "media/read/av_handles.h"

namespace brisk {

class PictureDigester {
  public:
    explicit PictureDigester(const AVCodecParameters* picture);
    PictureDigester(PictureDigester&&) noexcept;
    ~PictureDigester();

    /// \param zero  time stamp of what is shown at 0.
    PacketDigest of(const AVPacket& packet, std::int64_t zero);

  private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace brisk
