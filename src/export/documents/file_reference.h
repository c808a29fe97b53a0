// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a file that was written names another one: from its own folder where the other lies in it or
/// below, so that a folder that is moved as a whole stays whole; else by its whole path.
#pragma once

#include <filesystem>
#include <string>

namespace brisk {

/// \param folder  of the file that names. Both may be relative to the working directory.
std::string referenceFrom(const std::filesystem::path& folder, const std::string& path);

}  // namespace brisk
