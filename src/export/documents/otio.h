// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A timeline as OpenTimelineIO JSON, an open schema. Rates and offsets are also given as exact
/// fractions, under "brisk" in each object's metadata.
#pragma once

#include <filesystem>
#include <string>

#include "export/documents/timeline.h"

namespace brisk {

/// The text of an .otio file. \param folder  where it will lie: files in it are named from there,
/// others with their whole path.
std::string otioText(const Timeline& timeline, const std::filesystem::path& folder);

}  // namespace brisk
