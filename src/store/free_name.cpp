// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/free_name.h"

#include "store/name_key.h"

namespace brisk {
namespace fs = std::filesystem;

FreeNames::FreeNames(fs::path folder, Taken taken) : folder_(std::move(folder)) {
    if (taken == Taken::Here) return;
    std::error_code ec;
    for (auto it = fs::directory_iterator(folder_.empty() ? fs::path(".") : folder_, ec);
         !ec && it != fs::directory_iterator(); it.increment(ec)) {
        taken_.insert(nameKey(it->path().filename().string()));
    }
}

fs::path FreeNames::take(const std::string& name, const std::string& ending) {
    std::string file = name + ending;
    for (int n = 2; !taken_.insert(nameKey(file)).second; ++n) {
        file = name + " " + std::to_string(n) + ending;
    }
    return folder_ / file;
}

fs::path freePath(const fs::path& folder, const std::string& name, const std::string& ending) {
    return FreeNames(folder).take(name, ending);
}

fs::path freePath(const fs::path& wanted) {
    return freePath(wanted.parent_path(), wanted.stem().string(), wanted.extension().string());
}

}  // namespace brisk
