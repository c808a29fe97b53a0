// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/stamp_place.h"

#include <chrono>
#include <cmath>
#include <cstdio>

#include "core/time_text.h"

namespace brisk {
namespace {

constexpr double kDay = 86400;

/// The shortest way round midnight.
double withinHalfDay(double seconds) {
    return seconds - kDay * std::round(seconds / kDay);
}

}  // namespace

std::optional<Seconds> timecodeSeconds(const std::string& text, Rational rate) {
    int h = 0, m = 0, s = 0, f = 0;
    char mark = 0, rest = 0;
    if (std::sscanf(text.c_str(), "%2d:%2d:%2d%c%2d%c", &h, &m, &s, &mark, &f, &rest) != 5 ||
        (mark != ':' && mark != ';' && mark != '.') || h > 23 || m > 59 || s > 59 || h < 0 ||
        m < 0 || s < 0 || f < 0 || rate.value() <= 0) {
        return std::nullopt;
    }
    const auto nominal = static_cast<int>(std::lround(rate.value()));
    if (f >= nominal) return std::nullopt;
    std::int64_t frames = (static_cast<std::int64_t>(h * 60 + m) * 60 + s) * nominal + f;
    const bool fractional = std::fabs(rate.value() - nominal) > 1e-6;
    if (mark != ':' && fractional && nominal % 30 == 0) {
        // Two numbers (four at 60) are left out each minute, bar every tenth.
        const std::int64_t minutes = h * 60 + m;
        frames -= nominal / 15 * (minutes - minutes / 10);
    }
    return Seconds{static_cast<double>(frames) / rate.value()};
}

std::optional<Seconds> isoSeconds(const std::string& text) {
    int y = 0, mo = 0, d = 0, h = 0, mi = 0;
    double s = 0;
    if (std::sscanf(text.c_str(), "%4d-%2d-%2d%*1[T ]%2d:%2d:%lf", &y, &mo, &d, &h, &mi, &s) != 6) {
        return std::nullopt;
    }
    using namespace std::chrono;
    const year_month_day date{year{y}, month{static_cast<unsigned>(mo)},
                              day{static_cast<unsigned>(d)}};
    if (!date.ok()) return std::nullopt;
    const auto days = sys_days{date}.time_since_epoch().count();
    return Seconds{static_cast<double>(days) * kDay + h * 3600 + mi * 60 + s};
}

std::optional<StampPlace> stampPlace(const MediaInfo& take, const MediaInfo& recording) {
    const auto& a = take.stamps;
    const auto& r = recording.stamps;
    if (take.video && !a.timecode.empty() && r.bextReference) {
        if (const auto t = timecodeSeconds(a.timecode, take.video->rate)) {
            return StampPlace{
                {{withinHalfDay(t->value - r.bextReference->value)}, {0}},
                {2.0},
                "timecode " + a.timecode + " and time reference " + clockText(*r.bextReference, 2)};
        }
    }
    if (a.bextReference && r.bextReference) {  // two recorders
        return StampPlace{{{withinHalfDay(a.bextReference->value - r.bextReference->value)}, {0}},
                          {2.0},
                          "both time references"};
    }
    const auto t = isoSeconds(a.creationTime);
    const auto c = isoSeconds(r.creationTime);
    if (t && c) return StampPlace{{{(*t - *c).value}, {0}}, {10.0}, "both creation times"};
    return std::nullopt;
}

}  // namespace brisk
