// SPDX-License-Identifier: GPL-3.0-or-later
// What the proof shows against what is true: drift, a gap, the slips at the spot checks.
#include "app/proof/proof.h"

#include <gtest/gtest.h>

#include <QTest>
#include <cmath>

#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk::app {
namespace {

class ProofTest : public ::testing::Test {
  protected:
    void shootOf(const std::vector<float>& scratch, const std::vector<float>& clean) {
        pair_.take = std::make_shared<const SoundScan>(shoot_.take(scratch));
        pair_.recording = std::make_shared<const SoundScan>(shoot_.recording(clean));
        auto found = matchPair(*pair_.take, *pair_.recording, {}, JobControl{});
        ASSERT_TRUE(found);
        ASSERT_EQ(found->status, MatchStatus::Matched) << found->reason;
        pair_.tether.found = *found;
        pair_.tether.line = found->line;
    }
    const ProofState& look() {
        proof_.examine(pair_);
        EXPECT_TRUE(QTest::qWaitFor([&] { return proof_.state().done; }, 60000));
        return proof_.state();
    }
    test::ShootFolder shoot_;
    PlacedPair pair_;
    Proof proof_;
    std::vector<float> day_ = test::babble(100, 48000, 21);
};

TEST_F(ProofTest, TheSlipLineShowsADriftOf30PartsPerMillion) {
    shootOf(test::cut(day_, 10, 90), test::onFastClock(day_, 30));
    pair_.tether.line.drift = {0};  // as if the clocks ran alike
    const ProofState& s = look();
    EXPECT_EQ(s.verdict.fit, Fit::Drifting) << s.verdict.said;
    // The recorder counts more seconds: without correction the clean sound lags more and more.
    EXPECT_NEAR(s.verdict.slope, -30e-6, 1e-6);
    for (const SlipPoint& p : s.slips) {
        if (!p.slip) continue;
        EXPECT_NEAR(p.slip->value, -30e-6 * p.time.value, 1e-4) << p.time.value;
    }
    EXPECT_GT(s.verdict.heard, s.verdict.asked * 3 / 4);
    EXPECT_TRUE(s.unfollowed.empty()) << "there is nothing to follow";
}

TEST_F(ProofTest, TheSlipLineShowsAGapWhereItIs) {
    std::vector<float> gap = day_;
    gap.erase(gap.begin() + 60 * 48000, gap.begin() + 60 * 48000 + 24000);
    shootOf(test::cut(day_, 10, 90), gap);
    ASSERT_EQ(pair_.tether.found.segments.size(), 2u) << pair_.tether.found.reason;
    const ProofState& s = look();
    ASSERT_EQ(s.verdict.jumps.size(), 1u) << s.verdict.said;
    EXPECT_NEAR(s.verdict.jumps[0].at.value, 50, 3);
    EXPECT_NEAR(s.verdict.jumps[0].by.value, 0.5, 1e-3);
}

TEST_F(ProofTest, TheSpotChecksSayWhatIsTrueWhereverTheCleanSoundIs) {
    shootOf(test::sum(test::cut(day_, 10, 90), test::whiteNoise(80, 48000, 0.01, 2)), day_);
    for (const double slip : {0.0, 0.0007, -0.0043, 0.031}) {
        pair_.tether.line = {{10 + slip}, {0}};
        const ProofState& s = look();
        for (const SpotCheck& spot : s.spots) {
            ASSERT_TRUE(spot.slip) << slip;
            EXPECT_NEAR(spot.slip->value, slip, 1e-4);
        }
    }
}

TEST_F(ProofTest, WhereSomebodyWalkedTheWayIsTakenOff) {
    shootOf(test::cut(day_, 10, 90), day_);
    // Heard 4.3 ms late in the second half: whoever speaks stands farther away.
    pair_.tether.line = {{10}, {0}};
    pair_.tether.found.path = {{{1}, {0}}, {{38}, {0}}, {{42}, {0.0043}}, {{79}, {0.0043}}};
    std::vector<float> scratch = test::cut(day_, 10, 90);
    const std::size_t half = 40 * 48000, late = 206;
    scratch.insert(scratch.begin() + half, late, 0.0f);
    scratch.resize(80 * 48000);
    pair_.take = std::make_shared<const SoundScan>(shoot_.take(scratch));
    const ProofState& s = look();
    EXPECT_EQ(s.verdict.fit, Fit::InPlace) << s.verdict.said;
    EXPECT_LT(std::fabs(s.verdict.worst.value), 0.0005);
    const SpotCheck& end = s.spots.back();
    ASSERT_TRUE(end.slip);
    EXPECT_TRUE(isTheWay(*end.slip, end.way));
    EXPECT_NEAR(end.slip->value, late / 48000.0, 1e-4);
    const auto worst = proof_.worstSpot();
    EXPECT_TRUE(!worst || std::fabs((*s.spots[*worst].slip - s.spots[*worst].way).value) < 0.001);
}

TEST_F(ProofTest, AFitDoesNotHideThatTheSearchWasNotSure) {
    shootOf(test::cut(day_, 10, 90), day_);
    pair_.tether.found.status = MatchStatus::Unsure;
    const std::string said = sentence(look().verdict.said);
    EXPECT_NE(said.find("In place from first to last"), std::string::npos) << said;
    EXPECT_NE(said.find("not sure all the same"), std::string::npos) << said;
}

TEST_F(ProofTest, ShowsWhatWouldBeWithoutFollowingAJump) {
    shootOf(test::cut(day_, 10, 90), day_);
    pair_.tether.found.segments = {{{{0}, {40}}, {{10}, {0}}}, {{{40}, {80}}, {{9.99}, {0}}}};
    const ProofState& s = look();
    ASSERT_EQ(s.unfollowed.size(), 4u);
    EXPECT_TRUE(s.jumps);
    EXPECT_NEAR(s.unfollowed[1].slip.value, 0, 1e-12);
    EXPECT_NEAR(s.unfollowed[3].slip.value, 0.01, 1e-9);
}

}  // namespace
}  // namespace brisk::app
