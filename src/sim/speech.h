// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A made-up person's voice, from the packaged speech synthesiser espeak-ng.
#pragma once

#include <string>
#include <vector>

#include "core/result.h"

namespace brisk::sim {

struct Voice {
    std::string name = "en-gb";
    int wordsPerMinute = 155;
    int pitch = 45;  ///< 0..100
};

/// Mono at 48 kHz, peak about 0.5. Threads: safe.
/// Errors: CannotRead when its voices are not installed.
Result<std::vector<float>> speak(const std::string& sentence, const Voice& voice);

}  // namespace brisk::sim
