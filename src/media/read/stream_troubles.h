// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What was wrong with a sound and was put right while it was read.
#pragma once

#include <cstdint>
#include <optional>

namespace brisk {

struct StreamTroubles {
    std::int64_t damaged = 0;   ///< Packets that could not be decoded.
    std::int64_t filled = 0;    ///< Frames of silence put into holes.
    std::int64_t claimed = 0;   ///< Frames of silence that stamps claim beyond belief: left out.
    std::int64_t nonsense = 0;  ///< Samples that were no numbers, or no sound: silenced.
    /// Frame at which rate or channels change; what follows is not read.
    std::optional<std::int64_t> changesAt;

    /// Of several tracks side by side.
    void add(const StreamTroubles& o) {
        damaged += o.damaged;
        filled += o.filled;
        claimed += o.claimed;
        nonsense += o.nonsense;
        if (!changesAt || (o.changesAt && *o.changesAt < *changesAt)) changesAt = o.changesAt;
    }
};

}  // namespace brisk
