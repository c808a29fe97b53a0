// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a folder is on the card of a camera or a recorder: no place to write to, if there is
/// another.
#pragma once

#include <filesystem>

namespace brisk::app {

/// It has the folders that cameras make, or is where the desktop mounts what is plugged in.
bool isOnCard(const std::filesystem::path& folder);

}  // namespace brisk::app
