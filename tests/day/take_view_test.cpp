// SPDX-License-Identifier: GPL-3.0-or-later
// What can be done to a take, and what a window shows of it, without a window.
#include "day/take_view.h"

#include <gtest/gtest.h>

#include "day/continued_takes.h"
#include "day/permissions.h"
#include "day/place_offers.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

constexpr int kTake = 1, kRecording = 2;

class TakeViewTest : public ::testing::Test {
  protected:
    TakeViewTest() {
        const auto sound = test::babble(20, 48000, 7);
        take_ = std::make_shared<const SoundScan>(files_.take(test::cut(sound, 4, 12)));
        recording_ = std::make_shared<const SoundScan>(files_.recording(sound));
        shoot_.apply(commands::addMedia({{0, take_->info.path, MediaKind::Take, {}},
                                         {0, recording_->info.path, MediaKind::Recording, {}}}));
    }
    void place(MatchStatus status = MatchStatus::Matched) {
        Tether t;
        t.take = kTake;
        t.recording = kRecording;
        t.found.status = status;
        t.found.line = t.line = {{4}, {0}};
        t.found.overlap = {{0}, {8}};
        t.found.rivals = {{{9.5}, -7}};
        shoot_.apply(commands::takeMatches({t}));
    }
    [[nodiscard]] TakeView view(bool read = true) const {
        const auto scan = [&, read](int id) -> std::shared_ptr<const SoundScan> {
            return !read ? nullptr : id == kTake ? take_ : recording_;
        };
        return viewOf(shoot_.state(), kTake,
                      {[&](int id) { return &(id == kTake ? take_ : recording_)->info; }, scan,
                       [this](const TakeSoundPlan&) {
                           ++asked_;
                           return nullptr;
                       },
                       continued_});
    }
    static std::string why(const Fact& f) { return f.empty() ? "" : f.id; }

    test::ShootFolder files_;
    std::shared_ptr<const SoundScan> take_, recording_;
    Shoot shoot_;
    std::vector<ContinuedTake> continued_;
    mutable int asked_ = 0;
};

TEST_F(TakeViewTest, SliversAreNotHeardUnlessNothingElseIsKept) {
    place();
    const TimeRange whole = view().whole;
    shoot_.apply(
        commands::keep(shoot_.state(), kTake, {{{1}, {1.00002}}, {{2}, {5}}}, whole, "cut"));
    EXPECT_EQ(view().sound->kept, (TimeRanges{{{2}, {5}}}));
    shoot_.apply(commands::keep(shoot_.state(), kTake, {{{1}, {1.00002}}}, whole, "cut"));
    EXPECT_EQ(view().sound->kept, (TimeRanges{{{1}, {1.00002}}})) << "which export refuses";
}

TEST_F(TakeViewTest, OfALooseTake) {
    const TakeView v = view();
    EXPECT_FALSE(v.placed);
    EXPECT_FALSE(v.pair);
    EXPECT_TRUE(v.read);
    EXPECT_NEAR(v.whole.end.value, 8, 0.1);
    EXPECT_EQ(v.kept, TimeRanges{v.whole});
    EXPECT_EQ(why(whyNotTether(v)), "no-place-yet");
    EXPECT_EQ(why(whyNotMove(v)), "no-place-yet");
    EXPECT_EQ(why(whyNotHear(v)), "no-place-yet");
    EXPECT_EQ(why(whyNotLayByHand(v)), "");
    EXPECT_EQ(why(whyNotLayByHand(view(false))), "still-being-read");
    shoot_.apply(commands::removeMedia(shoot_.state(), kRecording));
    EXPECT_EQ(why(whyNotLayByHand(view())), "no-recording-yet");
}

TEST_F(TakeViewTest, OfAPlacedOne) {
    place();
    const TakeView v = view();
    ASSERT_TRUE(v.pair && v.sound);
    EXPECT_EQ(v.state, TetherState::Offered);
    EXPECT_EQ(v.heard().size(), 1u);
    EXPECT_EQ(v.units.sampleRate.hertz, 48000);
    EXPECT_EQ(why(whyNotTether(v)), "");
    EXPECT_EQ(why(whyNotMove(v)), "");
    EXPECT_EQ(why(whyNotBackToFound(v)), "where-it-was-found");
    EXPECT_EQ(why(whyNotLayByHand(v)), "has-a-place");
    EXPECT_EQ(why(whyNotLoosen(v)), "not-tethered");
    EXPECT_EQ(why(whyNotBackToTether(v)), "not-slipped");
    EXPECT_EQ(why(whyNotHear(view(false))), "still-being-read");
    shoot_.apply(commands::moveClean(shoot_.state(), kTake, {0.01}));
    EXPECT_EQ(why(whyNotBackToFound(view())), "");
}

TEST_F(TakeViewTest, OfATetheredAndASlippedOne) {
    place();
    shoot_.apply(commands::lock(shoot_.state(), kTake));
    EXPECT_EQ(why(whyNotTether(view())), "tethered-already");
    EXPECT_EQ(why(whyNotMove(view())), "loosen-it-first");
    EXPECT_EQ(why(whyNotLoosen(view())), "");
    shoot_.apply(commands::unlock(shoot_.state(), kTake));
    shoot_.apply(commands::moveClean(shoot_.state(), kTake, {0.02}));
    const TakeView v = view();
    EXPECT_EQ(v.state, TetherState::Slipped);
    EXPECT_NEAR(v.slippedBy->value, 0.02, 1e-9);
    EXPECT_EQ(why(whyNotBackToTether(v)), "");
}

TEST_F(TakeViewTest, WhereNothingFittedThereIsNoPair) {
    place(MatchStatus::Unmatched);
    const TakeView v = view();
    EXPECT_TRUE(v.tether) << "what was said of it is there";
    EXPECT_FALSE(v.placed || v.pair || v.sound);
}

TEST_F(TakeViewTest, NothingIsMeasuredBecauseSomebodyLooks) {
    place();
    SoundChoice loud;
    loud.toLoudness = true;
    shoot_.apply({{"sound-for-all"}, [&](ShootState& s) { s.sound = loud; }});
    const TakeView v = view();
    EXPECT_EQ(asked_, 1) << "what is known is asked for";
    EXPECT_FALSE(v.sound->level.measured());
}

TEST_F(TakeViewTest, MarksCountWhereBothSidesHaveThem) {
    place();
    shoot_.apply(commands::addMark(shoot_.state(), kRecording, {6}));
    EXPECT_FALSE(view().marksOnBoth);
    shoot_.apply(commands::addMark(shoot_.state(), kTake, {2}));
    EXPECT_TRUE(view().marksOnBoth);
    EXPECT_EQ(marksOf(shoot_.state(), kTake), std::vector<Seconds>{Seconds{2}});
}

// What is treated as one already is not offered once more; one of two neighbours is enough.
TEST(JoinsWithin, OffersWhatIsNotOneYet) {
    ShootState s;
    for (int id = 1; id <= 3; ++id) s.media.push_back({id, "/card/a.mp4", MediaKind::Take, {}});
    s.media[1].goesOnFrom = 1;
    const std::vector<ContinuedTake> all{{1, 2, {60}, true}, {2, 3, {60}, true}};
    const auto offered = joinsWithin(all, s, {2});
    ASSERT_EQ(offered.size(), 1u);
    EXPECT_EQ(offered[0].after, 3);
    EXPECT_TRUE(joinsWithin(all, s, {1, 3}).empty()) << "not neighbours";
    EXPECT_EQ(joinsWithin(all, s, {1, 2, 3}).size(), 1u);
}

TEST(PlaceOffers, TheFoundPlaceComesBeforeItsRivals) {
    TetherEstimate e;
    e.line = {{4}, {3}};
    EXPECT_TRUE(offersOf(e).empty()) << "one place is nothing to choose from";
    e.rivals = {{{9.5}, -7}, {{1}, -12}};
    const auto offers = offersOf(e);
    ASSERT_EQ(offers.size(), 3u);
    EXPECT_EQ(offers[0].line, e.line);
    EXPECT_EQ(sentence(offers[1].where), "a place 7 dB weaker");
    EXPECT_EQ(offers[1].line.drift, e.line.drift);
}

TEST(PlaceOffers, TiesAreSaid) {
    const std::vector<Seconds> take{{1}, {2}}, recording{{11}, {12}, {13}};
    const MarkOffers offers = offersOf(fitMarks(take, recording, {0}));
    ASSERT_GE(offers.places.size(), 2u) << "equal spacing fits twice";
    EXPECT_NE(sentence(offers.said).find("other ways fit as well"), std::string::npos)
        << sentence(offers.said);
    EXPECT_TRUE(offersOf(std::vector<MarkFit>{}).said.empty());
}

TEST(PlaceOffers, TheNearestMomentWithinReach) {
    const std::vector<Seconds> moments{{1}, {4}, {4.6}};
    EXPECT_EQ(nearest(moments, {4.2}, {1}), Seconds{4});
    EXPECT_EQ(nearest(moments, {4.4}, {1}), Seconds{4.6});
    EXPECT_EQ(nearest(moments, {2.6}, {1}), std::nullopt);
}

}  // namespace
}  // namespace brisk
