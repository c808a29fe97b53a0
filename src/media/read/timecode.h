// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Timecodes in words and as counts of pictures, by libavutil.
///
///     auto t = readTimecode("00:01:00;02", {30000, 1001});   // frame 1800, numbers are dropped
///     timecodeText({t->frame + 1, t->drop}, {30000, 1001});  // "00:01:00;03"
#pragma once

#include <cstdint>
#include <optional>
#include <string>

#include "core/rational.h"

namespace brisk {

struct Timecode {
    std::int64_t frame = 0;  ///< Pictures since midnight.
    bool drop = false;       ///< Numbers are left out so that it keeps to the clock; "hh:mm:ss;ff".
    friend bool operator==(const Timecode&, const Timecode&) = default;
};

/// Nothing for other text, and for numbers that there are not at this rate.
/// Source: SMPTE ST 12-1.
std::optional<Timecode> readTimecode(const std::string& text, Rational rate);

/// Wraps around at midnight.
std::string timecodeText(Timecode timecode, Rational rate);

}  // namespace brisk
