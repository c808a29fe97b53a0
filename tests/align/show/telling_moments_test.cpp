// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/show/telling_moments.h"

#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

TEST(TellingMoments, LieOnOnsetsOfBothSoundsAndNeverInSilence) {
    test::ShootFolder shoot;
    std::vector<float> day = test::babble(100, 48000, 12);
    // Nothing between 40 and 60 s, and a burst at 76.5 s that only the camera hears.
    std::fill(day.begin() + 40 * 48000, day.begin() + 60 * 48000, 0.0f);
    auto scratch = test::cut(day, 10, 90);
    const auto burst = test::whiteNoise(0.1, 48000, 0.5, 3);
    std::copy(burst.begin(), burst.end(), scratch.begin() + static_cast<long>(66.5 * 48000));
    const SoundScan take = shoot.take(scratch);
    const SoundScan recording = shoot.recording(day);
    const auto moments = tellingMoments(take, recording, {{10}, {0}}, {{0}, {80}}, 5);
    ASSERT_EQ(moments.size(), 5u);
    for (const std::size_t i : {0u, 1u, 3u, 4u}) {
        ASSERT_TRUE(moments[i]) << i;
        const double t = moments[i]->value;
        EXPECT_NEAR(t, 0.9 + 78.2 / 4 * static_cast<double>(i), 8) << i;
        EXPECT_GT(std::fabs(t - 66.5), 0.05) << "only one of them hears this";
        // The sound is louder right after than right before.
        const auto power = [&](double from) {
            double sum = 0;
            for (int n = 0; n < 960; ++n) {
                const auto v = day[static_cast<std::size_t>((t + 10 + from) * 48000) +
                                   static_cast<std::size_t>(n)];
                sum += v * v;
            }
            return sum;
        };
        EXPECT_GT(power(0.005), 2 * power(-0.035)) << i;
    }
    EXPECT_FALSE(moments[2]) << "the middle, and 8 s either way, is silent";
    EXPECT_FALSE(tellingMoments(take, recording, {{10}, {0}}, {{5}, {5}}, 5)[0]);
}

}  // namespace
}  // namespace brisk
