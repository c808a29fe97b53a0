// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The files that a person gives a command: as they are, as folders, or written down in a list.
#pragma once

#include <CLI/CLI.hpp>
#include <string>
#include <vector>

#include "core/result.h"

namespace brisk::cli {

/// Takes and recordings.
struct GivenFiles {
    std::vector<std::string> cameras, cleans;
    std::string list;  ///< A file that names more of both; "-" is standard input.

    /// Adds --camera, --clean and --files-from. \return them.
    std::vector<CLI::Option*> addTo(CLI::App& sub);
    /// Folders into what is in them: as takes, files that are called as videos are; as recordings,
    /// those called as sound is. What a list names is sorted by its name in the same way. Paths
    /// stay as they are given.
    /// Errors: CannotRead: the list; or nothing to be a take, or a recording.
    [[nodiscard]] Result<void> lookUp();
};

/// Files as given, those that a list names, and of folders what is called as media is.
/// Errors: CannotRead: the list, or nothing in all of it.
Result<std::vector<std::string>> mediaAmong(std::vector<std::string> given,
                                            const std::string& list);

/// What a list of names says: one a line, or parted by NUL; "-" is standard input.
/// Errors: CannotRead.
Result<std::vector<std::string>> namesIn(const std::string& list);

}  // namespace brisk::cli
