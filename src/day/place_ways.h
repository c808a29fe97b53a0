// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Ways to lay a take on a recording that measure nothing: by their time stamps, by their starts,
/// by their ends. What is laid so waits for an ear, and says which way it was laid.
///
///     if (auto c = layBy(PlaceWay::BothStarts, state, take, recording, takeScan, recordingScan))
///         shoot.apply(*c);
#pragma once

#include <optional>

#include "features/sound_scan.h"
#include "shoot/shoot.h"

namespace brisk {

enum class PlaceWay {
    Stamps,      ///< As stampPlace has it.
    BothStarts,  ///< The first picture where the recording begins.
    BothEnds,    ///< The end of the take where the recording ends.
};

/// Nothing where the two carry no stamps that can be compared.
std::optional<Command> layBy(PlaceWay way, const ShootState& now, int take, int recording,
                             const SoundScan& takeScan, const SoundScan& recordingScan);

}  // namespace brisk
