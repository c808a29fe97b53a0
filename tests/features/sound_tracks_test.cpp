// SPDX-License-Identifier: GPL-3.0-or-later
// Files whose microphones are tracks of their own: read as channels of one sound.
#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <random>

#include "dsp/plain_lag.h"
#include "features/scan_cache.h"
#include "features/sound_scan.h"
#include "media/read/heard_sound.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr int kRate = 48000;

struct Tracks {
    std::string name, codec;
    bool exact;  // samples come back as they were
};

/// Three microphones, and a file with a track for each.
struct Recorder {
    test::TempFolder folder;
    std::vector<std::vector<float>> microphones;
    std::vector<std::string> files;

    explicit Recorder(double seconds) {
        for (int m = 0; m < 3; ++m) {
            microphones.push_back(test::babble(seconds, kRate, 40 + m));
            files.push_back(folder.file("m" + std::to_string(m) + ".wav"));
            test::writeSound(files.back(), microphones.back(), {});
            microphones.back() = test::decodeAll(files.back());  // as 16 bits hold it
        }
    }
    std::string write(const std::string& name, const std::string& options) const {
        std::string inputs, maps;
        for (int m = 0; m < 3; ++m) {
            inputs += " -i " + files[m];
            maps += " -map " + std::to_string(m) + ":a";
        }
        test::ffmpeg(inputs + maps + " " + options + " " + folder.file(name));
        return folder.file(name);
    }
};

class TracksOfARecording : public ::testing::TestWithParam<Tracks> {};

TEST_P(TracksOfARecording, AreChannelsWhereverOneSeeks) {
    const Tracks& p = GetParam();
    const Recorder r(25);
    const auto scan =
        scanSound(r.write(p.name, "-c:a " + p.codec +
                                      " -metadata:s:a:0 title=Ines -metadata:s:a:1 title=Press "
                                      "-metadata:s:a:2 title=Bench"
                                      " -metadata:s:a:0 handler_name=Ines -metadata:s:a:1 "
                                      "handler_name=Press -metadata:s:a:2 handler_name=Bench"),
                  {}, {});
    ASSERT_TRUE(scan) << scan.error().fact;
    const HeardSound heard = heardSound(scan->info);
    EXPECT_EQ(heard.channels, 3);
    EXPECT_EQ(heard.names, (std::vector<std::string>{"Ines", "Press", "Bench"}));
    EXPECT_EQ(sentence(scan->info.warnings.front()),
              "It holds 3 sound tracks; they are read side by side, as 3 channels.");
    EXPECT_EQ(scan->level.channelRmsDb.size(), 3u);
    auto reader = scan->open();
    ASSERT_TRUE(reader);
    std::mt19937 random(3);
    std::vector<float> part(9600);
    for (int i = 0; i < (p.exact ? 24 : 9); ++i) {
        const auto at = static_cast<std::int64_t>(random() % (24 * kRate));
        const int channel = i % 3;
        ASSERT_TRUE(readMono(*reader, at, part, channel));
        const auto& m = r.microphones[static_cast<std::size_t>(channel)];
        const std::vector<float> want(m.begin() + at, m.begin() + at + 9600);
        if (p.exact) {
            ASSERT_EQ(part, want) << "channel " << channel << " at " << at;
        } else if (const PlainLag lag = measureLag(want, part, 100); lag.correlation < 0.9) {
            // A pause says nothing of the place.
            float loudest = 0;
            for (const float v : want) loudest = std::max(loudest, std::fabs(v));
            ASSERT_LT(loudest, 0.02f) << "channel " << channel << " at " << at;
        } else {
            ASSERT_NEAR(lag.samples, 0, 0.3) << "channel " << channel << " at " << at;
        }
    }
}

INSTANTIATE_TEST_SUITE_P(Files, TracksOfARecording,
                         ::testing::Values(Tracks{"a.mka", "flac", true},
                                           Tracks{"b.mov", "pcm_s16le", true},
                                           Tracks{"c.mp4", "aac -b:a 192k", false},
                                           Tracks{"d.mkv", "libopus -b:a 128k", false}),
                         [](const auto& p) { return std::string(1, p.param.name[0]); });

TEST(SoundTracks, OneThatBeginsLaterOrEndsEarlierIsSilentThere) {
    const Recorder r(6);
    const std::string path = r.folder.file("late.mov");
    test::ffmpeg("-i " + r.files[0] + " -itsoffset 1.5 -i " + r.files[1] + " -t 2 -i " +
                 r.files[2] + " -map 0 -map 1 -map 2 -c:a pcm_s16le " + path);
    auto reader = SoundReader::open(path, heardSound(*probe(path)).streams);
    ASSERT_TRUE(reader) << reader.error().fact;
    std::vector<float> all(std::size_t{8} * kRate * 3);
    const auto got = reader->read(all);
    ASSERT_TRUE(got);
    EXPECT_EQ(*got, std::size_t{15} * kRate / 2) << "as long as the longest";
    const auto at = [&](double seconds, int channel) {
        return all[static_cast<std::size_t>(std::lround(seconds * kRate)) * 3 +
                   static_cast<std::size_t>(channel)];
    };
    for (double t = 0.01; t < 6; t += 0.037) {
        const auto n = static_cast<std::size_t>(std::lround(t * kRate));
        EXPECT_EQ(at(t, 0), r.microphones[0][n]);
        EXPECT_EQ(at(t, 2), t < 2 ? r.microphones[2][n] : 0.0f);
        EXPECT_EQ(at(t, 1), t < 1.5 ? 0.0f : r.microphones[1][n - 72000]);
    }
    std::vector<float> part(480);
    ASSERT_TRUE(readMono(*reader, 7 * kRate, part, 1)) << "after the first has ended";
    EXPECT_EQ(part[100], r.microphones[1][std::size_t{7} * kRate + 100 - 72000]);
    ASSERT_TRUE(readMono(*reader, kRate, part, 2)) << "and back";
    EXPECT_EQ(part[7], r.microphones[2][kRate + 7]);
}

TEST(SoundTracks, OfATakeOnlyWhatPlaysByItselfIsScratchSound) {
    MediaInfo take;
    take.kind = MediaKind::Take;
    const auto track = [](int channels, bool byItself, std::string language, int rate = kRate) {
        SoundFacts s;
        s.channels = channels;
        s.byItself = byItself;
        s.language = std::move(language);
        s.rate = {rate};
        return s;
    };
    take.sounds = {track(1, true, "deu"), track(2, true, "deu"), track(2, false, "deu"),
                   track(1, true, "fra"), track(1, true, "deu", 44100)};
    take.sounds[1].title = "Front";
    EXPECT_EQ(heardSound(take).sounds, (std::vector<std::size_t>{0, 1}));
    EXPECT_EQ(heardSound(take).names, (std::vector<std::string>{"", "Front left", "Front right"}));
    EXPECT_EQ(sentence(*tracksFact(take)),
              "It holds 5 sound tracks; 2 of them are read side by side, as 3 channels.");
    take.kind = MediaKind::Recording;
    const HeardSound all = heardSound(take);
    EXPECT_EQ(all.sounds, (std::vector<std::size_t>{0, 1, 2, 3})) << "of one rate";
    EXPECT_EQ(all.playing, (std::vector<std::size_t>{0, 1, 2, 5}));
}

TEST(SoundTracks, ATakeWhoseFirstTrackIsDeadIsMatchedByAnother) {
    const test::TempFolder folder;
    test::writeTake(folder.file("live.mov"), test::babble(12, kRate, 5), {});
    test::ffmpeg("-i " + folder.file("live.mov") +
                 " -f lavfi -t 12 -i anullsrc=r=48000:cl=mono -map 0:v -map 1:a -map 0:a -c:v copy"
                 " -c:a pcm_s16le -disposition:a default " +
                 folder.file("take.mov"));
    const SoundScan take = test::scanned(folder.file("take.mov"));
    EXPECT_EQ(heardSound(take.info).channels, 2);
    EXPECT_EQ(take.channel, 1);
    EXPECT_EQ(take.level.onlyChannel(), 1);
    EXPECT_EQ(take.pictures.end(), test::scanned(folder.file("live.mov")).pictures.end());
}

TEST(SoundTracks, ASecondReadingFromTheCacheIsTheSame) {
    const Recorder r(18);
    ::setenv("XDG_CACHE_HOME", r.folder.file("cache").c_str(), 1);
    const std::string path = r.write("a.mka", "-c:a flac");
    const auto first = scanKept(path, {}, {});
    const auto second = scanKept(path, {}, {});
    ::setenv("XDG_CACHE_HOME", "/dev/null", 1);
    ASSERT_TRUE(first && second);
    EXPECT_EQ(heardSound(second->info).channels, 3);
    auto reader = second->open();
    ASSERT_TRUE(reader);
    std::vector<float> part(480);
    ASSERT_TRUE(readMono(*reader, 15 * kRate + 7, part, 2));
    EXPECT_EQ(part[0], r.microphones[2][15 * kRate + 7]);
}

}  // namespace
}  // namespace brisk
