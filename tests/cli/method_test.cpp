// SPDX-License-Identifier: GPL-3.0-or-later
// The ways of matching, through the real program.
#include <cmath>

#include "dsp/plain_lag.h"
#include "support/facts_text.h"
#include "support/run_program.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;
using test::runCli;

class Methods : public ::testing::Test {
  protected:
    nlohmann::json tether(const std::string& method, const std::vector<std::string>& more = {}) {
        std::vector<std::string> arguments{"--quiet", "align", "--camera", take,
                                           "--clean", clean,   "--method", method};
        arguments.insert(arguments.end(), more.begin(), more.end());
        last = runCli(arguments);
        return last.json().at("tethers").at(0);
    }
    void write(const std::vector<float>& scratch, const std::vector<float>& sound,
               const std::string& timecode = "", const std::string& reference = "") {
        test::TakeRecipe t;
        if (!timecode.empty()) t.metadata["timecode"] = timecode;
        test::writeTake(take, scratch, t);
        test::SoundRecipe r;
        if (!reference.empty()) {
            r.metadata["time_reference"] = reference;
            r.muxerOptions["write_bext"] = "1";
        }
        test::writeSound(clean, sound, r);
    }
    test::TempFolder folder;
    std::string take = folder.file("fold 01.mov"), clean = folder.file("lavalier.wav");
    std::vector<float> day = test::babble(60, 48000, 51);
    test::Ran last;
};

TEST_F(Methods, TimecodeIsSettledByTheSound) {
    // The stamps are a tenth of a second out.
    write(cut(day, 15.1, 45), day, "09:00:15:00",
          std::to_string(static_cast<long long>(9) * 3600 * 48000));
    const auto t = tether("timecode");
    EXPECT_EQ(t.at("method"), "timecode");
    EXPECT_EQ(t.at("status"), "matched") << t.at("reason");
    EXPECT_NEAR(t.at("offset_seconds").get<double>(), 15.1, 2e-4);
}

TEST_F(Methods, TimecodeAloneIsUnsure) {
    write(test::babble(30, 48000, 52), day, "09:00:15:00",
          std::to_string(static_cast<long long>(9) * 3600 * 48000));
    const auto t = tether("timecode");
    EXPECT_EQ(t.at("status"), "unsure") << t.at("reason");
    EXPECT_NEAR(t.at("offset_seconds").get<double>(), 15, 0.05);
    EXPECT_EQ(last.exitCode, 1);
}

TEST_F(Methods, TimecodeNeverGoesOverSoundThatContradictsIt) {
    write(cut(day, 25, 55), day, "09:00:15:00",
          std::to_string(static_cast<long long>(9) * 3600 * 48000));
    EXPECT_EQ(tether("timecode").at("status"), "unsure");
    const auto t = tether("auto");
    EXPECT_EQ(t.at("status"), "matched") << t.at("reason");
    EXPECT_NEAR(t.at("offset_seconds").get<double>(), 25, 2e-4);
}

TEST_F(Methods, WithoutStampsTimecodeSaysSo) {
    write(cut(day, 25, 55), day);
    const auto t = tether("timecode");
    EXPECT_EQ(t.at("status"), "unmatched");
    EXPECT_NE(t.at("reason").get<std::string>().find("no time stamps"), std::string::npos);
}

TEST_F(Methods, AJumpIsTwoRows) {
    auto sound = cut(day, 0, 30);
    const auto rest = cut(day, 30.4, 60);
    sound.insert(sound.end(), rest.begin(), rest.end());
    write(cut(day, 5, 55), sound);
    const auto t = tether("waveform");
    ASSERT_EQ(t.at("segments").size(), 2u) << t.at("reason");
    EXPECT_NEAR(t.at("segments")[1].at("offset_seconds").get<double>(), 4.6, 1e-3);
    const auto r =
        runCli({"export", "--camera", take, "--clean", clean, "--out", folder.file("out")});
    EXPECT_EQ(r.exitCode, 1) << "somebody should listen";
    EXPECT_NE(r.err.find("jumps"), std::string::npos) << r.err;
    const auto w = r.json().at("written").at(0);
    EXPECT_TRUE(w.at("read_back").at("ok")) << w.dump();
    EXPECT_NE(w.at("holds").get<std::string>().find("silence"), std::string::npos)
        << "what was lost is said";
    // On both sides of the jump the talk is where it was.
    const auto written = test::decodeAll(w.at("file"));
    for (const double at : {10.0, 24.3, 26.0, 45.0}) {
        const auto n = static_cast<std::ptrdiff_t>(at * 48000);
        const std::vector<float> got(written.begin() + n, written.begin() + n + 24000);
        const auto lag = measureLag(cut(day, 5 + at, 5.5 + at), got, 240);
        EXPECT_NEAR(lag.samples, 0, 5) << at;
        EXPECT_GT(lag.correlation, 0.9) << at;
    }
}

TEST_F(Methods, AChannelThatIsNotThereIsAClearError) {
    write(cut(day, 25, 55), day);
    const auto r = runCli({"align", "--camera", take, "--clean", clean, "--channel", "4"});
    EXPECT_EQ(r.exitCode, 3);
    EXPECT_NE(r.err.find("there is no channel 4"), std::string::npos) << r.err;
    EXPECT_EQ(tether("auto", {"--channel", "1"}).at("status"), "matched");
    EXPECT_EQ(tether("auto", {"--channel", "mix"}).at("status"), "matched");
}

}  // namespace
}  // namespace brisk
