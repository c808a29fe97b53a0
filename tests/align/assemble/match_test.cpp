// SPDX-License-Identifier: GPL-3.0-or-later
// Whole matches on signals from seeds, written to real files.
#include "align/assemble/match.h"

#include <gtest/gtest.h>

#include <cmath>

#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

std::vector<float> part(const std::vector<float>& v, double from, double to) {
    return {v.begin() + static_cast<std::ptrdiff_t>(from * 48000),
            v.begin() + static_cast<std::ptrdiff_t>(to * 48000)};
}

class MatchTest : public ::testing::Test {
  protected:
    TetherEstimate match(const std::vector<float>& scratch, const std::vector<float>& clean,
                         double soundStart = 0) {
        test::TakeRecipe recipe;
        recipe.soundStart = soundStart;
        test::writeTake(folder_.file("take.mp4"), scratch, recipe);
        test::writeSound(folder_.file("clean.wav"), clean, {});
        auto e = matchPair(test::scanned(folder_.file("take.mp4")),
                           test::scanned(folder_.file("clean.wav")), {}, JobControl{});
        EXPECT_TRUE(e);
        return *e;
    }
    TempFolder folder_;
};

TEST_F(MatchTest, PutsTheSameSoundInPlaceToMicroseconds) {
    const auto day = test::babble(90, 48000, 3);
    const auto e = match(part(day, 30, 70), day);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.offset.value, 30, 20e-6);
    EXPECT_NEAR(e.line.drift.value, 0, 0.5);
    EXPECT_EQ(e.polarity, 1);
    EXPECT_NEAR(e.overlap.end.value, 40, 0.05);
}

TEST_F(MatchTest, CountsFromTheFirstPicture) {
    const auto day = test::babble(90, 48000, 4);
    // The scratch begins 0.25 s after the picture, so the picture falls at 29.75 s.
    const auto e = match(part(day, 30, 70), day, 0.25);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.offset.value, 29.75, 20e-6);
    EXPECT_NEAR(e.overlap.start.value, 0.25 - 1024.0 / 48000, 1e-3);
}

TEST_F(MatchTest, MeasuresAFastRecorder) {
    const auto day = test::babble(150, 48000, 5);
    const auto e = match(part(day, 5, 140), test::onFastClock(day, 87.5));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.drift.value, 87.5, 0.3);
    for (const double t : {0.0, 67.0, 135.0}) {
        EXPECT_NEAR(e.line.toRecording({t}).value, (5 + t) * (1 + 87.5e-6), 50e-6);
    }
}

TEST_F(MatchTest, NoticesUpsideDownSound) {
    const auto day = test::babble(60, 48000, 6);
    auto upside = day;
    for (float& v : upside) v = -v;
    const auto e = match(part(day, 10, 40), upside);
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_EQ(e.polarity, -1);
    EXPECT_NEAR(e.line.offset.value, 10, 20e-6);
}

TEST_F(MatchTest, ANegativeOffsetMeansTheRecorderStartedLater) {
    const auto day = test::babble(90, 48000, 7);
    const auto e = match(part(day, 0, 60), part(day, 25, 90));
    EXPECT_EQ(e.status, MatchStatus::Matched) << e.reason;
    EXPECT_NEAR(e.line.offset.value, -25, 20e-6);
    EXPECT_NEAR(e.overlap.start.value, 25, 0.01);
    EXPECT_NEAR(e.overlap.end.value, 60, 0.05);
}

TEST_F(MatchTest, RefusesForeignSound) {
    const auto e = match(test::babble(40, 48000, 8), test::babble(120, 48000, 9));
    EXPECT_EQ(e.status, MatchStatus::Unmatched) << e.reason;
    EXPECT_LT(e.confidence, 0.2);
    EXPECT_NE(sentence(e.reason).find("Was the recorder running"), std::string::npos);
}

TEST_F(MatchTest, ARepeatedSoundIsNotSure) {
    // The very same half minute twice in the recording: both places are right.
    const auto loop = test::babble(30, 48000, 10);
    auto twice = test::babble(20, 48000, 11);
    twice.insert(twice.end(), loop.begin(), loop.end());
    const auto between = test::babble(15, 48000, 12);
    twice.insert(twice.end(), between.begin(), between.end());
    twice.insert(twice.end(), loop.begin(), loop.end());
    const auto e = match(loop, twice);
    EXPECT_EQ(e.status, MatchStatus::Unsure) << e.reason;
    ASSERT_FALSE(e.rivals.empty());
    EXPECT_GT(e.rivals[0].relativeDb, -6);
    EXPECT_NEAR(std::fabs(e.rivals[0].offset.value - e.line.offset.value), 45, 0.01);
}

// So much noise that the search names one of the two places and not the other.
TEST_F(MatchTest, ARepeatedSoundThatIsHardlyHeardIsNotSureEither) {
    for (const unsigned seed : {1U, 3U}) {
        auto day = test::babble(150, 48000, 40 + seed);
        const auto loop = part(day, 20, 28);
        std::copy(loop.begin(), loop.end(), day.begin() + 100 * 48000);
        auto take = loop;
        const auto others = test::babble(8, 48000, 90 + seed);
        for (std::size_t n = 0; n < take.size(); ++n) take[n] = 0.13f * take[n] + 0.7f * others[n];
        const auto e = match(take, day);
        EXPECT_EQ(e.status, MatchStatus::Unsure) << seed << ": " << e.reason;
        EXPECT_LT(e.confidence, 0.6);
    }
}

TEST_F(MatchTest, SilenceIsAnAnswerNotAnError) {
    const auto e = match(std::vector<float>(48000 * 20, 0.0f), test::babble(60, 48000, 1));
    EXPECT_EQ(e.status, MatchStatus::Unmatched);
    EXPECT_FALSE(e.reason.empty());
}

TEST_F(MatchTest, StopsWhenAsked) {
    test::writeSound(folder_.file("a.wav"), test::babble(30, 48000, 1), {});
    const SoundScan scan = test::scanned(folder_.file("a.wav"));
    const JobControl job;
    job.requestStop();
    const auto e = matchPair(scan, scan, {}, job);
    ASSERT_FALSE(e);
    EXPECT_EQ(e.error().code, ErrorCode::Cancelled);
}

}  // namespace
}  // namespace brisk
