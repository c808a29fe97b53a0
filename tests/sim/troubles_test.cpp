// SPDX-License-Identifier: GPL-3.0-or-later
// What goes wrong on a simulated shoot does so exactly as it is asked for.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "sim/lossy_device.h"
#include "sim/sampled_between.h"
#include "sim/shoot_simulator.h"
#include "sim/walked_room.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk::sim {
namespace {

/// What a device makes of a sound that comes in blocks.
template <class Device>
std::vector<float> inBlocks(Device device, const std::vector<float>& in, std::size_t block) {
    std::vector<float> out;
    for (std::size_t n = 0; n < in.size(); n += block) {
        device.process(std::span(in).subspan(n, std::min(block, in.size() - n)), out);
    }
    return out;
}

TEST(SampledBetween, ReadsASineBetweenItsSamplesAndForgetsWhatIsBehind) {
    const auto wave = test::sine(0.2, 48000, 3000);
    SampledBetween s;
    s.push(wave);
    const auto expectSineFrom = [&](double first) {
        for (double at = first; at < 9000; at += 13.37) {
            EXPECT_NEAR(s.at(at), 0.5 * std::sin(2 * M_PI * 3000 * at / 48000), 1e-4) << at;
        }
    };
    expectSineFrom(100);
    s.forgetBefore(5000);
    EXPECT_EQ(s.pushed(), static_cast<std::int64_t>(wave.size()));
    expectSineFrom(5000);
    EXPECT_EQ(s.at(20000), 0.0f) << "nothing is heard beyond the end";
}

TEST(LossyDevice, LosesRepeatsAndSilencesToTheSample) {
    std::vector<float> count(1000);
    for (std::size_t n = 0; n < count.size(); ++n) count[n] = static_cast<float>(n + 1);
    const double rate = 48000;
    const LossyDevice device({{false, 2 + 200 / rate, 30 / rate, false},
                              {false, 2 + 500 / rate, -40 / rate, false},
                              {false, 2 + 700 / rate, 10 / rate, true}},
                             2);
    const auto kept = inBlocks(device, count, 1000);
    ASSERT_EQ(kept.size(), 1010u);
    EXPECT_EQ(kept[199], 200);
    EXPECT_EQ(kept[200], 231) << "thirty samples are gone";
    EXPECT_EQ(kept[469], 500);
    EXPECT_EQ(kept[470], 461) << "forty come again";
    EXPECT_EQ(kept[510], 501);
    EXPECT_EQ(kept[709], 700);
    EXPECT_EQ(kept[710], 0) << "silence stands in for ten";
    EXPECT_EQ(kept[720], 711);
    EXPECT_EQ(kept.back(), 1000);
    for (const std::size_t block : {1u, 7u, 333u}) EXPECT_EQ(inBlocks(device, count, block), kept);
}

TEST(RecorderClock, CountsFasterAsItWarms) {
    const RecorderClock clock(5, {{0, -10}, {100, 10}}, 100);
    EXPECT_FALSE(clock.steady());
    const auto ppmAt = [&](double t) {
        return (clock.counted(t + 1) - clock.counted(t) - 1) * 1e6;
    };
    EXPECT_NEAR(ppmAt(10), 5 - 10 + 0.2 * 10.5, 0.01);
    EXPECT_NEAR(ppmAt(90), 5 - 10 + 0.2 * 90.5, 0.01);
    for (double t = 0; t < 100; t += 7.3) EXPECT_NEAR(clock.world(clock.counted(t)), t, 1e-9);
}

TEST(WalkedRoom, ComesLaterFromFartherAway) {
    std::vector<float> world(std::size_t{48000} * 4, 0.0f);
    for (const int at : {24000, 72000, 120000, 168000}) world[static_cast<std::size_t>(at)] = 1;
    RoomSpec openAir;
    openAir.rt60 = 0;
    const Course metres{{0.5, 1.0}, {1.5, 1.0}, {2.5, 5.0}};
    const auto heard = inBlocks(WalkedRoom(openAir, metres, 1), world, 9600);
    ASSERT_EQ(heard.size(), world.size());
    for (const auto& [emitted, away] : {std::pair{24000, 1.0}, std::pair{168000, 5.0}}) {
        const auto from = heard.begin() + emitted;
        const auto arrival = std::max_element(from, from + 2000) - from;
        EXPECT_NEAR(static_cast<double>(arrival) / 48000, away / kMetresPerSecond, 3e-5);
    }
    const auto whole = inBlocks(WalkedRoom({}, metres, 1), world, world.size());
    const auto pieces = inBlocks(WalkedRoom({}, metres, 1), world, 1111);
    for (std::size_t n = 0; n < whole.size(); ++n) ASSERT_NEAR(whole[n], pieces[n], 1e-4) << n;
}

/// What comes of one click in a room in which somebody is on the way from 1 to 5 m.
std::vector<float> clickOnTheWay(double emitted, double speed) {
    std::vector<float> world(std::size_t{48000} * 4, 0.0f);
    world[static_cast<std::size_t>(emitted * 48000)] = 1;
    const Course metres{{0.0, 1.0}, {4 / speed, 5.0}};
    return inBlocks(WalkedRoom({}, metres, 1), world, 9600);
}

TEST(WalkedRoom, EchoesAreThoseOfWhereSomebodyIsOnTheWay) {
    const double speed = 1.0, emitted = 1.37;
    const auto heard = clickOnTheWay(emitted, speed);
    // Until a click has come back from the walls he has gone on by a centimetre.
    for (const Arrival& a : earlyEchoes({}, 1 + speed * (emitted + 0.008))) {
        if (a.seconds > 0.018) continue;  // the diffuse tail begins
        const auto about = static_cast<std::ptrdiff_t>((emitted + a.seconds) * 48000);
        const auto highest =
            *std::max_element(heard.begin() + about - 4, heard.begin() + about + 6);
        EXPECT_GT(highest, 0.5 * a.gain) << a.seconds;
    }
}

TEST(TrueLines, AreOnEachSideOfWhatIsLost) {
    SharedTime shared{10, 40, 60, 0.01};
    const std::vector<Loss> losses{{false, 20, 0.005, false}, {true, 35, -0.25, false}};
    const auto lines = trueLines(shared, losses, RecorderClock(0, {}, 60));
    ASSERT_EQ(lines.size(), 3u);
    EXPECT_NEAR(lines[0].line.offset.value, 9.99, 1e-9);
    EXPECT_NEAR(lines[1].line.offset.value, 9.985, 1e-9) << "the recording is shorter by it";
    EXPECT_NEAR(lines[2].line.offset.value, 9.735, 1e-9) << "the take is longer by it";
    EXPECT_NEAR(lines[0].takeEnd, 10.01, 1e-6);
    EXPECT_TRUE(lines[1].jumpsHere && lines[2].jumpsHere);
}

TEST(ShootSimulator, LosesWarmsUpAndWalksAsTheSceneSays) {
    const auto scene = sceneFromJson(R"({
        "length": 14, "claps": [4, 11], "room": {"rt60": 0},
        "recorders": [{"file": "r.wav", "length": 14, "warmth": [[0, 0], [14, 40]],
                       "losses": [{"at": 7, "seconds": 0.5}]}],
        "takes": [{"file": "t.mp4", "start": 2, "length": 11, "width": 160, "height": 90,
                   "automatic_gain": false, "walk": [[3, 1], [8, 4.43]],
                   "losses": [{"at": 9, "seconds": 0.25}]}]})");
    ASSERT_TRUE(scene) << scene.error().fact;
    const test::TempFolder folder;
    ASSERT_TRUE(simulateShoot(*scene, 5, folder.path(), JobControl{}));
    const auto tether =
        nlohmann::json::parse(test::bytesOf(folder.file("truth.json"))).at("tethers").at(0);
    const SoundScan take = test::scanned(folder.file("t.mp4"));
    const SoundScan recording = test::scanned(folder.file("r.wav"));
    EXPECT_NEAR(recording.length().value, 13.5 + 14 * 20e-6, 1e-3);
    const auto strongest = [](const SoundScan& scan, double around) {
        Spike best{};
        for (const Spike& s : scan.spikes) {
            const bool near = std::fabs(s.time.value - around) < 0.1;
            if (near && s.strengthDb > best.strengthDb) best = s;
        }
        return best.time.value;
    };
    // The first clap from one metre, the second from 4.43: 10 ms later, and 0.25 s are lost.
    EXPECT_NEAR(strongest(take, 2), 2 + 1 / kMetresPerSecond, 0.002);
    EXPECT_NEAR(strongest(take, 8.75), 9 - 0.25 + 4.43 / kMetresPerSecond, 0.002);
    EXPECT_NEAR(strongest(recording, 10.5), 11 - 0.5, 0.002);
    EXPECT_NEAR(tether.at("path_delay_ms").at(1).at(1).get<double>(), 10, 1e-6);
    const auto& rows = tether.at("segments");
    const auto& last = rows.back();
    EXPECT_NEAR(last.at("offset_seconds").get<double>(),
                2 + 0.25 - 0.5 - (1 - 0.2) / kMetresPerSecond, 0.002);
    EXPECT_NEAR(last.at("drift_ppm").get<double>() - rows.front().at("drift_ppm").get<double>(), 28,
                8);
}

TEST(Scene, RefusesTroublesBeyondReason) {
    for (const char* recorder : {R"("warmth":[[5,0],[4,0]])", R"("warmth":[[0,1e9]])",
                                 R"("losses":[{"at":3,"seconds":1e9}])",
                                 R"("cuts":[5],"losses":[{"at":3,"seconds":1}])"}) {
        EXPECT_FALSE(
            sceneFromJson(R"({"recorders":[{"file":"a.wav",)" + std::string(recorder) + "}]}"))
            << recorder;
    }
    EXPECT_FALSE(sceneFromJson(R"({"takes":[{"file":"a.mp4","walk":[[0,1e6]]}]})"));
}

}  // namespace
}  // namespace brisk::sim
