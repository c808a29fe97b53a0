// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Lets a file be read from its disk and not from what the system remembers of it.
#pragma once

#include <string>

namespace brisk {

/// Asks the system to forget what it holds of a file that is on the disk already (fsync).
/// \return whether it did: then whatever is read next comes from the disk.   Threads: safe.
bool dropFromMemory(const std::string& path);

}  // namespace brisk
