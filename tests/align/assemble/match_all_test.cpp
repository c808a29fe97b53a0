// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/match_all.h"

#include <chrono>
#include <mutex>

#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

class MatchAll : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto morning = test::babble(70, 48000, 31), evening = test::babble(70, 48000, 32);
        takes = {shoot.take(cut(morning, 5, 30)), shoot.take(cut(evening, 30, 60)),
                 shoot.take(test::babble(20, 48000, 33))};
        recordings = {shoot.recording(morning), shoot.recording(evening)};
    }
    static std::vector<const SoundScan*> all(const std::vector<SoundScan>& v, bool backwards) {
        std::vector<const SoundScan*> out;
        for (const auto& s : v) out.push_back(&s);
        if (backwards) std::reverse(out.begin(), out.end());
        return out;
    }
    test::ShootFolder shoot;
    std::vector<SoundScan> takes, recordings;
};

TEST_F(MatchAll, EveryTakeFindsItsRecording) {
    std::vector<double> told;
    const auto m = matchAll(all(takes, false), all(recordings, false), {}, 2,
                            JobControl([&](double f) { told.push_back(f); }));
    ASSERT_TRUE(m.problems.empty());
    EXPECT_EQ(m.byTake[0].front().recording, 0u);
    EXPECT_NEAR(m.byTake[0].front().estimate.line.offset.value, 5, 1e-4);
    EXPECT_EQ(m.byTake[1].front().recording, 1u);
    EXPECT_EQ(m.byTake[1].front().estimate.status, MatchStatus::Matched);
    EXPECT_EQ(m.byTake[2].front().estimate.status, MatchStatus::Unmatched);
    ASSERT_EQ(m.byTake[2].size(), 2u) << "every recording has its answer";
    EXPECT_TRUE(std::is_sorted(told.begin(), told.end())) << "progress never goes back";
    EXPECT_NEAR(told.back(), 1, 1e-9);
}

TEST_F(MatchAll, TheAnswerDoesNotDependOnThreadsOrOrder) {
    const auto one = matchAll(all(takes, false), all(recordings, false), {}, 1, {});
    const auto two = matchAll(all(takes, true), all(recordings, true), {}, 2, {});
    for (std::size_t t = 0; t < takes.size(); ++t) {
        const auto& other = two.byTake[takes.size() - 1 - t];
        for (const auto& a : one.byTake[t]) {
            const auto b = std::find_if(other.begin(), other.end(), [&](const RankedMatch& x) {
                return x.recording == recordings.size() - 1 - a.recording;
            });
            ASSERT_NE(b, other.end());
            EXPECT_EQ(a.estimate.line, b->estimate.line) << "to the last bit";
            EXPECT_EQ(a.estimate.confidence, b->estimate.confidence);
            EXPECT_EQ(a.estimate.reason, b->estimate.reason);
        }
    }
}

TEST_F(MatchAll, AnotherRecorderIsMeasuredOnlyWhereItMayHaveHeardTheTake) {
    // A far microphone on a recorder of its own, which began three seconds later.
    recordings.push_back(shoot.recording(
        test::sum(cut(test::babble(70, 48000, 31), 3, 65), test::whiteNoise(62, 48000, 0.02, 8))));
    const auto m = matchAll({&takes[0]}, all(recordings, false), {}, 1, {});
    const auto answerOf = [&](std::size_t r) {
        return std::find_if(m.byTake[0].begin(), m.byTake[0].end(),
                            [&](const RankedMatch& a) { return a.recording == r; })
            ->estimate;
    };
    EXPECT_EQ(answerOf(0).status, MatchStatus::Matched);
    EXPECT_EQ(answerOf(1).reason.front().id, "matched-elsewhere");
    EXPECT_EQ(answerOf(2).status, MatchStatus::Matched);
    EXPECT_NEAR(answerOf(2).line.offset.value, 2, 1e-4);
}

TEST_F(MatchAll, WhatIsSureIsToldAheadAndNoAnswerIsAnother) {
    KnownPairs known;
    std::vector<std::size_t> sure;
    const auto told = [&](std::size_t t, const std::vector<TakePlace>&) { sure.push_back(t); };
    matchAhead(all(takes, false), {&recordings[0]}, 2, {}, told, known);
    EXPECT_EQ(sure, std::vector<std::size_t>{0}) << "the others may lie on what is still to come";
    EXPECT_TRUE(known.measured(takes[0], recordings[0]));
    EXPECT_FALSE(known.measured(takes[2], recordings[0])) << "nothing stands out there";

    const auto fresh = matchAll(all(takes, false), all(recordings, false), {}, 2, {});
    const auto after = matchAll(all(takes, false), all(recordings, false), {}, 2, {}, {}, &known);
    for (std::size_t t = 0; t < takes.size(); ++t) {
        ASSERT_EQ(after.byTake[t].size(), fresh.byTake[t].size());
        for (std::size_t i = 0; i < fresh.byTake[t].size(); ++i) {
            const RankedMatch &a = after.byTake[t][i], &f = fresh.byTake[t][i];
            EXPECT_EQ(a.recording, f.recording);
            EXPECT_EQ(a.estimate, f.estimate) << "to the last bit";
        }
    }
}

TEST_F(MatchAll, ManyTakesThatAreSettledAreSparedTheOtherFilesUnlessTheseContradict) {
    const auto stamped = [](std::int64_t hour) {
        test::SoundRecipe r;
        r.muxerOptions = {{"write_bext", "1"}};
        r.metadata = {{"time_reference", std::to_string(48000 * 3600 * hour)}};
        return r;
    };
    const auto morning = test::babble(60, 48000, 41), noon = test::babble(60, 48000, 42);
    // The evening's file holds what was played in the morning once more.
    const std::vector<SoundScan> files{shoot.recording(morning, stamped(9)),
                                       shoot.recording(noon, stamped(12)),
                                       shoot.recording(morning, stamped(19))};
    const SoundScan played = shoot.take(cut(morning, 20, 45)), once = shoot.take(cut(noon, 20, 45));
    std::vector<const SoundScan*> many;
    for (int i = 0; i < 16; ++i) many.push_back(i % 2 ? &played : &once);
    std::vector<const SoundScan*> clean;
    for (const auto& f : files) clean.push_back(&f);
    const auto m = matchAll(many, clean, {}, 2, {});
    ASSERT_TRUE(m.problems.empty());
    for (int i = 0; i < 16; ++i) {
        const auto& places = m.places[static_cast<std::size_t>(i)];
        ASSERT_EQ(places.size(), 1u);
        if (i % 2) {
            EXPECT_EQ(places[0].estimate.status, MatchStatus::Unsure) << "played twice";
        } else {
            EXPECT_EQ(places[0].estimate.status, MatchStatus::Matched);
            EXPECT_EQ(places[0].recording, 1u);
            const auto& spared = m.byTake[static_cast<std::size_t>(i)].back().estimate;
            EXPECT_EQ(spared.status, MatchStatus::Unmatched);
        }
    }
    const auto one = matchAll(many, clean, {}, 1, {});
    for (std::size_t t = 0; t < many.size(); ++t) {
        EXPECT_EQ(one.places[t][0].estimate.reason, m.places[t][0].estimate.reason);
    }
}

// Both were started by one hand: a fortieth of a millisecond of the take lies before the recording.
TEST_F(MatchAll, ATakeThatBeginsWithItsRecordingIsSparedTheOtherFiles) {
    const auto here = test::babble(40, 48000, 51), there = test::babble(40, 48000, 52);
    const SoundScan take = shoot.take(cut(here, 0, 30));
    const SoundScan own = shoot.recording({here.begin() + 2, here.end()}, {});
    const SoundScan other = shoot.recording(there, {});
    const auto m = matchAll({&take}, {&other, &own}, {}, 1, {});
    ASSERT_EQ(m.places[0].size(), 1u);
    EXPECT_EQ(m.places[0][0].recording, 1u);
    EXPECT_EQ(m.places[0][0].estimate.status, MatchStatus::Matched);
    EXPECT_LT(m.places[0][0].estimate.line.offset.value, 0);
    EXPECT_EQ(m.byTake[0].back().estimate.reason.front().id, "matched-elsewhere");
}

TEST_F(MatchAll, StopsAtOnce) {
    using Clock = std::chrono::steady_clock;
    std::vector<const SoundScan*> many;
    for (int i = 0; i < 60; ++i) many.push_back(&takes[static_cast<std::size_t>(i % 3)]);
    const JobControl stop;
    std::once_flag once;
    Clock::time_point asked;
    const JobControl job = stop.withReport([&](double) {
        std::call_once(once, [&] {
            asked = Clock::now();
            stop.requestStop();
        });
    });
    const auto m = matchAll(many, all(recordings, false), {}, 2, job);
    const auto ended = Clock::now();
    EXPECT_TRUE(m.stopped);
    EXPECT_TRUE(m.problems.empty());
    EXPECT_EQ(m.byTake.size(), many.size());
    EXPECT_TRUE(m.byTake.back().empty());
    RecordProperty(
        "stopped_ms",
        static_cast<int>(
            std::chrono::duration_cast<std::chrono::milliseconds>(ended - asked).count()));
}

TEST_F(MatchAll, WithoutRecordingsNothingIsSaid) {
    const auto m = matchAll(all(takes, false), {}, {}, 0, {});
    EXPECT_EQ(m.byTake.size(), takes.size());
    EXPECT_TRUE(m.byTake[0].empty());
    EXPECT_TRUE(m.problems.empty());
}

// A card copied twice: the evidence is the same, and so is the answer, whichever comes first.
TEST_F(MatchAll, WhatIsEquallySureDoesNotDependOnTheOrderOfFiles) {
    const auto talk = test::babble(70, 48000, 31);
    recordings = {shoot.recording(talk), shoot.recording(talk)};
    const auto forth = matchAll(all(takes, false), all(recordings, false), {}, 2, {});
    const auto back = matchAll(all(takes, false), all(recordings, true), {}, 2, {});
    EXPECT_EQ(forth.byTake[0].front().estimate.status, MatchStatus::Matched);
    EXPECT_EQ(forth.byTake[0].front().recording, 1 - back.byTake[0].front().recording);
}

}  // namespace
}  // namespace brisk
