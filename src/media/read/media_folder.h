// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The files of cards and folders, and what their names say of them. Nothing is opened.
///
///     for (const FoundFile& f : filesIn({"CARD"}, job)) if (calledVideo(f.path)) ...
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "core/job_control.h"

namespace brisk {

struct FoundFile {
    std::string path;
    bool inFolder = false;  ///< Nobody named it: it may be anything.
};

/// Files as they are named; folders looked through to the bottom, by name, without hidden files
/// and what may not be read. A file that is named twice is there once. Stops where it is told to.
std::vector<FoundFile> filesIn(const std::vector<std::string>& paths, const JobControl& job);

/// Whether a file is called as cameras call what has pictures; as what has sound alone.
bool calledVideo(const std::filesystem::path& path);
bool calledSound(const std::filesystem::path& path);

}  // namespace brisk
