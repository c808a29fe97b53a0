// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a take's packets in a thread of its own, some ahead of who writes them, and notes what the
/// pictures are while they go by. Private to src/media.
#pragma once

#include <optional>
#include <vector>

#include "core/made_ahead.h"
#include "media/check/picture_digester.h"
#include "media/read/av_handles.h"
#include "media/write/take_remux.h"

namespace brisk {

struct SourcePacket {
    av::Packet packet;
    bool picture = false;                ///< Of the cut, where there is one.
    std::optional<PacketDigest> digest;  ///< Of pictures that are copied.
};

class PacketSource {
  public:
    using Batch = std::vector<SourcePacket>;

    /// \param input  of the plan's source; used in the other thread until this is gone.
    /// \param digests  whether pictures are copied, and so noted.
    PacketSource(AVFormatContext* input, const RemuxPlan& plan, bool digests);

    /// The next packets; nothing after the last that the plan asks for. Errors: CannotRead.
    Result<std::optional<Batch>> next() { return ahead_.next(); }

  private:
    Result<std::optional<Batch>> read();
    [[nodiscard]] bool kept(const AVPacket* packet);

    AVFormatContext* input_;
    const RemuxPlan& plan_;
    std::int64_t zero_, left_;
    bool begun_, digests_;
    bool sought_ = false;
    PictureDigester digester_;
    MadeAhead<Batch> ahead_;  // last: its thread uses all of the above
};

}  // namespace brisk
