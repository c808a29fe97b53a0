// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From a take's tethers to the pieces its clean sound is made of.
#pragma once

#include <functional>

#include "render/clean_sound.h"
#include "shoot/shoot_state.h"

namespace brisk {

/// On which line the clean sound lies.
enum class PieceLines {
    Acoustic,  ///< As the camera's microphone heard it: what is measured and drawn.
    Heard,     ///< As the picture has it: less the sound's way to the camera.
};

/// The scan of a file of the shoot; null while it is not known.
using ScanOf = std::function<std::shared_ptr<const SoundScan>(int media)>;

/// The pieces of one tether: several where its recording jumps.
CleanPieces tetherPieces(const Tether& tether, const std::shared_ptr<const SoundScan>& recording,
                         PieceLines lines);

/// What is heard in a take, in order of time; recordings that are not known yet are left out, and
/// so are other microphones'.   Threads: safe.
CleanPieces takePieces(const ShootState& state, int take, PieceLines lines, const ScanOf& scanOf);

/// The same for the microphones that are kept beside it, one each: the files of one recorder are
/// one sound.   Threads: safe.
std::vector<CleanPieces> besidePieces(const ShootState& state, int take, PieceLines lines,
                                      const ScanOf& scanOf);

}  // namespace brisk
