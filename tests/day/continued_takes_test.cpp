// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/continued_takes.h"

#include <gtest/gtest.h>

#include <map>

#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/shoot_json.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

/// glue-07 and glue-08 are one take that the camera cut; glue-09 is another.
class ContinuedTakes : public ::testing::Test {
  protected:
    void SetUp() override {
        add("card/glue-07.mp4", MediaKind::Take, "2026-05-04T09:00:00Z", 240);
        add("card/glue-08.mp4", MediaKind::Take, "2026-05-04T09:04:00Z", 60);
        add("card/glue-09.mp4", MediaKind::Take, "2026-05-04T09:05:20Z", 60);
        add("lavalier.wav", MediaKind::Recording, "", 3600);
    }
    void add(const std::string& path, MediaKind role, const std::string& created, double length) {
        shoot_.apply(commands::addMedia({{0, path, role, {}, {}}}));
        MediaInfo& info = infos_[shoot_.state().nextId - 1];
        info.path = path;
        info.stamps.creationTime = created;
        info.duration = {length};
        info.container = "mp4";
        if (role == MediaKind::Take) {
            info.video.emplace();
            info.video->rate = {25, 1};
        }
    }
    static Tether on(int take, double offset, double overlap) {
        Tether t;
        t.take = take;
        t.recording = 4;
        t.line = t.found.line = {{offset}, {10}};
        t.found.overlap = {{0}, {overlap}};
        t.found.status = MatchStatus::Matched;
        return t;
    }
    void place(double second, double overlap = 60) {
        shoot_.apply(commands::takeMatches({on(1, 100, 240), on(2, second, overlap)}));
    }
    [[nodiscard]] std::vector<ContinuedTake> found() const {
        const auto factsOf = [&](int id) {
            const auto it = infos_.find(id);
            return it == infos_.end() ? DayFacts{} : DayFacts{&it->second, it->second.duration};
        };
        return continuedTakes(shoot_.state(), shotOrder(shoot_.state(), factsOf), factsOf);
    }
    void join() { shoot_.apply(commands::joinTakes(shoot_.state(), found())); }
    [[nodiscard]] const Tether& tether(int take) const { return *shoot_.state().tetherOf(take); }
    Shoot shoot_;
    std::map<int, MediaInfo> infos_;
};

TEST_F(ContinuedTakes, AreKnownByTheirStampsUntilTheyHavePlaces) {
    auto all = found();
    ASSERT_EQ(all.size(), 1u) << "twenty seconds of pause are a pause";
    EXPECT_EQ(all[0].before, 1);
    EXPECT_EQ(all[0].after, 2);
    EXPECT_FALSE(all[0].measured);
    place(100 + 240.0024);
    all = found();
    ASSERT_EQ(all.size(), 1u);
    EXPECT_TRUE(all[0].measured);
    place(100 + 240.9);
    EXPECT_TRUE(found().empty()) << "the places know better than the stamps";
}

TEST_F(ContinuedTakes, OneLineServesBothAndTheyMoveAndLockAsOne) {
    place(100 + 240.004);
    join();
    const double end = tether(1).line.toRecording({240}).value;
    EXPECT_NEAR(tether(2).line.offset.value, end, 1e-9);
    EXPECT_EQ(tether(2).state(), TetherState::Offered) << "nobody moved it by hand";
    shoot_.apply(commands::moveClean(shoot_.state(), 2, Seconds{0.5}));
    EXPECT_NEAR(tether(1).line.offset.value, 99.5, 1e-9);
    EXPECT_NEAR(tether(2).line.offset.value, tether(1).line.toRecording({240}).value, 1e-9);
    shoot_.apply(commands::place(shoot_.state(), 1, {{120}, {-30}}, {"best-place"}));
    EXPECT_NEAR(tether(2).line.offset.value, tether(1).line.toRecording({240}).value, 1e-9);
    EXPECT_NEAR(tether(2).line.drift.value, -30, 1e-9);
    shoot_.apply(commands::lock(shoot_.state(), 1));
    EXPECT_EQ(tether(2).state(), TetherState::Tethered);
    shoot_.apply(commands::partTakes(shoot_.state(), 2));
    shoot_.apply(commands::unlock(shoot_.state(), 1));
    EXPECT_EQ(tether(2).state(), TetherState::Tethered) << "each for itself again";
}

TEST_F(ContinuedTakes, ANewSearchLeavesThemOnOneLine) {
    place(100 + 240.004);
    join();
    place(100 + 240.009);
    EXPECT_NEAR(tether(2).line.offset.value, tether(1).line.toRecording({240}).value, 1e-9);
    shoot_.apply(commands::moveClean(shoot_.state(), 1, Seconds{0.25}));
    shoot_.apply(commands::takeMatches({on(2, 340.009, 1000)}));
    EXPECT_NEAR(tether(1).line.offset.value, 99.75, 1e-9) << "a hand's place leads";
    EXPECT_NEAR(tether(2).line.offset.value, tether(1).line.toRecording({240}).value, 1e-9);
}

TEST_F(ContinuedTakes, AreLaidAndGoBackToTheirTetherTogether) {
    place(100 + 240.004);
    join();
    shoot_.apply(commands::lock(shoot_.state(), 2));
    const std::vector<Tether> tethered = shoot_.state().tethers;
    shoot_.apply(commands::unlock(shoot_.state(), 1));
    shoot_.apply(commands::layOn(shoot_.state(), 2, 4, Seconds{500}));
    EXPECT_EQ(shoot_.state().stateOf(1), TetherState::Slipped);
    EXPECT_NEAR(tether(1).line.offset.value, 260, 1e-9) << "before it by its own length";
    shoot_.apply(commands::backToTether(shoot_.state(), 2));
    EXPECT_EQ(shoot_.state().tethers, tethered);
    EXPECT_EQ(shoot_.state().stateOf(1), TetherState::Tethered);
}

TEST_F(ContinuedTakes, TheBetterMeasuredOneLeads) {
    shoot_.apply(commands::takeMatches({on(1, 100.003, 20), on(2, 340.0024, 60)}));
    join();
    EXPECT_EQ(tether(2).line.offset.value, 340.0024);
    EXPECT_NEAR(tether(1).line.toRecording({240}).value, 340.0024, 1e-9);
}

TEST_F(ContinuedTakes, ALooseOneIsLaidByTheOtherForAnEarToConfirm) {
    shoot_.apply(commands::takeMatches({on(1, 100, 240)}));
    join();
    ASSERT_TRUE(shoot_.state().tetherOf(2));
    EXPECT_EQ(tether(2).state(), TetherState::NeedsAnEar);
    EXPECT_NEAR(tether(2).line.offset.value, tether(1).line.toRecording({240}).value, 1e-9);
    EXPECT_NE(sentence(tether(2).found.reason).find("glue-07"), std::string::npos);
}

TEST_F(ContinuedTakes, OfThreeTheBestMeasuredLeadsAllAndALooseFirstIsLaidByWhatFollows) {
    shoot_.apply(commands::takeMatches({on(2, 340.002, 60), on(3, 400, 900)}));
    shoot_.apply(commands::joinTakes(shoot_.state(), {{1, 2, {240}, true}, {2, 3, {60}, true}}));
    EXPECT_NEAR(tether(2).line.toRecording({60}).value, 400, 1e-9);
    EXPECT_EQ(tether(1).state(), TetherState::NeedsAnEar);
    EXPECT_NEAR(tether(1).line.toRecording({300}).value, 400, 1e-9);
    EXPECT_NE(sentence(tether(1).found.reason).find("glue-08.mp4 goes on from it"),
              std::string::npos);
}

TEST_F(ContinuedTakes, IsSavedAndADamagedChainEnds) {
    place(100 + 240.004);
    join();
    ShootState back = shootFromJson(shootJson(shoot_.state(), "/"));
    EXPECT_EQ(back.oneWith(2), (std::vector<std::pair<int, Seconds>>{{1, {0}}, {2, {240}}}));
    back.media[0].goesOnFrom = 2;  // each after the other
    EXPECT_LE(back.oneWith(1).size(), back.media.size() + 1);
}

}  // namespace
}  // namespace brisk
