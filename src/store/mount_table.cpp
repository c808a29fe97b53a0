// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/mount_table.h"

#include <mntent.h>

#include <algorithm>
#include <array>
#include <memory>

namespace brisk {

MountTable MountTable::current(const std::string& table) {
    MountTable out;
    const std::unique_ptr<FILE, int (*)(FILE*)> file(setmntent(table.c_str(), "re"), endmntent);
    if (!file) return out;
    mntent entry{};
    std::array<char, 8192> text{};
    while (getmntent_r(file.get(), &entry, text.data(), static_cast<int>(text.size()))) {
        out.places_.emplace_back(entry.mnt_dir);
    }
    std::stable_sort(
        out.places_.begin(), out.places_.end(),
        [](const std::string& a, const std::string& b) { return a.size() > b.size(); });
    return out;
}

std::string MountTable::placeOf(const std::string& path) const {
    for (const std::string& place : places_) {
        const bool within = place == "/" || path == place || path.starts_with(place + "/");
        if (within) return place;
    }
    return {};
}

}  // namespace brisk
