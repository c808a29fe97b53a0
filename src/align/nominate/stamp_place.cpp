// SPDX-License-Identifier: GPL-3.0-or-later
// Two clocks of a day, subtracted. Why the day is taken modulo 24 hours: a take at 00:01 belongs
// to a recording begun at 23:58, and the plain difference says 23 hours and 57 minutes.
#include "align/nominate/stamp_place.h"

#include <chrono>
#include <cmath>
#include <cstdio>

#include "core/number_text.h"
#include "media/read/timecode.h"

namespace brisk {
namespace {

constexpr double kDay = 86400;

/// Both sounds carry timecode: told to a sample or so, clocks included. Or one of them, against a
/// clock that was set by hand or by the same timecode.
std::optional<StampPlace> placeByTimecodeInSound(const MediaInfo& take,
                                                 const MediaInfo& recording) {
    const auto &t = take.stamps.inSound, &r = recording.stamps.inSound;
    if (t && r) {
        const Seconds atZero = t->atFirstSample - take.soundStartInTake() * t->drift.factor();
        const Seconds offset = withinHalfDay(atZero - r->atFirstSample) / r->drift.factor();
        const double factor = t->drift.factor() / r->drift.factor();
        return StampPlace{{offset, {(factor - 1) * 1e6}},
                          {0.02},
                          {"timecodes-in-sound", {{"take", t->text}, {"recording", r->text}}}};
    }
    if (t && recording.stamps.bextReference) {
        const Seconds atZero = t->atFirstSample - take.soundStartInTake();
        return StampPlace{
            {withinHalfDay(atZero - *recording.stamps.bextReference), {0}},
            {2.0},
            {"timecode-and-reference",
             {{"timecode", t->text}, {"reference", *recording.stamps.bextReference}}}};
    }
    if (r && take.video && !take.stamps.timecode.empty()) {
        const auto atZero = timecodeSeconds(take.stamps.timecode, take.video->rate);
        if (!atZero) return std::nullopt;
        return StampPlace{
            {withinHalfDay(*atZero - r->atFirstSample), {0}},
            {2.0},
            {"timecode-against-sound", {{"take", take.stamps.timecode}, {"recording", r->text}}}};
    }
    return std::nullopt;
}

}  // namespace

Seconds withinHalfDay(Seconds difference) {
    return difference - Seconds{kDay * std::round(difference.value / kDay)};
}

std::optional<Seconds> timecodeSeconds(const std::string& text, Rational rate) {
    const auto t = readTimecode(text, rate);
    if (!t) return std::nullopt;
    return Seconds{ticksToSeconds(t->frame, rate.inverse())};
}

std::optional<Seconds> isoSeconds(const std::string& text) {
    int y = 0, mo = 0, d = 0, h = 0, mi = 0;
    int at = 0;
    if (std::sscanf(text.c_str(), "%4d-%2d-%2d%*1[T ]%2d:%2d:%n", &y, &mo, &d, &h, &mi, &at) != 5 ||
        at == 0) {
        return std::nullopt;
    }
    const std::string rest = text.substr(static_cast<std::size_t>(at));
    const auto seconds = numberIn(rest.substr(0, rest.find_first_not_of("0123456789.")));
    if (!seconds) return std::nullopt;
    using namespace std::chrono;
    const year_month_day date{year{y}, month{static_cast<unsigned>(mo)},
                              day{static_cast<unsigned>(d)}};
    if (!date.ok()) return std::nullopt;
    const auto days = sys_days{date}.time_since_epoch().count();
    return Seconds{static_cast<double>(days) * kDay + h * 3600 + mi * 60 + *seconds};
}

std::optional<StampPlace> stampPlace(const MediaInfo& take, const MediaInfo& recording) {
    const auto& a = take.stamps;
    const auto& r = recording.stamps;
    if (auto place = placeByTimecodeInSound(take, recording)) return place;
    if (take.video && !a.timecode.empty() && r.bextReference) {
        if (const auto t = timecodeSeconds(a.timecode, take.video->rate)) {
            return StampPlace{{withinHalfDay(*t - *r.bextReference), {0}},
                              {2.0},
                              {"timecode-and-reference",
                               {{"timecode", a.timecode}, {"reference", *r.bextReference}}}};
        }
    }
    if (a.bextReference && r.bextReference) {  // two recorders
        return StampPlace{
            {withinHalfDay(*a.bextReference - *r.bextReference), {0}}, {2.0}, {"both-references"}};
    }
    const auto t = isoSeconds(a.creationTime);
    const auto c = isoSeconds(r.creationTime);
    if (t && c) return StampPlace{{{(*t - *c).value}, {0}}, {10.0}, {"both-creation-times"}};
    return std::nullopt;
}

}  // namespace brisk
