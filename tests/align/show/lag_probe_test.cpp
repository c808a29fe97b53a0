// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/show/lag_probe.h"
#include "support/facts_text.h"

#include <cmath>

#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

class SlipProbeTest : public ::testing::Test {
  protected:
    void listen(const std::vector<float>& scratch, const std::vector<float>& clean) {
        take = shoot.take(scratch);
        recording = shoot.recording(clean);
        auto opened = LagProbe::open(take, recording);
        ASSERT_TRUE(opened) << opened.error().fact;
        probe.emplace(std::move(*opened));
    }
    std::optional<LocalSlip> at(double offset, double moment, double drift = 0) {
        auto s = probe->at({{offset}, {drift}}, {moment}, JobControl{});
        EXPECT_TRUE(s);
        return s ? *s : std::nullopt;
    }
    test::ShootFolder shoot;
    SoundScan take, recording;
    std::optional<LagProbe> probe;
    std::vector<float> day = test::babble(60, 48000, 31);
};

TEST_F(SlipProbeTest, TellsHowFarApartTheTwoAreWhereverTheCleanSoundWasPut) {
    listen(test::sum(test::cut(day, 10, 40), test::whiteNoise(30, 48000, 0.02, 4)), day);
    for (const double slip : {0.0, 0.0004, -0.0123, 0.031, -0.12, 0.25}) {
        // Clean sound that comes too early by `slip`: recording time is ahead by it.
        const auto found = at(10 + slip, 14);
        ASSERT_TRUE(found) << slip;
        EXPECT_NEAR(found->slip.value, slip, 1e-4);
        EXPECT_EQ(found->polarity, 1);
    }
}

TEST_F(SlipProbeTest, HearsTheDirectSoundAndNotTheLouderEcho) {
    auto scratch = test::cut(day, 10, 40);
    const auto direct = scratch;
    for (std::size_t n = 480; n < scratch.size(); ++n) scratch[n] += 2 * direct[n - 480];
    for (float& v : scratch) v *= 0.3f;
    listen(scratch, day);
    int heard = 0;
    for (double t = 3; t < 27; t += 3) {
        const auto found = at(10, t);
        if (found && std::fabs(found->slip.value) < 2e-4) ++heard;
    }
    EXPECT_GE(heard, 6) << "of 8";
}

TEST_F(SlipProbeTest, FollowsTheDrift) {
    listen(test::cut(day, 10, 50), test::onFastClock(day, 100));
    const auto late = at(10 * 1.0001, 36, 0);
    ASSERT_TRUE(late);
    EXPECT_NEAR(late->slip.value, -100e-6 * 36, 2e-4);
    const auto fitted = at(10 * 1.0001, 36, 100);
    ASSERT_TRUE(fitted);
    EXPECT_NEAR(fitted->slip.value, 0, 1e-4);
}

TEST_F(SlipProbeTest, SaysNothingWhereNothingIsCommon) {
    listen(test::babble(60, 48000, 77), day);
    int wrong = 0;
    for (double t = 2; t < 58; t += 0.7) wrong += at(0.0, t) ? 1 : 0;
    EXPECT_EQ(wrong, 0) << "of 80";
    EXPECT_FALSE(at(500, 10)) << "nothing of the recording is here";
}

}  // namespace
}  // namespace brisk
