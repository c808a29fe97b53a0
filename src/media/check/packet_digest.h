// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The picture packets of a file as comparable facts: what was copied, and when it is shown.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "core/fact.h"
#include "core/job_control.h"
#include "core/rational.h"
#include "core/result.h"
#include "media/read/picture_cut.h"

namespace brisk {

struct PacketDigest {
    /// In the list's time base, less that of the first shown picture; none where a container says
    /// nothing of it.
    std::optional<std::int64_t> pts;
    int size = 0;
    bool key = false;
    /// Of the coded picture, start codes and length prefixes left out.
    std::array<std::uint8_t, 16> hash{};
};

struct PacketList {
    Rational timeBase;
    std::vector<PacketDigest> packets;  ///< In file order.
};

/// Reads every picture packet. Memory: about 100 bytes a picture. Errors: CannotRead, NotMedia,
/// Cancelled.
Result<PacketList> pictureDigest(const std::string& path, const JobControl& job = {});
/// Of the packets that a cut copies, timed from its first shown picture. Reads only these.
Result<PacketList> pictureDigest(const MediaInfo& take, const PictureCut& cut,
                                 const JobControl& job);

/// Empty when both lists hold the same coded pictures in the same order, shown and decoded at the
/// same times to within half a tick of the coarser clock; otherwise a sentence saying where they
/// part.
Fact differenceBetween(const PacketList& a, const PacketList& b);

}  // namespace brisk
