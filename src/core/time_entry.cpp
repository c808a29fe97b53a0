// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/time_entry.h"

#include <algorithm>
#include <charconv>
#include <optional>

namespace brisk {
namespace {

/// Plain digits for what the program itself prints: real minus signs, thin spaces, capitals.
std::string plain(const std::string& text) {
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text.compare(i, 3, "\xe2\x88\x92") == 0) {
            out += '-';
            i += 2;
        } else if (text.compare(i, 3, "\xe2\x80\x89") == 0) {
            i += 2;
        } else if (text[i] != ' ' && text[i] != '\t') {
            out += static_cast<char>(std::tolower(static_cast<unsigned char>(text[i])));
        }
    }
    std::replace(out.begin(), out.end(), ',', '.');
    return out;
}

std::optional<double> number(std::string_view s) {
    double v = 0;
    const auto [end, problem] = std::from_chars(s.data(), s.data() + s.size(), v);
    if (problem != std::errc{} || end != s.data() + s.size() || s.empty() || v < 0) {
        return std::nullopt;
    }
    return v;
}

/// "1:02:03.5" and "2:03.5" and "3.5".
std::optional<double> clockSeconds(std::string_view s) {
    double total = 0;
    for (int part = 0; part < 3; ++part) {
        const auto colon = s.find(':');
        const auto v = number(s.substr(0, colon));
        if (!v || (part > 0 && *v >= 60)) return std::nullopt;
        total = total * 60 + *v;
        if (colon == std::string_view::npos) return total;
        s.remove_prefix(colon + 1);
    }
    return std::nullopt;
}

/// The amount without sign, in seconds.
std::optional<double> amount(std::string_view s, const EntryUnits& units) {
    const auto letter = std::find_if(s.begin(), s.end(), [](char c) { return c >= 'a'; });
    const std::string_view digits = s.substr(0, static_cast<std::size_t>(letter - s.begin()));
    const std::string_view unit = s.substr(digits.size());
    if (unit.empty()) return clockSeconds(digits);
    const auto v = number(digits);
    if (!v) return std::nullopt;
    if (unit == "s" || unit == "sec" || unit == "seconds") return *v;
    if (unit == "ms" || unit == "milliseconds") return *v * 1e-3;
    if (unit == "f" || unit == "frame" || unit == "frames") {
        return *v / std::max(1e-9, units.frameRate.value());
    }
    if (unit == "sample" || unit == "samples") return *v / units.sampleRate.hertz;
    return std::nullopt;
}

}  // namespace

Result<TimeEntry> parseTimeEntry(const std::string& text, const EntryUnits& units) {
    const std::string typed = plain(text);
    std::string_view s = typed;
    const bool absolute = s.starts_with('=');
    if (absolute) s.remove_prefix(1);
    const bool minus = s.starts_with('-');
    const bool hasSign = minus || s.starts_with('+');
    if (hasSign) s.remove_prefix(1);
    const auto v = amount(s, units);
    if (!v) {
        return fail(ErrorCode::BadEntry, {"no-time-typed", {{"text", text}}});
    }
    return TimeEntry{{minus ? -*v : *v}, hasSign && !absolute};
}

}  // namespace brisk
