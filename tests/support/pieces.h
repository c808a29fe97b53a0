// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A clean sound made of one recording on one line.
#pragma once

#include "render/take_sound.h"

namespace brisk::test {

inline CleanPieces piece(const SoundScan& recording, ClockLine line) {
    return {{std::make_shared<const SoundScan>(recording), line}};
}

/// The same as what a take sounds like, with nothing chosen.
inline TakeSoundPlan soundOf(const SoundScan& take, const SoundScan& recording, ClockLine line) {
    return {std::make_shared<const SoundScan>(take), piece(recording, line)};
}

inline TakeSoundPlan planOf(std::shared_ptr<const SoundScan> take,
                            std::shared_ptr<const SoundScan> recording, ClockLine line) {
    return {std::move(take), {{std::move(recording), line}}};
}

}  // namespace brisk::test
