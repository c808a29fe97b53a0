// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/whole_shoot.h"

#include <gtest/gtest.h>

#include "support/facts_text.h"
#include "support/placed_shoot.h"

namespace brisk {
namespace {

class WholeShootTest : public test::PlacedShoot {
  protected:
    void consider(std::vector<Tether>& found) {
        considerWholeShoot(found, shoot.state(), [&](int id) { return facts(id); });
    }
};

TEST_F(WholeShootTest, AShortTakeBorrowsTheClockOfLongOnes) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 600);
    const int b = add("/card/C0002.mp4", MediaKind::Take, 500);
    const int s = add("/card/C0003.mp4", MediaKind::Take, 8);
    std::vector<Tether> found{match(a, 100, 14.1), match(b, 900, 14.3), match(s, 2000, -8)};
    const Seconds middle = found[2].line.toRecording({4});
    consider(found);
    EXPECT_NEAR(found[2].line.drift.value, 14.3, 1e-9);
    EXPECT_NEAR(found[2].line.toRecording({4}).value, middle.value, 1e-9) << "its place stays";
    EXPECT_EQ(found[2].found.line, found[2].line);
    EXPECT_NE(sentence(found[2].found.reason).find("14.3 ppm"), std::string::npos);
    EXPECT_NEAR(found[0].line.drift.value, 14.1, 1e-9) << "who measured well keeps their own";
    EXPECT_FALSE(found[2].movedByHand());
}

TEST_F(WholeShootTest, NothingIsBorrowedFromClocksThatDisagreeOrOfAnotherCamera) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 600);
    const int b = add("/card/C0002.mp4", MediaKind::Take, 500);
    const int s = add("/card/C0003.mp4", MediaKind::Take, 8);
    std::vector<Tether> found{match(a, 100, 14), match(b, 900, -30), match(s, 2000, -8)};
    consider(found);
    EXPECT_EQ(found[2].line.drift.value, -8);
    const int phone = add("/phone/IMG_1.mov", MediaKind::Take, 8);
    found = {match(a, 100, 14), match(b, 900, 14), match(phone, 2000, -8)};
    consider(found);
    EXPECT_EQ(found[2].line.drift.value, -8);
}

TEST_F(WholeShootTest, NoDriftIsBorrowedThatASoundOfItsOwnContradicts) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 600);
    const int b = add("/card/C0002.mp4", MediaKind::Take, 500);
    const int second = add("/card/C0003.mp4", MediaKind::Take, 60);
    std::vector<Tether> found{match(a, 100, 14), match(b, 900, 14), match(second, 2000, -36)};
    consider(found);
    EXPECT_EQ(found[2].line.drift.value, -36) << "a second camera: 1.5 ms at either end";
}

TEST_F(WholeShootTest, ALongTakeWithThreeClapsBorrowsTooAndKeepsItsPlaceAtTheClaps) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 600);
    const int claps = add("/card/C0002.mp4", MediaKind::Take, 300);
    std::vector<Tether> found{match(a, 100, 14), match(claps, 900, -30)};
    found[1].found.status = MatchStatus::Unsure;
    for (const double t : {2.5, 3.3, 5.7}) found[1].found.slips.push_back({{t}, {0}, true});
    found[1].found.slips.push_back({{200}, {0.3}, false});
    const Seconds there = found[1].line.toRecording({4.1});
    consider(found);
    EXPECT_EQ(found[1].line.drift.value, 14);
    EXPECT_NEAR(found[1].line.toRecording({4.1}).value, there.value, 1e-12);
    EXPECT_EQ(found[1].state(), TetherState::NeedsAnEar) << "a clock makes nothing sure";
}

TEST_F(WholeShootTest, APieceOfAJoinKeepsTheLineItShares) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 600);
    const int b = add("/card/C0002.mp4", MediaKind::Take, 20);
    std::vector<Tether> found{match(a, 100, 14), match(b, 900, 13), match(b, -5, 13)};
    found[2].recording = 99;
    consider(found);
    EXPECT_EQ(found[1].line.drift.value, 13);
}

TEST_F(WholeShootTest, AnUnsurePlaceSaysHowItFitsTheCamerasOrder) {
    const int a = add("/card/C0007.mp4", MediaKind::Take, 60);
    const int b = add("/card/C0008.mp4", MediaKind::Take, 60);
    const int c = add("/card/C0009.mp4", MediaKind::Take, 60);
    const auto reasonAt = [&](double offset) {
        std::vector<Tether> found{match(a, 100, 0), match(b, offset, 0), match(c, 900, 0)};
        found[1].found.status = MatchStatus::Unsure;
        consider(found);
        EXPECT_EQ(found[1].found.status, MatchStatus::Unsure) << "order is no sound";
        return sentence(found[1].found.reason);
    };
    EXPECT_NE(reasonAt(400).find("between C0007.mp4 and C0009.mp4"), std::string::npos);
    EXPECT_NE(reasonAt(1400).find("before C0009.mp4, and here it lies the other way round"),
              std::string::npos)
        << reasonAt(1400);
    EXPECT_NE(reasonAt(20).find("after C0007.mp4"), std::string::npos);
}

TEST_F(WholeShootTest, TwoTakesOfOneCameraThatClaimTheSameStretchNeedAnEar) {
    const int a = add("/card/C0001.mp4", MediaKind::Take, 60);
    const int b = add("/card/C0002.mp4", MediaKind::Take, 60);
    const int c = add("/card/C0003.mp4", MediaKind::Take, 60);
    const int other = add("/phone/C0001.mp4", MediaKind::Take, 60);
    std::vector<Tether> found{match(a, 100, 0), match(b, 130, 0), match(c, 160.2, 0),
                              match(other, 110, 0)};
    infos[other].container = "mov";
    // The third begins where the first ends, and touches the second for half a minute.
    consider(found);
    EXPECT_EQ(found[0].state(), TetherState::NeedsAnEar);
    EXPECT_EQ(found[1].state(), TetherState::NeedsAnEar);
    EXPECT_NE(sentence(found[0].found.reason).find("same stretch as C0002.mp4"), std::string::npos);
    EXPECT_EQ(found[3].state(), TetherState::Offered) << "another camera may film the same";
    found = {match(a, 100, 0), match(b, 160.3, 0)};
    consider(found);
    EXPECT_EQ(found[0].state(), TetherState::Offered) << "one after the other is no contradiction";
    // A take that a person has tethered counts, and stays.
    shoot.apply(commands::takeMatches({match(a, 100, 0)}));
    shoot.apply(commands::lock(shoot.state(), a));
    found = {match(b, 120, 0)};
    consider(found);
    EXPECT_EQ(found[0].state(), TetherState::NeedsAnEar);
}

}  // namespace
}  // namespace brisk
