// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What GStreamer presents of a file: a second witness, whose demuxers share no code with libav's.
#pragma once

#include <optional>
#include <string>
#include <vector>

namespace brisk::test {

struct Presented {
    std::vector<float> sound;  ///< The first sound, mono at 48 kHz, from the first picture on.
    std::size_t pictures = 0;
    double soundFrom = 0;  ///< Seconds of the first sample after the first picture.
};

/// Nothing where it cannot play the file; the test that asks decides what that means.
std::optional<Presented> presentedByGStreamer(const std::string& path);

}  // namespace brisk::test
