// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/media_info.h"

namespace brisk {

Seconds MediaInfo::soundStartInTake(std::size_t index) const {
    if (!video || index >= sounds.size()) return {};
    return sounds[index].firstSample - video->firstPicture;
}

const char* kindText(MediaKind kind) {
    return kind == MediaKind::Take ? "take" : "recording";
}

}  // namespace brisk
