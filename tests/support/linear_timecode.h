// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Linear timecode as a generator sends it, for tests. Made by libltc's encoder.
#pragma once

#include <ltc.h>

#include <cmath>
#include <cstdio>
#include <string>
#include <vector>

#include "core/rational.h"

namespace brisk::test {

/// From a timecode on. The encoder rounds each frame to whole samples; where frames have none, each
/// begins on the sample nearest to where it belongs.
inline std::vector<float> linearTimecode(const std::string& start, Rational rate, bool drop,
                                         double seconds, int hertz) {
    LTCEncoder* encoder = ltc_encoder_create(hertz, rate.value(), LTC_TV_FILM_24, LTC_USE_DATE);
    SMPTETimecode t{};
    int h = 0, m = 0, s = 0, f = 0;
    std::sscanf(start.c_str(), "%d:%d:%d%*c%d", &h, &m, &s, &f);
    t.hours = static_cast<unsigned char>(h);
    t.mins = static_cast<unsigned char>(m);
    t.secs = static_cast<unsigned char>(s);
    t.frame = static_cast<unsigned char>(f);
    ltc_encoder_set_timecode(encoder, &t);
    LTCFrame frame;
    ltc_encoder_get_frame(encoder, &frame);
    frame.dfbit = drop ? 1 : 0;
    ltc_encoder_set_frame(encoder, &frame);
    std::vector<float> out;
    const double perFrame = hertz / rate.value();
    for (std::size_t n = 1; static_cast<double>(out.size()) < seconds * hertz; ++n) {
        ltc_encoder_encode_frame(encoder);
        std::vector<ltcsnd_sample_t> block(ltc_encoder_get_buffersize(encoder));
        const int got = ltc_encoder_copy_buffer(encoder, block.data());
        for (int i = 0; i < got; ++i) {
            out.push_back((static_cast<float>(block[static_cast<std::size_t>(i)]) - 128) / 150);
        }
        out.resize(static_cast<std::size_t>(std::llround(static_cast<double>(n) * perFrame)),
                   out.empty() ? 0.0f : out.back());
        ltc_encoder_inc_timecode(encoder);
    }
    ltc_encoder_free(encoder);
    out.resize(static_cast<std::size_t>(seconds * hertz));
    return out;
}

}  // namespace brisk::test
