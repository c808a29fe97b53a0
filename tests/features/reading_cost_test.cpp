// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/reading_cost.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

MediaInfo filmOf(const char* container) {
    MediaInfo info;
    info.container = container;
    info.duration = {60};
    info.video.emplace();
    return info;
}

TEST(ReadingCost, IsTheSoundWhereAnIndexLeadsPastThePictures) {
    constexpr std::uintmax_t kFile = 450'000'000;
    EXPECT_LT(bytesToRead(filmOf("mov,mp4,m4a,3gp,3g2,mj2"), kFile), kFile / 20);
    EXPECT_EQ(bytesToRead(filmOf("matroska,webm"), kFile), kFile);
    EXPECT_EQ(bytesToRead({}, kFile), kFile) << "a sound is read whole";
    EXPECT_EQ(bytesToRead(filmOf("mov,mp4,m4a,3gp,3g2,mj2"), 1000), 1000u);
    MediaInfo odd = filmOf("mov,mp4,m4a,3gp,3g2,mj2");
    for (const double length : {-1.0, 1e300, std::numeric_limits<double>::quiet_NaN()}) {
        odd.duration = {length};
        EXPECT_LE(bytesToRead(odd, kFile), kFile);
    }
}

}  // namespace
}  // namespace brisk
