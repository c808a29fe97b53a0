// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/reading_cost.h"

#include <algorithm>
#include <string>

namespace brisk {
namespace {

/// Of the sound of a camera, two channels uncompressed, and of the index.
constexpr double kBytesOfASecond = 200'000;

}  // namespace

bool picturesAreReadToo(const MediaInfo& info) {
    return info.video && info.container.find("mp4") == std::string::npos;
}

std::uintmax_t bytesToRead(const MediaInfo& info, std::uintmax_t fileBytes) {
    if (!info.video || picturesAreReadToo(info)) return fileBytes;
    const double sound = kBytesOfASecond * std::max(info.duration.value, 0.0);
    return static_cast<std::uintmax_t>(std::min(static_cast<double>(fileBytes), sound));
}

}  // namespace brisk
