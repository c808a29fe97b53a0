// SPDX-License-Identifier: GPL-3.0-or-later
// Rounds once, in integer units of the last digit, so that 59.9996 never becomes "0:00:60.000".
#include "core/time_text.h"

#include <cmath>
#include <cstdlib>

#include "core/number_text.h"

namespace brisk {
namespace {
constexpr const char* kMinus = "\u2212";
constexpr const char* kThinSpace = "\u2009";
}  // namespace

std::string clockText(Seconds t, int decimals) {
    long long unit = 1;
    for (int i = 0; i < decimals; ++i) unit *= 10;
    const long long all = std::llround(std::fabs(t.value) * static_cast<double>(unit));
    const long long s = all / unit;
    const std::string text =
        std::to_string(s / 3600) + ":" + paddedText(s / 60 % 60, 2) + ":" + paddedText(s % 60, 2);
    std::string out = (t.value < 0 && all != 0) ? std::string(kMinus) + text : text;
    if (decimals > 0) {
        const std::string rest = std::to_string(all % unit);
        out += "." + std::string(static_cast<std::size_t>(decimals) - rest.size(), '0') + rest;
    }
    return out;
}

std::string slipText(Seconds slip) {
    const double ms = slip.milliseconds();
    return signedText(ms, std::fabs(ms) < 0.1 ? 2 : 1) + " ms";
}

std::string spanText(Seconds length) {
    return std::fabs(length.value) < 1 ? slipText(length) : signedText(length.value, 1) + " s";
}

std::string signedText(double v, int decimals) {
    const std::string text = fixedText(std::fabs(v), decimals);
    const bool zero = text.find_first_not_of("0.") == std::string::npos;
    return (v < 0 && !zero ? kMinus : "") + text;
}

std::string groupedText(long long n) {
    std::string digits = std::to_string(std::llabs(n));
    for (int i = static_cast<int>(digits.size()) - 3; i > 0; i -= 3) {
        digits.insert(static_cast<std::size_t>(i), kThinSpace);
    }
    return n < 0 ? kMinus + digits : digits;
}

std::string framesText(Seconds t, Rational frameRate) {
    const double frames = t.value * frameRate.value();
    auto whole = static_cast<long long>(std::floor(frames));
    double rest = std::round((frames - static_cast<double>(whole)) * 100) / 100;
    if (rest >= 1.0) {
        ++whole;
        rest = 0;
    }
    return groupedText(whole) + " frames + " + fixedText(rest, 2);
}

std::string rateText(Rational frameRate) {
    const double v = frameRate.value();
    return fixedText(v, v == std::round(v) ? 0 : 2) + " fps";
}

}  // namespace brisk
