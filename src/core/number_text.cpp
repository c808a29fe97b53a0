// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/number_text.h"

#include <array>
#include <charconv>

namespace brisk {

std::string fixedText(double v, int decimals) {
    std::array<char, 400> text;  // the largest double has 309 digits
    const auto end = std::to_chars(text.data(), text.data() + text.size(), v,
                                   std::chars_format::fixed, decimals);
    return end.ec == std::errc() ? std::string(text.data(), end.ptr) : std::string("0");
}

std::string paddedText(std::int64_t v, int digits) {
    std::string text = std::to_string(v < 0 ? -v : v);
    const auto wanted = static_cast<std::size_t>(digits);
    if (text.size() < wanted) text.insert(0, wanted - text.size(), '0');
    return v < 0 ? "-" + text : text;
}

std::optional<double> numberIn(std::string_view text) {
    double v = 0;
    const char* end = text.data() + text.size();
    const auto read = std::from_chars(text.data(), end, v);
    if (read.ec != std::errc() || read.ptr != end) return std::nullopt;
    return v;
}

}  // namespace brisk
