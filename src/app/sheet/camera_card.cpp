// SPDX-License-Identifier: GPL-3.0-or-later
// Source: JEITA CP-3461 (DCF) for DCIM; PRIVATE stands beside it on SD cards (SD Association).
// Removable media are mounted below /media and /run/media (udisks).
#include "app/sheet/camera_card.h"

#include <algorithm>

namespace brisk::app {
namespace fs = std::filesystem;
namespace {

bool hasCardFolders(const fs::path& folder) {
    std::error_code ec;
    return fs::is_directory(folder / "DCIM", ec) || fs::is_directory(folder / "PRIVATE", ec);
}

}  // namespace

bool isOnCard(const fs::path& folder) {
    if (folder.empty()) return false;
    const fs::path whole = fs::absolute(folder).lexically_normal();
    const bool named = std::any_of(whole.begin(), whole.end(), [](const fs::path& part) {
        return part == "DCIM" || part == "PRIVATE";
    });
    const std::string text = whole.string();
    if (named || text.starts_with("/media/") || text.starts_with("/run/media/")) return true;
    for (fs::path at = whole; at.has_relative_path(); at = at.parent_path()) {
        if (hasCardFolders(at)) return true;
    }
    return false;
}

}  // namespace brisk::app
