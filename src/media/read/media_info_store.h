// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a probe found out, as bytes, for caches: opening a long file to look at it again takes a
/// noticeable part of a second.
#pragma once

#include "media/read/media_info.h"
#include "store/byte_stream.h"

namespace brisk {

void saveMediaInfo(const MediaInfo& info, ByteWriter& out);
/// False where the bytes hold none.
bool loadMediaInfo(ByteReader& in, MediaInfo& info);

}  // namespace brisk
