// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Numbers as text for files and sentences: always with a point, whatever the desktop's language
/// (printf writes a comma where the process has taken over a locale that does).
///
///     fixedText(-0.25, 1)        // "-0.2"
///     paddedText(7, 3)           // "007"
///     numberIn("12.5")           // 12.5
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>

namespace brisk {

/// With so many digits after the point.
std::string fixedText(double v, int decimals);

/// A whole number of at least `digits` digits, zeros before it.
std::string paddedText(std::int64_t v, int digits);

/// The number that a text is, all of it; nothing for any other text.
std::optional<double> numberIn(std::string_view text);

}  // namespace brisk
