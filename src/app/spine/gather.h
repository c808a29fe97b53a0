// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Files and whole folders, as they come from the cards: what of it is a take, what a recording,
/// what is in the shoot already, and what cannot be used.
#pragma once

#include <string>
#include <vector>

#include "core/job_control.h"
#include "media/read/media_info.h"
#include "shoot/commands.h"

namespace brisk::app {

struct Gathered {
    std::vector<MediaItem> items;
    std::vector<MediaInfo> infos;  ///< One for each item.
    std::vector<MovedFile> moved;  ///< Of the shoot, missing where they were.
    Facts problems;                ///< What was left out, and why.
};

/// Folders are looked through to the bottom; hidden files are left alone. Several files are looked
/// at at once; the order is by name within a folder.
/// \param known  what is in the shoot: told by content, whatever it is called now.
/// Threads: safe.
Gathered gather(const std::vector<std::string>& paths, const std::vector<MediaItem>& known,
                const JobControl& job);

}  // namespace brisk::app
