// SPDX-License-Identifier: GPL-3.0-or-later
// Timecode as a generator sends it, made by libltc's encoder.
#include "features/timecode_in_sound.h"

#include <gtest/gtest.h>

#include "align/nominate/stamp_place.h"
#include "features/channel_choice.h"
#include "render/routing.h"
#include "support/facts_text.h"
#include "support/linear_timecode.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

std::optional<TimecodeInSound> heardIn(const std::vector<float>& interleaved, int channels,
                                       int rate = 48000) {
    TimecodeListener listener({rate}, channels);
    const std::size_t block = 4096 * static_cast<std::size_t>(channels);
    for (std::size_t at = 0; at < interleaved.size(); at += block) {
        listener.push(std::span<const float>(interleaved)
                          .subspan(at, std::min(block, interleaved.size() - at)));
    }
    return listener.found();
}

struct Case {
    Rational rate;
    bool drop;
    const char* start;
    double since;  // midnight
};

class TimecodeRates : public ::testing::TestWithParam<Case> {};

TEST_P(TimecodeRates, AreToldWithTheTimeOfDay) {
    const Case& c = GetParam();
    const auto sound = test::linearTimecode(c.start, c.rate, c.drop, 8, 48000);
    const auto found = heardIn(sound, 1);
    ASSERT_TRUE(found);
    EXPECT_NEAR(found->frameRate, c.rate.value(), 1e-9);
    EXPECT_EQ(found->dropFrame, c.drop);
    EXPECT_NEAR(found->atFirstSample.value, c.since, 1e-4);
    EXPECT_GT(found->frames, 7 * c.rate.value());
}

INSTANTIATE_TEST_SUITE_P(All, TimecodeRates,
                         ::testing::Values(Case{{25, 1}, false, "09:12:40:05", 33160.2},
                                           Case{{24, 1}, false, "00:00:00:00", 0},
                                           Case{{30, 1}, false, "23:59:58:00", 86398},
                                           Case{{24000, 1001}, false, "01:00:00:00", 3603.6},
                                           Case{{30000, 1001}, true, "01:00:00;00", 3599.9964}),
                         [](const auto& i) {
                             return "Rate" + std::to_string(i.param.rate.num) +
                                    (i.param.drop ? "drop" : "");
                         });

TEST(TimecodeInSound, BesideSpeechItIsTheChannelThatIsNotMatchedByNorHeard) {
    test::TempFolder folder;
    const auto speech = test::babble(40, 48000, 5);
    const auto code = test::linearTimecode("14:03:10:00", {25, 1}, false, 40, 48000);
    std::vector<float> both;
    for (std::size_t n = 0; n < speech.size(); ++n) {
        both.push_back(speech[n]);
        both.push_back(code[n]);
    }
    const std::string path = folder.file("recorder.wav");
    test::writeInterleaved(path, both, {"pcm_s24le", 48000, 2, {}, {}});
    const SoundScan scan = test::scanned(path);
    ASSERT_TRUE(scan.info.stamps.inSound);
    EXPECT_EQ(scan.info.stamps.inSound->channel, 1);
    EXPECT_EQ(scan.info.stamps.inSound->text.substr(0, 8), "14:03:10");
    EXPECT_EQ(scan.channel, 0);
    EXPECT_EQ(routingOf(scan, {}), (Routing{{1, 0}})) << "speech alone, on both sides";
    EXPECT_NE(sentence(scan.warnings).find("Channel 2 carries timecode"), std::string::npos);
}

TEST(TimecodeInSound, SpeechNoiseAndTonesAreNone) {
    EXPECT_FALSE(heardIn(test::babble(60, 48000, 9), 1));
    EXPECT_FALSE(heardIn(test::whiteNoise(60, 48000, 0.3, 2), 1));
    EXPECT_FALSE(heardIn(test::sine(30, 48000, 1000), 1));
    EXPECT_FALSE(heardIn(test::sine(30, 44100, 2000), 2, 44100));
}

TEST(TimecodeInSound, BothSoundsTogetherSayThePlaceAndTheClocks) {
    // The recorder runs 40 ppm fast; both listen to one generator.
    const auto code = test::linearTimecode("10:00:00:00", {25, 1}, false, 200, 48000);
    const auto onRecorder = test::onFastClock(code, 40);
    const std::vector<float> onCamera(code.begin() + 48000 * 30, code.begin() + 48000 * 150);
    MediaInfo take, recording;
    take.video.emplace();
    take.sounds = recording.sounds = {SoundFacts{}};
    take.stamps.inSound = heardIn(onCamera, 1);
    recording.stamps.inSound = heardIn(onRecorder, 1);
    ASSERT_TRUE(take.stamps.inSound && recording.stamps.inSound);
    const auto place = stampPlace(take, recording);
    ASSERT_TRUE(place);
    EXPECT_EQ(place->sources.id, "timecodes-in-sound");
    EXPECT_NEAR(place->line.drift.value, 40, 0.5);
    EXPECT_NEAR(place->line.offset.value, 30 * 1.00004, 1e-4);
    EXPECT_NEAR(place->line.toRecording({120}).value, 150 * 1.00004, 1e-4);
}

}  // namespace
}  // namespace brisk
