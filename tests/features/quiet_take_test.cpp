// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/quiet_take.h"

#include <cmath>

#include "sim/noise.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

/// A stroke that is the same every time, as of a drum machine or a bookbinder's press.
void strike(std::vector<float>& sound, double at) {
    sim::NoiseSource random(1);
    const auto first = static_cast<std::size_t>(at * 48000);
    for (std::size_t i = 0; i < 4800 && first + i < sound.size(); ++i) {
        sound[first + i] += 0.5f * random.normal() * std::exp(-static_cast<float>(i) / 500.0f);
    }
}

class QuietTake : public ::testing::Test {
  protected:
    bool quiet(const std::vector<float>& sound) {
        const SoundScan take = shoot.take(sound);
        EXPECT_FALSE(take.spikes.empty());
        return quietButForClaps(take, {{0}, take.length()});
    }
    test::ShootFolder shoot;
};

TEST_F(QuietTake, IsSilentButForItsClaps) {
    auto sound = test::whiteNoise(15, 48000, 0.001, 2);
    strike(sound, 5);
    EXPECT_TRUE(quiet(sound));
}

TEST_F(QuietTake, IsNotOneInWhichSomebodyTalks) {
    auto sound = test::babble(15, 48000, 3);
    for (std::size_t n = 4 * 48000; n < 6 * 48000; ++n) sound[n] *= 0.02f;
    strike(sound, 5);
    EXPECT_FALSE(quiet(sound));
}

TEST_F(QuietTake, TheSameStrokeAmongOtherSoundDoesNotDecide) {
    // Two sessions at one press: the stroke is the same to the sample, what is said is not.
    auto scratch = test::babble(20, 48000, 4), other = test::babble(90, 48000, 5);
    for (std::size_t n = 9 * 48000; n < 11 * 48000; ++n) scratch[n] = 0;
    for (std::size_t n = 49 * 48000; n < 51 * 48000; ++n) other[n] = 0;
    strike(scratch, 10);
    strike(other, 50);
    for (const auto method : {MatchMethod::Auto, MatchMethod::Claps}) {
        const auto e = shoot.match(scratch, other, method);
        EXPECT_NE(e.status, MatchStatus::Matched) << e.reason;
        EXPECT_LT(e.confidence, 0.5);
    }
}

}  // namespace
}  // namespace brisk
