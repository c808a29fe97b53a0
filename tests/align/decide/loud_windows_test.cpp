// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/loud_windows.h"

#include <gtest/gtest.h>

#include "support/signals.h"

namespace brisk {
namespace {

/// Noise at these levels, five seconds each.
SoundScan heardAt(const std::vector<float>& gains, unsigned seed) {
    std::vector<float> sound =
        test::whiteNoise(static_cast<double>(gains.size()) * 5, 48000, 0.1, seed);
    for (std::size_t n = 0; n < sound.size(); ++n) sound[n] *= gains[n / (5 * 48000)];
    BandLevelMeter meter(SampleRate{48000});
    meter.push(sound);
    SoundScan s;
    s.bands = meter.finish();
    return s;
}

/// A window in the middle of each five seconds; the recording began ten seconds before the take.
std::vector<MatchedRange> windows(const std::vector<bool>& agreeing) {
    MatchedRange r;
    r.match.line = {{10}, {0}};
    for (std::size_t i = 0; i < agreeing.size(); ++i) {
        r.match.windows.push_back({{static_cast<double>(i) * 5 + 2.5}, {0}, 8, agreeing[i]});
    }
    return {r};
}

TEST(WindowsAgainst, AreThoseInWhichBothSidesAreLoud) {
    const SoundScan take = heardAt({1, 1, 1, 1, 0.05F, 1}, 1);
    const SoundScan recording = heardAt({0, 0, 1, 1, 1, 0.05F, 1, 1}, 2);
    EXPECT_EQ(
        disagreementOf(take, recording, windows({true, true, false, false, false, false})).windows,
        2)
        << "the first and the last of four: in the others one side is quiet";
    EXPECT_EQ(
        disagreementOf(take, recording, windows({true, true, true, true, true, true})).windows, 0);
}

TEST(WindowsAgainst, WhoIsUnderWayIsNotAgainst) {
    const SoundScan both = heardAt({1, 1, 1, 1, 1, 1}, 3);
    auto walked = windows({true, true, false, false, false, true});
    walked.front().match.windows[3].underWay = true;
    EXPECT_EQ(disagreementOf(both, both, walked).windows, 1)
        << "beside the one that the recording ends before";
}

TEST(WindowsAgainst, ThereAreNoneWhereNothingAgrees) {
    const SoundScan both = heardAt({1, 1, 1, 1, 1}, 3);
    EXPECT_EQ(disagreementOf(both, both, windows({false, false})).windows, 0);
    EXPECT_EQ(disagreementOf({}, {}, windows({true, false})).windows, 1) << "equally silent";
}

// A piece of music that is played once more, softly in the middle, and then another one.
TEST(WindowsAgainst, InARowAtOneEndAreOtherSound) {
    const SoundScan take = heardAt({1, 0.2F, 1, 1, 0.3F, 0.3F, 0.3F, 0.02F}, 1);
    const SoundScan recording = heardAt({0, 0, 1, 0.2F, 1, 1, 0.3F, 0.3F, 0.3F, 1}, 2);
    const std::vector<bool> begins{true, true, true, true, false, false, false, false};
    EXPECT_EQ(disagreementOf(take, recording, windows(begins)).atOneEnd, 3) << "the last is quiet";
    EXPECT_EQ(disagreementOf(take, recording, windows(begins)).windows, 0)
        << "none as loud as most";
    EXPECT_EQ(disagreementOf(take, recording,
                             windows({true, true, true, true, false, false, true, false}))
                  .atOneEnd,
              0)
        << "what is in the middle is at no end";
}

}  // namespace
}  // namespace brisk
