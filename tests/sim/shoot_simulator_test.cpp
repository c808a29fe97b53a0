// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/shoot_simulator.h"

#include <gtest/gtest.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "media/read/picture_reader.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/temp_folder.h"

namespace brisk::sim {
namespace {

Scene smallScene() {
    Scene s;
    s.name = "small";
    s.length = {14};
    s.claps = {{6.02}};
    s.room.rt60 = 0.3;
    RecorderSpec r;
    r.file = "rec.wav";
    r.length = {14};
    r.ppm = 50;
    s.recorders = {r};
    TakeSpec t;
    t.file = "take.mp4";
    t.start = {4};
    t.length = {8};
    t.width = 320;
    t.height = 180;
    t.distance = 3.43;  // ten milliseconds
    s.takes = {t};
    return s;
}

/// The first spike after a time.
double spikeAfter(const SoundScan& scan, double t) {
    for (const Spike& s : scan.spikes) {
        if (s.time.value > t && s.strengthDb > 18) return s.time.value;
    }
    return -1;
}

TEST(ShootSimulator, PictureSoundAndTruthBelongTogether) {
    const test::TempFolder folder;
    const auto written = simulateShoot(smallScene(), 3, folder.path(), JobControl{});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_EQ(written->size(), 3u);
    const auto truth = nlohmann::json::parse(test::bytesOf(folder.file("truth.json")));
    const auto& t = truth.at("tethers").at(0);
    EXPECT_EQ(t.at("claps").at(0).at("frame"), 50);

    // The clap is heard when truth says: 10 ms of air at the camera, none to speak of at the
    // lavalier, whose clock runs 50 ppm fast.
    const SoundScan take = test::scanned(folder.file("take.mp4"));
    const SoundScan rec = test::scanned(folder.file("rec.wav"));
    const double heard = spikeAfter(take, 1.5);
    const double recorded = spikeAfter(rec, 5.5);
    EXPECT_NEAR(heard, 2.02 + 0.010, 0.0025);
    EXPECT_NEAR(recorded, 6.02 * (1 + 50e-6), 0.0025);
    EXPECT_NEAR(recorded - heard, t.at("offset_seconds").get<double>(), 0.003);
    EXPECT_NEAR(rec.length().value, 14 * (1 + 50e-6), 1e-3);

    // The hands meet on that frame and on no other: red strokes are drawn around them.
    auto pictures = PictureReader::open(folder.file("take.mp4"));
    ASSERT_TRUE(pictures);
    const auto redness = [&](int frame) {
        const auto p = pictures->at({(frame + 0.5) / 25}, 320);
        int red = 0;
        for (const auto px : p->pixels) {
            const int r = px >> 16 & 255, g = px >> 8 & 255, b = px & 255;
            if (r > 140 && g < 110 && b < 110 && r - g > 60) ++red;
        }
        return red;
    };
    const int before = redness(49);
    EXPECT_GT(redness(50), before + 40);
    EXPECT_LT(std::abs(redness(51) - before), 25);
}

TEST(ShootSimulator, TheSameSeedGivesTheSameSamples) {
    const test::TempFolder folder;
    for (const char* name : {"a", "b"}) {
        ASSERT_TRUE(simulateShoot(smallScene(), 3, folder.file(name), JobControl{}));
    }
    ASSERT_TRUE(simulateShoot(smallScene(), 4, folder.file("c"), JobControl{}));
    EXPECT_EQ(test::bytesOf(folder.file("a/rec.wav")), test::bytesOf(folder.file("b/rec.wav")));
    EXPECT_EQ(test::decodeAll(folder.file("a/take.mp4")),
              test::decodeAll(folder.file("b/take.mp4")));
    EXPECT_NE(test::bytesOf(folder.file("a/rec.wav")), test::bytesOf(folder.file("c/rec.wav")));
}

TEST(ShootSimulator, StopsAndReportsBadFolders) {
    const test::TempFolder folder;
    const JobControl job;
    job.requestStop();
    const auto stopped = simulateShoot(smallScene(), 1, folder.file("x"), job);
    ASSERT_FALSE(stopped);
    EXPECT_EQ(stopped.error().code, ErrorCode::Cancelled);
    test::writeBytes(folder.file("f"), "");
    const auto blocked = simulateShoot(smallScene(), 1, folder.file("f/out"), JobControl{});
    ASSERT_FALSE(blocked);
    EXPECT_EQ(blocked.error().code, ErrorCode::CannotWrite);
}

}  // namespace
}  // namespace brisk::sim
