// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// An exact fraction, for frame rates, time bases, and times that must add up without rounding.
/// Never a floating 29.97.
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

    /// Reduced. Numerator and denominator of what comes out must fit into 63 bits.
    friend Rational operator+(Rational a, Rational b) {
        return reducedWide(static_cast<Wide>(a.num) * b.den + static_cast<Wide>(b.num) * a.den,
                           static_cast<Wide>(a.den) * b.den);
    }
    friend Rational operator-(Rational a, Rational b) { return a + Rational{-b.num, b.den}; }
    friend Rational operator*(Rational a, Rational b) {
        return reducedWide(static_cast<Wide>(a.num) * b.num, static_cast<Wide>(a.den) * b.den);
    }
    friend Rational operator/(Rational a, Rational b) {
        return reducedWide(static_cast<Wide>(a.num) * b.den, static_cast<Wide>(a.den) * b.num);
    }
    friend bool operator<(Rational a, Rational b) {
        return static_cast<Wide>(a.num) * b.den < static_cast<Wide>(b.num) * a.den;
    }
    /// The whole number nearest to it; halves go up.
    [[nodiscard]] std::int64_t rounded() const {
        const Wide n = 2 * static_cast<Wide>(num) + den, d = 2 * static_cast<Wide>(den);
        return static_cast<std::int64_t>(n / d - (n % d < 0 ? 1 : 0));
    }

  private:
    static Rational reducedWide(Wide n, Wide d) {
        if (d < 0) {
            n = -n;
            d = -d;
        }
        Wide a = n < 0 ? -n : n, b = d;
        while (b != 0) {
            const Wide rest = a % b;
            a = b;
            b = rest;
        }
        if (a == 0) return {0, 1};
        return {static_cast<std::int64_t>(n / a), static_cast<std::int64_t>(d / a)};
    }
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
