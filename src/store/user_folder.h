// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where this program keeps things of a user, as the XDG base directories have it.
///
///     userFolder("XDG_CACHE_HOME", ".cache")   // ~/.cache/brisk-tether
#pragma once

#include <cstdlib>
#include <filesystem>

namespace brisk {

/// Empty where neither the variable nor a home folder is set.
inline std::filesystem::path userFolder(const char* variable, const char* belowHome) {
    const auto set = [](const char* name) -> std::filesystem::path {
        const char* value = std::getenv(name);
        return value ? value : "";
    };
    if (const auto own = set(variable); !own.empty()) return own / "brisk-tether";
    const auto home = set("HOME");
    return home.empty() ? home : home / belowHome / "brisk-tether";
}

}  // namespace brisk
