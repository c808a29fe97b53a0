// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Puts pieces of a take that were written as files into one without gaps: pictures copied packet
/// for packet, sounds coded once more from samples that lost nothing. Pieces must not hide anything
/// before their beginning: edit lists with several entries are shown differently by every program.
///
///     JoinPlan plan{.pieces = {"a.mov", "b.mov"}, .target = temporary, .format = "mov",
///                   .sounds = specs};
///     auto joined = joinPieces(plan, job);    // what the file must hold now
#pragma once

#include <string>
#include <vector>

#include "media/write/take_remux.h"

namespace brisk {

struct JoinPlan {
    std::vector<std::string> pieces;  ///< Of one coding, each with as many sounds as `sounds`.
    std::string target;               ///< An existing file there is overwritten.
    std::string format;               ///< libav's muxer name.
    std::vector<SoundTrackSpec> sounds;
};

struct Joined {
    PacketList pictures;
    std::vector<RemuxedSound> sounds;
    Seconds length;
};

/// Errors: CannotRead, CannotWrite (also where the pieces are not of one coding, or hide pictures),
/// Cancelled. On an error the target is left for the caller to remove.
/// Threads: safe for distinct targets.
Result<Joined> joinPieces(const JoinPlan& plan, const JobControl& job);

}  // namespace brisk
