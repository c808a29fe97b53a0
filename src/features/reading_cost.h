// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How much of a file has to be read for its sound, so that what costs little is read first.
#pragma once

#include <cstdint>

#include "media/read/media_info.h"

namespace brisk {

/// Whether all that lies between two pieces of its sound is read as well: no index leads past the
/// pictures.
bool picturesAreReadToo(const MediaInfo& info);

/// About how many bytes are read to scan it.   \param fileBytes  of the whole file.
std::uintmax_t bytesToRead(const MediaInfo& info, std::uintmax_t fileBytes);

}  // namespace brisk
