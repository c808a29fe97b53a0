// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Gives a finished file its name in one step, and never takes the name from another file, not
/// even from one that appears at the same moment.
#pragma once

#include <filesystem>
#include <system_error>

namespace brisk {

/// Ways to do it, best first; file systems know more or fewer of them.
enum class PublishBy {
    RenameNoReplace,  ///< Linux's renameat2 with RENAME_NOREPLACE.
    Link,             ///< A second name, and the first taken away: where there are hard links.
    Reserve,          ///< An empty file is made under the name, by whoever is first, and replaced.
};

/// Both in one folder. `from` is gone afterwards.
/// \param first  the ways before it are not tried.
/// Errors: `std::errc::file_exists` where the name is taken; anything else as the system has it.
std::error_code publishNew(const std::filesystem::path& from, const std::filesystem::path& to,
                           PublishBy first = PublishBy::RenameNoReplace);

/// Waits until what was renamed in a folder is on its disk. File systems that cannot are let be.
void syncFolder(const std::filesystem::path& folder);

}  // namespace brisk
