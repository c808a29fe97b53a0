// SPDX-License-Identifier: GPL-3.0-or-later
// Thousands of random edits, undos, redos, saves and opens keep what must always hold.
#include <gtest/gtest.h>

#include <random>

#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"
#include "shoot/project_file.h"
#include "shoot/shoot_json.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr TimeRange kWhole{{0}, {120}};

std::string text(const ShootState& s) {
    return shootJson(s, {}).dump();
}

class EditProperties : public ::testing::Test {
  protected:
    void SetUp() override {
        shoot_.apply(commands::addMedia({{0, "/card/glue-01.mp4", MediaKind::Take, {}, {}},
                                         {0, "/card/glue-02.mp4", MediaKind::Take, {}, {}},
                                         {0, "/rec/lavalier-01.wav", MediaKind::Recording, {}, {}},
                                         {0, "/rec/hand.wav", MediaKind::Recording, {}, {}}}));
    }
    double at(double most) { return std::uniform_real_distribution<>(0, most)(random_); }
    int take() { return 1 + static_cast<int>(random_() % 2); }
    [[nodiscard]] TimeRanges keptOf(int take) const {
        const TakeEdit* e = shoot_.state().editOf(take);
        return e && !e->kept.empty() ? e->kept : TimeRanges{kWhole};
    }
    Tether found(int take) {
        Tether t;
        t.take = take;
        t.recording = 3 + static_cast<int>(random_() % 2);
        t.line = t.found.line = {{at(500)}, {at(60) - 30}};
        t.found.status = random_() % 4 ? MatchStatus::Matched : MatchStatus::Unsure;
        t.found.overlap = kWhole;
        t.beside = false;
        return t;
    }
    SoundChoice anyChoice() {
        SoundChoice c;
        c.camera = static_cast<CameraSound>(random_() % 3);
        c.map = static_cast<ChannelMap>(random_() % 6);
        c.toLoudness = random_() % 2;
        c.gainDb = at(12);
        c.quietClaps = random_() % 2;
        return c;
    }
    /// What a slip of the hand, or a search, might do; never an explicit step on a lock.
    Command careless(int t) {
        const ShootState& s = shoot_.state();
        switch (random_() % 8) {
            case 0:
                return commands::moveClean(s, t, {at(2) - 1});
            case 1:
                return commands::place(s, t, {{at(300)}, {at(20)}}, {"best-place"});
            case 2:
                return commands::takeMatches({found(t)});
            case 3:
                return commands::layOn(s, t, 3, {at(300)});
            case 4:
                return commands::backToFound(s, t);
            case 5:
                return commands::setSoundDelay(s, t, {at(0.04)});
            case 6:
                return commands::setTakeSound(s, {t}, anyChoice());
            default:
                return commands::keep(s, t, cutAt(keptOf(t), {at(120)}), kWhole, "cut");
        }
    }
    Command deliberate(int t) {
        const ShootState& s = shoot_.state();
        switch (random_() % 8) {
            case 0:
                return commands::lock(s, t);
            case 1:
                return commands::unlock(s, t);
            case 2:
                return commands::backToTether(s, t);
            case 3:
                return commands::keep(s, t, dropAt(keptOf(t), {at(120)}), kWhole, "drop-piece");
            case 4:
                return commands::keep(s, t, bringBackAt(keptOf(t), {at(120)}, kWhole), kWhole,
                                      "bring-back");
            case 5:
                return commands::setShootSound(s, anyChoice());
            case 6:
                return commands::addMark(s, t, {at(120)});
            default: {
                const double from = at(60);
                const TimeRanges shared{{{from}, {from + 50}}};
                const TimeRanges kept = keptWithin(keptOf(t), shared);
                return commands::keep(s, t, kept.empty() ? shared : kept, kWhole, "keep-selection");
            }
        }
    }
    void holds() {
        const ShootState& s = shoot_.state();
        for (const int t : {1, 2}) {
            const TimeRanges kept = keptOf(t);
            ASSERT_FALSE(kept.empty());
            Seconds last = kWhole.start;
            for (const TimeRange& r : kept) {
                ASSERT_LT(r.start, r.end);
                ASSERT_GE(r.start, last);
                last = r.end;
            }
            ASSERT_LE(last, kWhole.end);
            const auto tethers = s.tethersOf(t);
            for (const Tether* a : tethers) {
                ASSERT_EQ(a->locked, tethers.front()->locked) << "locked together or not at all";
            }
            if (s.stateOf(t) == TetherState::Slipped) {
                ASSERT_FALSE(tethers.empty() ? false : tethers.front()->locked);
                ASSERT_FALSE(s.editOf(t)->tethered.empty());
            }
        }
    }
    Shoot shoot_;
    std::mt19937 random_{77};
    test::TempFolder folder_;
};

TEST_F(EditProperties, ThousandsOfEditsKeepWhatMustHold) {
    const std::string file = folder_.file("day.brisk");
    int locked = 0, slipped = 0, back = 0;
    for (int i = 0; i < 6000; ++i) {
        const int t = take();
        const ShootState before = shoot_.state();
        const auto dice = random_() % 20;
        if (dice < 11) {
            const bool lockedNow = before.stateOf(t) == TetherState::Tethered;
            shoot_.apply(careless(t));
            if (lockedNow) {
                ++locked;
                ASSERT_EQ(shoot_.state().tethers, before.tethers)
                    << shoot_.undoLabel() << " moved what is locked";
            }
        } else if (dice < 17) {
            const bool was = before.stateOf(t) == TetherState::Slipped;
            slipped += was;
            const auto tethered = was ? before.editOf(t)->tethered : std::vector<Tether>{};
            const Command c = deliberate(t);
            shoot_.apply(c);
            if (was && c.label.id == "back-to-tether") {
                ++back;
                ASSERT_EQ(shoot_.state().stateOf(t), TetherState::Tethered);
                std::vector<Tether> now;
                for (const Tether* x : shoot_.state().tethersOf(t)) now.push_back(*x);
                ASSERT_EQ(now, tethered) << "to the sample";
            }
        } else if (dice == 17 && shoot_.canUndo()) {
            const std::string now = text(before);
            shoot_.undo();
            shoot_.redo();
            ASSERT_EQ(text(shoot_.state()), now) << "there and back";
            shoot_.undo();
        } else if (dice == 18 && shoot_.canRedo()) {
            shoot_.redo();
        } else if (i % 40 == 0) {
            ASSERT_TRUE(saveProject(shoot_, file, {}));
            auto loaded = loadShoot(file);
            ASSERT_TRUE(loaded);
            ASSERT_EQ(text(loaded->shoot.state()), text(before));
            ASSERT_EQ(loaded->shoot.steps().size(), shoot_.steps().size());
            shoot_ = std::move(loaded->shoot);
            // A history without end is not what this is about.
            if (shoot_.steps().size() > 400) shoot_ = Shoot(shoot_.state());
        }
        ASSERT_NO_FATAL_FAILURE(holds());
    }
    EXPECT_GT(locked, 300);
    EXPECT_GT(slipped, 100);
    EXPECT_GT(back, 10);
}

TEST_F(EditProperties, TakesThatAreOneStayOne) {
    shoot_.apply(commands::takeMatches({found(1), found(2)}));
    shoot_.apply(commands::joinTakes(shoot_.state(), {{1, 2, kWhole.end, true}}));
    int moved = 0, back = 0;
    for (int i = 0; i < 3000; ++i) {
        const int t = take();
        const ShootState before = shoot_.state();
        shoot_.apply(random_() % 2 ? careless(t) : deliberate(t));
        const ShootState& s = shoot_.state();
        ASSERT_NO_FATAL_FAILURE(holds());
        const Tether *a = s.tetherOf(1), *b = s.tetherOf(2);
        ASSERT_TRUE(a && b);
        ASSERT_EQ(a->locked, b->locked) << shoot_.undoLabel();
        back += a->locked && !before.tetherOf(1)->locked;
        if (a->recording != b->recording || a->state() == TetherState::Loose) continue;
        moved += !(a->line == before.tetherOf(1)->line);
        // To the second microsecond: the drift of the one is rounded into the offset of the other.
        ASSERT_NEAR(b->line.offset.value, a->line.toRecording(kWhole.end).value, 1e-6)
            << shoot_.undoLabel();
    }
    EXPECT_GT(moved, 100);
    EXPECT_GT(back, 50);
}

// Two halves of one take, each heard by another microphone at first.
TEST(TakesThatAreOne, AreHeardByTheSameMicrophone) {
    ShootState s;
    for (int id = 1; id <= 5; ++id) {
        s.media.push_back({id, std::to_string(id), MediaKind::Recording, {}});
    }
    const auto on = [&](int take, int recording, bool beside) {
        Tether t;
        t.take = take;
        t.recording = recording;
        t.found.status = MatchStatus::Matched;
        t.beside = beside;
        s.tethers.push_back(t);
    };
    on(1, 3, true);
    on(1, 5, false);
    // The second lies across two files of the lavalier, and on the recorder in the hand.
    on(2, 3, false);
    on(2, 4, false);
    on(2, 5, true);
    commands::joinTakes(s, {{1, 2, Seconds{20}, true}}).change(s);
    EXPECT_EQ(s.tetherOf(1)->recording, 3);
    for (const Tether& t : s.tethers) EXPECT_EQ(t.beside, t.recording == 5) << t.take;
}

TEST_F(EditProperties, UndoBringsBackTheIdenticalProject) {
    std::vector<std::string> states{text(shoot_.state())};
    const std::size_t first = shoot_.at();
    for (int i = 0; i < 300; ++i) {
        const int t = take();
        shoot_.apply(random_() % 2 ? careless(t) : deliberate(t));
        states.push_back(text(shoot_.state()));
    }
    for (std::size_t i = states.size() - 1; i > 0; --i) {
        ASSERT_EQ(text(shoot_.state()), states[i]);
        shoot_.undo();
    }
    EXPECT_EQ(shoot_.at(), first);
    EXPECT_EQ(text(shoot_.state()), states[0]);
}

TEST(Slipped, SaysByHowMuchUntilItIsBackOrANewTether) {
    Shoot shoot;
    shoot.apply(commands::addMedia({{0, "/card/glue-01.mp4", MediaKind::Take, {}, {}},
                                    {0, "/rec/lavalier-01.wav", MediaKind::Recording, {}, {}}}));
    Tether t;
    t.take = 1;
    t.recording = 2;
    t.line = t.found.line = {{30}, {12}};
    t.found.status = MatchStatus::Matched;
    t.found.overlap = kWhole;
    shoot.apply(commands::takeMatches({t}));
    shoot.apply(commands::lock(shoot.state(), 1));
    shoot.apply(commands::unlock(shoot.state(), 1));
    EXPECT_EQ(shoot.state().stateOf(1), TetherState::Offered) << "loosened, and not moved";
    shoot.apply(commands::moveClean(shoot.state(), 1, milliseconds(12.5)));
    ASSERT_EQ(shoot.state().stateOf(1), TetherState::Slipped);
    EXPECT_NEAR(shoot.state().slippedBy(1)->milliseconds(), 12.5, 1e-3);
    // Saved and opened it still knows.
    Shoot again(shootFromJson(shootJson(shoot.state(), "/")));
    EXPECT_EQ(again.state().stateOf(1), TetherState::Slipped);
    again.apply(commands::backToTether(again.state(), 1));
    EXPECT_EQ(again.state().stateOf(1), TetherState::Tethered);
    EXPECT_EQ(again.state().tetherOf(1)->line, t.line);
    // A new match slips it, too; a person may make that the tether.
    Tether other = t;
    other.line = other.found.line = {{31}, {12}};
    shoot.apply(commands::takeMatches({other}));
    EXPECT_NEAR(shoot.state().slippedBy(1)->value, -1, 1e-4)
        << "the recording runs on: it comes earlier";
    shoot.apply(commands::lock(shoot.state(), 1));
    EXPECT_EQ(shoot.state().stateOf(1), TetherState::Tethered);
    EXPECT_FALSE(shoot.state().slippedBy(1));
    EXPECT_EQ(shoot.state().editOf(1), nullptr);
}

}  // namespace
}  // namespace brisk
