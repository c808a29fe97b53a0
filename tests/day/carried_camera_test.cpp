// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/carried_camera.h"

#include "support/placed_shoot.h"

namespace brisk {
namespace {

class CarriedCamera : public test::PlacedShoot {
  protected:
    Tether matched(double offset, double drift) {
        const std::string name = "/card/C" + std::to_string(infos.size()) + ".mp4";
        Tether t = match(add(name, MediaKind::Take, 40), offset, drift);
        t.found.reason = {{"clock-or-way", {{"metres", 10.0}}}};
        return t;
    }
    void part(std::vector<Tether>& found) {
        partClockAndWay(found, shoot.state(), [&](int id) { return facts(id); });
    }
};

TEST_F(CarriedCamera, HasTheClockOfTwoOthersAndTheRestIsItsWay) {
    std::vector<Tether> found{matched(100, 14), matched(200, 16), matched(300, -486)};
    part(found);
    const Tether& t = found[2];
    EXPECT_NEAR(t.line.drift.value, 16, 1e-9);
    EXPECT_NEAR(t.line.offset.value, 300, 1e-9) << "it begins where the speaker is nearest";
    EXPECT_FALSE(t.movedByHand());
    ASSERT_GE(t.found.path.size(), 20u);
    EXPECT_EQ(t.found.path.front().later.value, 0);
    EXPECT_NEAR(t.found.path.back().later.value, 502e-6 * 40, 1e-6);
    EXPECT_NEAR(pathAt(t.found.path, {20}).value, 502e-6 * 20, 1e-6);
    EXPECT_FALSE(findFact(t.found.reason, "clock-or-way"));
    EXPECT_NEAR(findFact(t.found.reason, "speaker-walks")->number("metres"), 6.9, 0.05);
    EXPECT_TRUE(found[0].found.path.empty());
    EXPECT_EQ(found[0].line.drift.value, 14);
}

TEST_F(CarriedCamera, IsNearestAtTheEndWhereItComesNearer) {
    std::vector<Tether> found{matched(100, 0), matched(200, 0), matched(300, 400)};
    part(found);
    EXPECT_EQ(found[2].line.drift.value, 0);
    EXPECT_NEAR(found[2].line.toRecording({40}).value, 340.016, 1e-9);
    EXPECT_NEAR(found[2].found.path.front().later.value, 0.016, 1e-9);
    EXPECT_NEAR(found[2].found.path.back().later.value, 0, 1e-9);
}

TEST_F(CarriedCamera, KeepsWhatWasLost) {
    std::vector<Tether> found{matched(100, 0), matched(200, 0), matched(300, -500)};
    auto& segments = found[2].found.segments;
    segments = {{{{0}, {20}}, {{300}, {-500}}, {0}},
                {{{20.05}, {40}}, {{299.95}, {-500}}, Seconds{0.1}}};
    part(found);
    ASSERT_EQ(segments.size(), 2u);
    EXPECT_NEAR((segments[0].line.offset - segments[1].line.offset).value, 0.05, 1e-4);
    EXPECT_EQ(segments[1].startDoubt.value, 0.1);
    EXPECT_NEAR(found[2].found.path.back().later.value, 0.02, 1e-4);
    EXPECT_TRUE(found[2].found.jumps());
}

TEST_F(CarriedCamera, KeepsTheLineThatTwoFilesOfARecorderShare) {
    std::vector<Tether> found{matched(100, 0), matched(200, 0), matched(300, -500)};
    found.push_back(found.back());
    found.back().recording = add("/recorder/lavalier-2.wav", MediaKind::Recording, 3000);
    part(found);
    EXPECT_EQ(found[2].line.drift.value, -500);
    EXPECT_EQ(found[3].line, found[2].line);
}

TEST_F(CarriedCamera, IsNotMadeOutOfAnotherCamerasClock) {
    std::vector<Tether> found{matched(100, 0), matched(200, 0), matched(300, -90)};
    part(found);
    EXPECT_EQ(found[2].line.drift.value, -90) << "clocks do that";
    found = {matched(100, 0), matched(200, 0), matched(300, 290), matched(400, 295)};
    part(found);
    EXPECT_EQ(found[2].line.drift.value, 290) << "two takes of a second camera";
    found = {matched(100, 0), matched(300, -500)};
    part(found);
    EXPECT_EQ(found[1].line.drift.value, -500) << "one other take is no agreement";
    found = {matched(100, 0), matched(200, 80), matched(300, -500)};
    part(found);
    EXPECT_EQ(found[2].line.drift.value, -500) << "nor are two that differ";
    infos[found[0].take].container = infos[found[1].take].container = "mov";
    found[1].line = found[1].found.line = found[0].line;
    part(found);
    EXPECT_EQ(found[2].line.drift.value, -500) << "nor takes of another camera";
}

}  // namespace
}  // namespace brisk
