// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A stretch of a take that a person wants quieter, or heard although claps are quiet.
#pragma once

#include "core/units.h"

namespace brisk {

enum class QuietSide { Clean, Camera, Both };

struct QuietStretch {
    /// What is left where it is silent, in dB.
    static constexpr double kSilent = -120;

    TimeRange range;      ///< Take time.
    double db = kSilent;  ///< 0 = heard as it is: a clap in it is not made quiet.
    QuietSide side = QuietSide::Clean;
    [[nodiscard]] bool clean() const { return side != QuietSide::Camera; }
    [[nodiscard]] bool camera() const { return side != QuietSide::Clean; }
    friend bool operator==(const QuietStretch&, const QuietStretch&) = default;
};

}  // namespace brisk
