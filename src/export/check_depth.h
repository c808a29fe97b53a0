// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How closely a written file is looked at before it is called good, and what that look has seen.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace brisk {

enum class CheckDepth {
    Sound,     ///< Every sound; of the picture only that it is there.
    Pictures,  ///< Every coded picture, too, as the system holds the file.
    Disk,      ///< The same, from the disk itself: written out and dropped from memory first.
};

struct CheckDepthName {
    CheckDepth depth;
    std::string_view name;  ///< For the command line and what is remembered.
};
constexpr std::array<CheckDepthName, 3> kCheckDepths{
    {{CheckDepth::Sound, "sound"}, {CheckDepth::Pictures, "pictures"}, {CheckDepth::Disk, "disk"}}};

/// Nothing for any other word.
constexpr std::optional<CheckDepth> checkDepthNamed(std::string_view name) {
    for (const CheckDepthName& d : kCheckDepths) {
        if (d.name == name) return d.depth;
    }
    return std::nullopt;
}

}  // namespace brisk
