// SPDX-License-Identifier: GPL-3.0-or-later
// The recorder's day on the camera's clock, and the other camera at the same moment.
#include "day/whole_recording.h"

#include <gtest/gtest.h>

#include <cmath>
#include <map>

#include "day/same_moment.h"
#include "render/clean_sound.h"

namespace brisk {
namespace {

class WholeDay : public ::testing::Test {
  protected:
    int add(const std::string& path, MediaKind role, double length, double reference = -1) {
        MediaItem m;
        m.id = state_.nextId++;
        m.path = path;
        m.role = role;
        state_.media.push_back(m);
        auto scan = std::make_shared<SoundScan>();
        scan->info.path = path;
        scan->info.sounds = {SoundFacts{}};
        scan->rate = {48000};
        scan->samples = std::llround(length * 48000);
        if (reference >= 0) scan->info.stamps.bextReference = Seconds{reference};
        if (role == MediaKind::Take) {
            scan->info.kind = MediaKind::Take;
            scan->info.video.emplace();
        }
        scans_[m.id] = scan;
        return m.id;
    }
    void lay(int take, int recording, double offset, double ppm) {
        Tether t;
        t.take = take;
        t.recording = recording;
        t.line = t.found.line = {{offset}, {ppm}};
        t.found.status = MatchStatus::Matched;
        t.locked = true;
        state_.tethers.push_back(t);
    }
    DayLayout day() {
        return layOutDay(state_, [&](int id) {
            return DayFacts{&scans_[id]->info, scans_[id]->length()};
        });
    }
    std::vector<WholeRecording> whole(const std::vector<int>& takes) {
        return wholeRecordings(state_, takes, day(), [&](int id) { return scans_[id]; });
    }
    /// The recording's time that is heard at a moment, by the piece that is heard most there.
    static std::optional<Seconds> heardAt(const WholeRecording& w, const SoundScan& recording,
                                          Seconds t) {
        for (const CleanPiece& p : w.sound.clean) {
            if (p.recording->info.path == recording.info.path && p.range().contains(t)) {
                return p.line.toRecording(t);
            }
        }
        return std::nullopt;
    }
    ShootState state_;
    std::map<int, std::shared_ptr<const SoundScan>> scans_;
};

TEST_F(WholeDay, EachTakeLiesInItAsInItsTetherAndNothingJumps) {
    const int rec = add("/rec/lavalier.wav", MediaKind::Recording, 3600);
    const int a = add("/card/a.mp4", MediaKind::Take, 600),
              b = add("/card/b.mp4", MediaKind::Take, 900);
    lay(a, rec, 100, 12);
    lay(b, rec, 2000, 14.5);
    const auto all = whole({a, b});
    ASSERT_EQ(all.size(), 1u);
    const WholeRecording& w = all[0];
    ASSERT_EQ(w.takes.size(), 2u);
    for (const auto& [take, at] : w.takes) {
        const ClockLine line = state_.tetherOf(take)->line;
        const double length = scans_[take]->length().value;
        for (const double t : {0.01, length / 2, length - 0.01}) {
            const auto heard = heardAt(w, *scans_[rec], at + Seconds{t});
            ASSERT_TRUE(heard);
            EXPECT_NEAR(heard->value, line.toRecording({t}).value, 1e-7) << take << " at " << t;
        }
    }
    // Between takes it runs on: no piece begins elsewhere than the one before ended.
    for (std::size_t i = 1; i < w.sound.clean.size(); ++i) {
        const Seconds cut = *w.sound.clean[i].from + kCutFade / 2;
        EXPECT_NEAR(w.sound.clean[i - 1].line.toRecording(cut).value,
                    w.sound.clean[i].line.toRecording(cut).value, 1e-7);
    }
    EXPECT_NEAR(w.sound.take->length().value, 3600 / 1.0000135, 0.001);
    EXPECT_TRUE(uncovered(w.sound.clean, w.sound.wholeTake()).empty());
}

TEST_F(WholeDay, TheGapBetweenTwoRecordingsStaysAndCamerasHaveTheirOwn) {
    const int first = add("/rec/01.wav", MediaKind::Recording, 600, 36000);
    const int second = add("/rec/02.wav", MediaKind::Recording, 600, 36900);
    const int a = add("/card/a.mp4", MediaKind::Take, 60),
              b = add("/card/b.mp4", MediaKind::Take, 60);
    const int other = add("/other/c.mp4", MediaKind::Take, 60);
    lay(a, first, 30, 0);
    lay(b, second, 40, 0);
    lay(other, second, 10, 100);
    const auto all = whole({a, b, other});
    ASSERT_EQ(all.size(), 2u) << "one for each camera's clock";
    const WholeRecording& w = all[0].takes.size() == 2 ? all[0] : all[1];
    EXPECT_NEAR(w.takes[0].at.value, 30, 1e-6);
    EXPECT_NEAR(w.takes[1].at.value, 940, 1e-6);
    const auto gap = uncovered(w.sound.clean, w.sound.wholeTake());
    ASSERT_EQ(gap.size(), 1u);
    EXPECT_NEAR(gap[0].start.value, 600, 0.001);
    EXPECT_NEAR(gap[0].end.value, 900, 0.001);
    EXPECT_TRUE(whole({}).empty());
}

TEST_F(WholeDay, TheOtherCameraIsAtTheSameMomentOfTheRecording) {
    const int rec = add("/rec/lavalier.wav", MediaKind::Recording, 3600);
    const int a = add("/card/a.mp4", MediaKind::Take, 600),
              c = add("/other/c.mp4", MediaKind::Take, 300);
    lay(a, rec, 100, 20);
    lay(c, rec, 250.5, -10);
    const DayLayout d = day();
    EXPECT_TRUE(takesAtMoment(state_, d, a, {100}).empty()) << "it was not running yet";
    const auto there = takesAtMoment(state_, d, a, {200});
    ASSERT_EQ(there.size(), 1u);
    EXPECT_EQ(there[0].take, c);
    EXPECT_NEAR(there[0].at.value, (100 + 200 * 1.00002 - 250.5) / 0.99999, 1e-9);
    EXPECT_TRUE(takesAtMoment(state_, d, c, {299}).size() == 1);
    state_.tethers.pop_back();
    EXPECT_TRUE(takesAtMoment(state_, day(), a, {200}).empty()) << "it has no place";
}

}  // namespace
}  // namespace brisk
