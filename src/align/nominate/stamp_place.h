// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where the time stamps of two files have a take: a camera's timecode against a recorder's bext
/// time reference, or the creation times of both.
///
///     auto place = stampPlace(take.info, recording.info);
///     place->line.offset, place->doubt
#pragma once

#include <optional>
#include <string>

#include "core/clock_line.h"
#include "core/fact.h"
#include "core/rational.h"
#include "media/read/media_info.h"

namespace brisk {

struct StampPlace {
    ClockLine line;  ///< Take time to recording time; drift 0.
    Seconds doubt;   ///< How far such stamps are usually out, when clocks were set together.
    Fact sources;    ///< Which stamps: "timecode 09:12:40:05 and time reference 09:12:05".
};

/// Nothing where one of the two carries no stamp of a kind that can be compared.
std::optional<StampPlace> stampPlace(const MediaInfo& take, const MediaInfo& recording);

/// Seconds since midnight of "hh:mm:ss:ff", or of "hh:mm:ss;ff" which drops frame numbers.
/// Source: SMPTE ST 12-1, drop-frame counting. Nothing for other text.
std::optional<Seconds> timecodeSeconds(const std::string& text, Rational rate);

/// The shortest way round midnight: 23:58 to 0:20 is 22 minutes, and not the day less that.
Seconds withinHalfDay(Seconds difference);

/// Seconds since 1970 of an ISO 8601 time such as "2026-05-04T09:12:40.000000Z".
std::optional<Seconds> isoSeconds(const std::string& text);

}  // namespace brisk
