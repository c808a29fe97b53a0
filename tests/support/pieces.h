// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A clean sound made of one recording on one line.
#pragma once

#include "render/clean_sound.h"

namespace brisk::test {

inline CleanPieces piece(const SoundScan& recording, ClockLine line) {
    return {{std::make_shared<const SoundScan>(recording), line}};
}

}  // namespace brisk::test
