// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/timecode.h"

#include <cmath>
#include <cstdio>

#include "media/read/av_handles.h"

extern "C" {
#include <libavutil/timecode.h>
}

namespace brisk {
namespace {

int picturesASecond(Rational rate) {
    return static_cast<int>(std::lround(rate.value()));
}

/// Numbers can be dropped where a second has not quite 30 or 60 pictures.
bool canDrop(Rational rate) {
    return picturesASecond(rate) % 30 == 0 && picturesASecond(rate) > 0 &&
           std::fabs(rate.value() - picturesASecond(rate)) > 1e-6;
}

}  // namespace

std::optional<Timecode> readTimecode(const std::string& text, Rational rate) {
    int h = 0, m = 0, s = 0, f = 0;
    char mark = 0, rest = 0;
    if (rate.num <= 0 || rate.den <= 0 || picturesASecond(rate) < 1 ||
        std::sscanf(text.c_str(), "%2d:%2d:%2d%c%2d%c", &h, &m, &s, &mark, &f, &rest) != 5 ||
        (mark != ':' && mark != ';' && mark != '.') || h < 0 || h > 23 || m < 0 || m > 59 ||
        s < 0 || s > 59 || f < 0 || f >= picturesASecond(rate)) {
        return std::nullopt;
    }
    AVTimecode t{};
    const bool drop = mark != ':' && canDrop(rate);
    if (av_timecode_init_from_components(&t, av::toAv(rate), drop ? AV_TIMECODE_FLAG_DROPFRAME : 0,
                                         h, m, s, f, nullptr) < 0) {
        return std::nullopt;
    }
    return Timecode{t.start, drop};
}

std::string timecodeText(Timecode timecode, Rational rate) {
    const std::int64_t fps = std::max(1, picturesASecond(rate));
    const bool drop = timecode.drop && canDrop(rate);
    // Of each ten minutes, nine leave out two numbers at 30 pictures a second, four at 60.
    const std::int64_t day = 86400 * fps - (drop ? 144 * 9 * (fps / 15) : 0);
    AVTimecode t{};
    char text[AV_TIMECODE_STR_SIZE];
    av_timecode_init(&t, av::toAv(rate),
                     AV_TIMECODE_FLAG_24HOURSMAX | (drop ? AV_TIMECODE_FLAG_DROPFRAME : 0), 0,
                     nullptr);
    const auto frame = static_cast<int>((timecode.frame % day + day) % day);
    return av_timecode_make_string(&t, text, frame);
}

}  // namespace brisk
