// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The one way from JSON to text: a file name that is not UTF-8 is shown with replacement
/// characters and ends no program. For whoever has linked nlohmann_json.
#pragma once

#include <nlohmann/json.hpp>
#include <string>

namespace brisk {

/// \param indent  -1 = all on one line.
template <class Json>
std::string jsonText(const Json& j, int indent = -1) {
    return j.dump(indent, ' ', false, Json::error_handler_t::replace);
}

}  // namespace brisk
