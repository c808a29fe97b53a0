// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/stamp_place.h"

#include <gtest/gtest.h>

#include "align/assemble/recorder_files.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

constexpr Rational k25{25, 1};
constexpr Rational kNtsc{30000, 1001};

TEST(Timecode, CountsFramesOfTheRate) {
    EXPECT_DOUBLE_EQ(timecodeSeconds("09:12:40:05", k25)->value, 9 * 3600 + 12 * 60 + 40 + 0.2);
    EXPECT_FALSE(timecodeSeconds("soon", k25));
    EXPECT_FALSE(timecodeSeconds("", k25));
}

TEST(Timecode, DropFrameKeepsUpWithTheClock) {
    // An hour of drop-frame code is an hour of time but for 3.6 ms.
    EXPECT_NEAR(timecodeSeconds("01:00:00;00", kNtsc)->value, 3600, 0.004);
    EXPECT_NEAR(timecodeSeconds("01:00:00:00", kNtsc)->value, 3603.6, 0.004);
    // The first minute ends with frame 29; frames 00 and 01 of the next are left out.
    const double before = timecodeSeconds("00:00:59;29", kNtsc)->value;
    EXPECT_NEAR(timecodeSeconds("00:01:00;02", kNtsc)->value - before, 1001.0 / 30000, 1e-9);
}

TEST(IsoTime, IsSecondsSince1970) {
    EXPECT_DOUBLE_EQ(isoSeconds("1970-01-02T00:00:01.500000Z")->value, 86401.5);
    EXPECT_FALSE(isoSeconds("yesterday"));
}

MediaInfo take(const std::string& timecode) {
    MediaInfo m;
    m.kind = MediaKind::Take;
    m.video = VideoFacts{};
    m.video->rate = k25;
    m.stamps.timecode = timecode;
    return m;
}

TEST(StampPlace, IsWhereTheTakeBeginsInTheRecording) {
    MediaInfo recording;
    recording.stamps.bextReference = Seconds{9 * 3600 + 12 * 60 + 5};
    const auto place = stampPlace(take("09:12:40:05"), recording);
    ASSERT_TRUE(place);
    EXPECT_NEAR(place->line.offset.value, 35.2, 1e-9);
    EXPECT_NE(sentence(place->sources).find("09:12:40:05"), std::string::npos) << place->sources;
}

TEST(StampPlace, GoesTheShortWayRoundMidnight) {
    EXPECT_EQ(withinHalfDay({60 - 86280.0}), Seconds{180}) << "0:01 on what began at 23:58";
    EXPECT_EQ(withinHalfDay({86280 - 60.0}), Seconds{-180});
    SoundScan before, after;
    for (SoundScan* s : {&before, &after}) {
        s->info.sounds = {SoundFacts{}};
        s->info.path = s == &before ? "/card/rec-1.wav" : "/card/rec-2.wav";
        s->rate = {48000};
        s->samples = 48000 * 300;
    }
    before.info.stamps.bextReference = Seconds{86400 - 120};
    after.info.stamps.bextReference = Seconds{180};
    EXPECT_NEAR(stampedGap(before, after)->value, 0, 1e-9) << "a recorder's next file";
    EXPECT_TRUE(continuesExactly(before, after));
}

// The recorder was started first: the take begins inside its file, and not before it.
TEST(StampPlace, CreationTimesHaveTheSignOfTheirOffset) {
    MediaInfo t = take(""), r;
    t.stamps.creationTime = "2026-03-03T09:20:00.000000Z";
    r.stamps.creationTime = "2026-03-03T09:12:40.000000Z";
    const auto place = stampPlace(t, r);
    ASSERT_TRUE(place);
    EXPECT_DOUBLE_EQ(place->line.offset.value, 440);
    EXPECT_DOUBLE_EQ(stampPlace(r, t)->line.offset.value, -440);
}

// Begun at 23:58, still running at 00:01, by timecode and time reference that count from midnight.
TEST(StampPlace, ATakeJustAfterMidnightLiesOnARecordingBegunJustBefore) {
    MediaInfo r;
    r.stamps.bextReference = Seconds{23 * 3600 + 58 * 60};
    EXPECT_DOUBLE_EQ(stampPlace(take("00:01:00:00"), r)->line.offset.value, 180);
    r.stamps.bextReference = Seconds{60};
    EXPECT_DOUBLE_EQ(stampPlace(take("23:58:00:00"), r)->line.offset.value, -180);
}

TEST(StampPlace, IsNothingWhereOneHasNoStamp) {
    EXPECT_FALSE(stampPlace(take("09:12:40:05"), MediaInfo{}));
    EXPECT_FALSE(stampPlace(take(""), MediaInfo{}));
}

}  // namespace
}  // namespace brisk
