// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What reading a written video's picture back found: copied packets must be the take's own,
/// pictures that were re-encoded must be as many, at the same times, and look alike.
#pragma once

#include <cstdint>
#include <optional>
#include <string>

#include "core/fact.h"
#include "core/job_control.h"
#include "core/result.h"
#include "media/check/packet_digest.h"

namespace brisk {

struct VideoExportPlan;

struct PictureCheck {
    std::int64_t pictures = 0;  ///< 0 = nothing was compared.
    bool identical = false;     ///< Packet for packet.
    /// Re-encoded: the peak signal-to-noise ratio of the picture that is least alike, in dB.
    std::optional<double> leastAlikeDb;
    Facts problem;  ///< Empty when all is well.

    /// "375 pictures identical", "124 pictures alike to 43 dB"; empty where nothing was read.
    [[nodiscard]] Facts said() const;
};

/// Of copied packets, by what was noted of both.
PictureCheck comparePackets(const PacketList& take, const PacketList& written);

/// Of pictures that were re-encoded: both are decoded. \param plan with its cut.
/// Errors: CannotRead, Cancelled.
Result<PictureCheck> checkCodedAnew(const VideoExportPlan& plan, const std::string& writtenPath,
                                    const JobControl& job);

/// Either, with the take read once more. \param plan with its cut, where it is of a piece.
/// Errors: CannotRead, Cancelled.
Result<PictureCheck> checkPicture(const VideoExportPlan& plan, const std::string& writtenPath,
                                  const JobControl& job);

}  // namespace brisk
