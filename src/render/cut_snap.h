// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where a cut is heard least near the place that a hand chose: just before a sound begins, or in a
/// pause.
///
///     SnappedCut cut = snapCut(heardPieces, playhead);   // cut.at, cut.where
#pragma once

#include "render/clean_sound.h"

namespace brisk {

enum class CutPlace {
    AsChosen,     ///< Nothing better is near.
    InPause,      ///< It lay in a pause already, or does now.
    BeforeOnset,  ///< A hundredth of a second before a sound begins.
};

struct SnappedCut {
    Seconds at;
    CutPlace where = CutPlace::AsChosen;
};

/// \param heard  on take time; its first piece at that moment is listened to.
/// Moves by a third of a second at most. Reads nothing: the levels of the scans suffice.
/// Threads: safe.
SnappedCut snapCut(const CleanPieces& heard, Seconds at);

}  // namespace brisk
