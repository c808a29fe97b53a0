// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The one way from JSON to text and back: a name that is not UTF-8 is shown with replacement
/// characters and ends no program. For whoever has linked nlohmann_json.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

namespace brisk {

/// \param indent  -1 = all on one line.
template <class Json>
std::string jsonText(const Json& j, int indent = -1) {
    return j.dump(indent, ' ', false, Json::error_handler_t::replace);
}

/// Whether brackets are nested deeper than any file of ours: such a value cannot be taken apart
/// again without running out of stack.
inline bool nestsTooDeep(std::string_view text) {
    constexpr int kMaxDepth = 100;
    int depth = 0;
    bool quoted = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '\\') ++i;
            if (c == '"') quoted = false;
        } else if (c == '"') {
            quoted = true;
        } else if (c == '[' || c == '{') {
            if (++depth > kMaxDepth) return true;
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return false;
}

/// What a text from elsewhere says; a discarded value where it is no JSON, or nests too deep.
template <class Json>
Json jsonFrom(std::string_view text) {
    if (nestsTooDeep(text)) return Json(Json::value_t::discarded);
    return Json::parse(text, nullptr, false);
}

}  // namespace brisk
