// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/sound_quality.h"

#include "sim/room.h"
#include "sim/speech.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

class SoundQualityTest : public ::testing::Test {
  protected:
    void SetUp() override {
        auto said = sim::speak(
            "We cut the boards. We paste the cloth. Then the press is closed. Nobody opens it "
            "before the evening. Now take the bone folder. Press here, and here. Good.",
            {});
        ASSERT_TRUE(said) << said.error().fact;
        dry_ = std::move(*said);
    }
    std::vector<float> far(double distance) {
        sim::Convolver room(sim::roomResponse({.rt60 = 0.8}, distance, 3));
        std::vector<float> out;
        room.process(dry_, out);
        return out;
    }
    test::ShootFolder shoot_;
    std::vector<float> dry_;
};

TEST_F(SoundQualityTest, TheNoiseFloorIsTheNoise) {
    for (const double deviation : {0.001, 0.01}) {
        const auto q =
            qualityOf(shoot_.recording(test::sum(dry_, test::whiteNoise(60, 48000, deviation, 5))));
        EXPECT_NEAR(q.noiseDb, 20 * std::log10(deviation), 2) << deviation;
    }
}

TEST_F(SoundQualityTest, EchoIsHeardAsLessClear) {
    const auto near = qualityOf(shoot_.recording(far(0.3)));
    const auto away = qualityOf(shoot_.recording(far(6)));
    EXPECT_GT(near.clarityDb, away.clarityDb + 3) << near.clarityDb << " and " << away.clarityDb;
}

TEST_F(SoundQualityTest, SaysWhichIsBetterAndByWhat) {
    const auto noise = [](double d) { return test::whiteNoise(60, 48000, d, 5); };
    const auto camera = qualityOf(shoot_.take(test::sum(far(4), noise(0.002))));
    const auto clean = qualityOf(shoot_.recording(test::sum(dry_, noise(0.0002))));
    const std::string text = sentence(betterSound(camera, clean));
    EXPECT_EQ(text.find("The recording has"), 0u) << text;
    EXPECT_NE(text.find("less noise"), std::string::npos) << text;
    EXPECT_EQ(sentence(betterSound(clean, clean)), "Both sounds are about alike.");
    const std::string turned = sentence(betterSound(clean, camera));
    EXPECT_EQ(turned.find("The camera has"), 0u) << turned;
}

TEST_F(SoundQualityTest, SilenceIsNoTrouble) {
    const auto q = qualityOf(shoot_.recording(std::vector<float>(48000, 0.0f)));
    EXPECT_LE(q.noiseDb, -100);
    EXPECT_EQ(q.clarityDb, 0);
}

}  // namespace
}  // namespace brisk
