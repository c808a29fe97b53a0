// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/day_layout.h"

#include <gtest/gtest.h>

#include <map>

#include "shoot/commands.h"
#include "shoot/shoot.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

class DayLayoutTest : public ::testing::Test {
  protected:
    int add(const std::string& path, MediaKind role, double length,
            const std::optional<double>& reference = {}) {
        MediaItem m;
        m.path = path;
        m.role = role;
        shoot.apply(commands::addMedia({m}));
        const int id = shoot.state().media.back().id;
        MediaInfo info;
        info.path = path;
        info.duration = {length};
        if (reference) info.stamps.bextReference = Seconds{*reference};
        if (role == MediaKind::Take) {
            info.video.emplace();
            info.video->codec = "h264";
            info.container = "mp4";
        }
        infos[id] = info;
        return id;
    }
    void place(int take, int recording, double offset) {
        shoot.apply(commands::layOn(shoot.state(), take, recording, {offset}));
    }
    DayLayout day() {
        return layOutDay(shoot.state(), [&](int id) {
            return DayFacts{&infos[id], infos[id].duration};
        });
    }
    static const DayTake& of(const DayLayout& d, int take) {
        return *std::find_if(d.takes.begin(), d.takes.end(),
                             [&](const DayTake& t) { return t.take == take; });
    }
    Shoot shoot;
    std::map<int, MediaInfo> infos;
};

TEST_F(DayLayoutTest, HangsTakesWhereTheyBelongAndShelvesTheRest) {
    const int rec = add("lavalier.wav", MediaKind::Recording, 600);
    const int a = add("a.mp4", MediaKind::Take, 60);
    const int b = add("b.mp4", MediaKind::Take, 100);
    const int loose = add("c.mp4", MediaKind::Take, 10);
    place(a, rec, 30);
    place(b, rec, 550);
    const DayLayout d = day();
    EXPECT_EQ(d.rows, 1);
    EXPECT_EQ(d.laneNames.size(), 1u) << "one camera";
    EXPECT_EQ(d.shelf, std::vector<int>{loose});
    EXPECT_EQ(of(d, a).day.start, Seconds{30});
    EXPECT_EQ(of(d, a).covered.front().length(), Seconds{60});
    EXPECT_EQ(of(d, b).covered.front().length(), Seconds{50}) << "the recording ends before it";
    EXPECT_EQ(d.length, Seconds{650});
    EXPECT_FALSE(d.clock);
}

TEST_F(DayLayoutTest, ADayBeginsWithATakeThatBeginsBeforeItsRecording) {
    const int rec = add("lavalier.wav", MediaKind::Recording, 600, 9 * 3600);
    const int a = add("a.mp4", MediaKind::Take, 60);
    place(a, rec, -25);
    const DayLayout d = day();
    EXPECT_EQ(of(d, a).day.start, Seconds{0});
    EXPECT_EQ(d.ribbons[0].day.start, Seconds{25});
    EXPECT_EQ(of(d, a).covered.front().start, Seconds{25});
    ASSERT_TRUE(d.clock);
    EXPECT_EQ(*d.clock, Seconds{9 * 3600 - 25});
}

TEST_F(DayLayoutTest, RecordingsLieWhereTheirStampsSayOrOneAfterTheOther) {
    add("second.wav", MediaKind::Recording, 600, 36000);
    add("first.wav", MediaKind::Recording, 600, 32400);
    add("hand.wav", MediaKind::Recording, 600, 36100);  // at the same time as the second
    DayLayout d = day();
    EXPECT_EQ(d.ribbons[1].day.start, Seconds{0});
    EXPECT_EQ(d.ribbons[0].day.start, Seconds{3600});
    EXPECT_EQ(d.rows, 2);
    EXPECT_NE(d.ribbons[0].row, d.ribbons[2].row);
    infos[shoot.state().media[1].id].stamps = {};
    d = day();
    EXPECT_EQ(d.rows, 1);
    EXPECT_GT(d.ribbons[1].day.start, d.ribbons[0].day.end);
}

TEST_F(DayLayoutTest, PastMidnightComesAfterIt) {
    add("late.wav", MediaKind::Recording, 600, 600);              // 0:10
    add("evening.wav", MediaKind::Recording, 900, 23 * 3600);     // 23:00
    add("midnight.wav", MediaKind::Recording, 900, 86400 - 120);  // 23:58
    const DayLayout d = day();
    EXPECT_EQ(d.ribbons[1].day.start, Seconds{0});
    EXPECT_EQ(d.ribbons[2].day.start, Seconds{3600 - 120});
    EXPECT_EQ(d.ribbons[0].day.start, Seconds{3600 + 600});
    EXPECT_EQ(*d.clock, Seconds{23 * 3600});
}

TEST_F(DayLayoutTest, TakesOfOneCameraShareALaneUnlessTheyOverlap) {
    const int rec = add("lavalier.wav", MediaKind::Recording, 600);
    const int a = add("a.mp4", MediaKind::Take, 60);
    const int b = add("b.mp4", MediaKind::Take, 60);
    const int phone = add("phone.mov", MediaKind::Take, 60);
    infos[phone].container = "mov";
    place(a, rec, 10);
    place(b, rec, 200);
    place(phone, rec, 15);
    DayLayout d = day();
    EXPECT_EQ(of(d, a).lane, of(d, b).lane);
    EXPECT_NE(of(d, a).lane, of(d, phone).lane);
    place(b, rec, 40);
    d = day();
    EXPECT_NE(of(d, a).lane, of(d, b).lane);
    shoot.apply(commands::setCamera({a, b, phone}, "the phone"));
    EXPECT_EQ(day().laneNames.front(), "the phone");
    EXPECT_EQ(sentence(shoot.undoLabel()), "Name the camera of 3 takes");
}

}  // namespace
}  // namespace brisk
