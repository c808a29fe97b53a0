// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Ways to lay a take on a recording that measure nothing: by their time stamps, by their starts,
/// by their ends, where a person says. What is laid so waits for an ear, and says which way it was
/// laid.
///
///     if (auto c = layBy(PlaceWay::BothStarts, state, take, recording, takeScan, recordingScan))
///         shoot.apply(*c);
#pragma once

#include <optional>
#include <utility>
#include <vector>

#include "features/sound_scan.h"
#include "shoot/shoot.h"

namespace brisk {

enum class PlaceWay {
    Stamps,      ///< As stampPlace has it.
    BothStarts,  ///< The first picture where the recording begins.
    BothEnds,    ///< The end of the take where the recording ends.
};

/// Where a person says. \param offset  recording time at which the take begins.
/// \param reason  what is said of the place: "laid-as-typed", "laid-by-claps".
Command layAt(const ShootState& now, int take, int recording, Seconds offset, const Fact& reason);

/// Nothing where the two carry no stamps that can be compared.
std::optional<Command> layBy(PlaceWay way, const ShootState& now, int take, int recording,
                             const SoundScan& takeScan, const SoundScan& recordingScan);

using KnownRecordings = std::vector<std::pair<int, const SoundScan*>>;

/// The recording on which the time stamps have most of a take; 0 where they have it on none.
int stampedRecording(const SoundScan& take, const KnownRecordings& recordings);

/// Several takes laid in one step of the history.
Command together(std::vector<Command> each);

}  // namespace brisk
