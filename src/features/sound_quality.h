// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be said of a sound before anyone listens to it: level, noise, clipping, sides, and how
/// clear it is. Shown side by side; nothing is chosen by it.
///
///     SoundQuality q = qualityOf(scan);
///     Facts hint = betterSound(qualityOf(take), qualityOf(recording));
#pragma once

#include <cstdint>
#include <string>

#include "core/fact.h"
#include "features/sound_scan.h"

namespace brisk {

struct SoundQuality {
    double levelLufs = 0;
    double noiseDb = 0;  ///< RMS of the quietest tenth, of full scale.
    std::int64_t clipped = 0;
    bool oneSided = false;
    /// How far the sound falls within a tenth of a second where it falls fast, in dB: echo holds it
    /// up. 0 where nothing is loud enough to tell.
    double clarityDb = 0;
};

/// Errors: none; of a silent sound everything is at its least.   Threads: safe.
SoundQuality qualityOf(const SoundScan& scan);

/// Which of the two is the better sound, and by what; or that they are alike.
Facts betterSound(const SoundQuality& camera, const SoundQuality& clean);

}  // namespace brisk
