// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// An exact fraction, for frame rates and time bases. Never a floating 29.97.
///
///     Rational ntsc{30000, 1001};
///     ntsc.value();  // 29.97002997...
#pragma once

#include <cstdint>
#include <numeric>
#include <string>

namespace brisk {

__extension__ typedef __int128 Wide;

struct Rational {
    std::int64_t num = 0;
    std::int64_t den = 1;

    [[nodiscard]] double value() const {
        return den == 0 ? 0.0 : static_cast<double>(num) / static_cast<double>(den);
    }
    [[nodiscard]] Rational inverse() const { return {den, num}; }
    [[nodiscard]] Rational reduced() const {
        const std::int64_t g = std::gcd(num, den);
        return g == 0 ? *this : Rational{num / g, den / g};
    }
    [[nodiscard]] std::string text() const {
        return std::to_string(num) + "/" + std::to_string(den);
    }
    friend bool operator==(const Rational&, const Rational&) = default;
};

/// Seconds of `ticks` in `base`, splitting whole seconds off first so that hours keep full
/// precision.
inline double ticksToSeconds(std::int64_t ticks, Rational base) {
    const auto n = static_cast<Wide>(ticks) * base.num;
    const auto whole = static_cast<std::int64_t>(n / base.den);
    const auto rest = static_cast<std::int64_t>(n % base.den);
    return static_cast<double>(whole) + static_cast<double>(rest) / static_cast<double>(base.den);
}

}  // namespace brisk
