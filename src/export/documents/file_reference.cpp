// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/file_reference.h"

namespace brisk {
namespace fs = std::filesystem;

std::string referenceFrom(const fs::path& folder, const std::string& path) {
    std::error_code ec;
    const fs::path whole = fs::absolute(path, ec).lexically_normal();
    const fs::path from = fs::absolute(folder, ec).lexically_normal();
    const fs::path near = whole.lexically_relative(from);
    const bool below = !near.empty() && *near.begin() != "..";
    return below ? near.string() : whole.string();
}

}  // namespace brisk
