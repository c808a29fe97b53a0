// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A timeline as an edit decision list in the form of SMPTE ST 258: one picture track, whole
/// frames. What it cannot say is listed, so that nobody has to find out.
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "core/fact.h"
#include "export/documents/timeline.h"

namespace brisk {

struct EditList {
    std::string text;
    Facts cannotSay;  ///< Empty where it says everything.
};

/// At the rate of the first picture track. Frame numbers are dropped where that track's own
/// timecodes drop them; a source is counted as its own clock counts.
/// \param folder  where the list will lie: files in it are named from there.
EditList editList(const Timeline& timeline, const std::filesystem::path& folder);

}  // namespace brisk
