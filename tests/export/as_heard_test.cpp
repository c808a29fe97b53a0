// SPDX-License-Identifier: GPL-3.0-or-later
// What is heard in playback and what is written are the same samples, with everything chosen at
// once.
#include <cmath>
#include <cstdio>
#include <map>

#include "day/take_plan.h"
#include "dsp/plain_lag.h"
#include "export/video_export.h"
#include "media/read/probe.h"
#include "render/transport.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "support/witness.h"

namespace brisk {
namespace {

class AsHeard : public ::testing::Test {
  protected:
    void SetUp() override {
        // Stereo of two voices, which jumps, begins late and ends early; claps on both.
        auto left = test::babble(30, 48000, 1), right = test::babble(30, 48000, 2);
        for (std::size_t k = 0; k < 60; ++k) {
            left[9 * 48000 + k] = right[9 * 48000 + k] = k % 2 ? 0.9f : -0.9f;
        }
        std::vector<float> both;
        for (std::size_t n = 0; n < left.size(); ++n) both.insert(both.end(), {left[n], right[n]});
        test::writeInterleaved(folder_.file("rec.wav"), both, {"pcm_f32le", 48000, 2, {}, {}});
        test::TakeRecipe recipe;
        recipe.soundCodec = "pcm_s16le";
        test::writeTake(folder_.file("take.mov"),
                        test::sum(test::babble(24, 48000, 3), test::whiteNoise(24, 48000, 0.01, 4)),
                        recipe);
        take_ = std::make_shared<const SoundScan>(test::scanned(folder_.file("take.mov")));
        rec_ = std::make_shared<const SoundScan>(test::scanned(folder_.file("rec.wav")));
        state_.media = {{1, folder_.file("take.mov"), MediaKind::Take, {}, {}},
                        {2, folder_.file("rec.wav"), MediaKind::Recording, {}, {}}};
        Tether t;
        t.take = 1;
        t.recording = 2;
        t.locked = true;
        t.polarity = -1;
        t.soundDelay = {0.01};
        t.found.line = t.line = {{-2.3}, {45}};
        t.found.segments = {{{{2.3}, {12}}, {{-2.3}, {45}}, {0}},
                            {{{12.4}, {24}}, {{-2.7}, {45}}, {0}}};
        state_.tethers = {t};
        state_.sound.camera = CameraSound::Blended;
        state_.sound.map = ChannelMap::Swapped;
        state_.sound.toLoudness = true;
        state_.sound.targetLufs = -15;
        state_.sound.uncovered = Uncovered::Camera;
        state_.sound.quietClaps = true;
        state_.sound.softEdgeMs = 25;
    }
    std::optional<TakeSoundPlan> plan() {
        return takeSoundPlan(state_, 1, [&](int id) { return id == 1 ? take_ : rec_; });
    }
    /// What the ffprobe program says of each sound: whether it plays by itself.
    static std::string witness(const std::string& path) {
        std::string said;
        const auto file = test::probedFile(path);
        for (const auto& s : file["streams"]) {
            if (s["codec_type"] == "audio") said += s["disposition"]["default"].dump() + "\n";
        }
        return said;
    }
    test::TempFolder folder_;
    std::shared_ptr<const SoundScan> take_, rec_;
    ShootState state_;
};

TEST_F(AsHeard, PlaybackAndTheFileAreTheSameSamples) {
    auto p = plan();
    ASSERT_TRUE(p);
    EXPECT_EQ(p->clean.size(), 2u);
    EXPECT_FALSE(p->claps.empty()) << "a clap is quiet in it";
    auto level = resolveLevel(*p, {});
    ASSERT_TRUE(level);
    EXPECT_TRUE(level->limit) << "the limiter is part of it";
    p->level = *level;
    VideoExportPlan video{*take_, *p, VideoContainer::Mov, folder_.file("out"), "{take} clean"};
    auto written = exportVideo(video, {});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_EQ(sentence(written->readBack.problem), "");
    auto reader = SoundReader::open(written->path, probeWithSound(written->path)->sounds[0].stream);
    ASSERT_TRUE(reader);
    ASSERT_EQ(reader->channels(), 2);
    std::vector<float> file(24 * 48000 * 2);
    ASSERT_TRUE(reader->read(file));

    // As a person plays it: from the middle on, in the blocks of the player, then from the start.
    for (const std::int64_t from : {11 * 48000 + 13, 0}) {
        auto transport = openTransport(take_, p);
        ASSERT_TRUE(transport);
        ASSERT_TRUE(transport->seek(from));
        std::int64_t at = from;
        double most = 0;
        while (at + 4800 < 24 * 48000) {
            auto block = transport->read(Listen::Clean, {}, 960);
            ASSERT_TRUE(block);
            for (std::size_t i = 0; i < block->stereo.size(); ++i) {
                most = std::max(most, std::fabs(static_cast<double>(block->stereo[i]) -
                                                file[static_cast<std::size_t>(at) * 2 + i]));
            }
            at += static_cast<std::int64_t>(block->stereo.size() / 2);
        }
        // 100 dB down: as exact as the resampler is, which begins elsewhere in each of them.
        EXPECT_LT(most, 1e-5) << "from " << from;
    }
}

TEST_F(AsHeard, TheSentenceSaysAllOfIt) {
    VideoExportPlan video{*take_, *plan(), VideoContainer::Mov, folder_.file("out"), "x"};
    const std::string holds = sentence(describeExport(video));
    for (const char* part : {"Picture untouched", "stereo, sides swapped",
                             "brought to \u221215.0 LUFS", "camera sound mixed in, 12.0 dB quieter",
                             "camera sound where the recording", "1 clap quiet"}) {
        EXPECT_NE(holds.find(part), std::string::npos) << part << " in: " << holds;
    }
    state_.sound = {};
    state_.sound.gainDb = -3;
    state_.sound.camera = CameraSound::SecondTrack;
    state_.sound.followClock = false;
    video.sound = *plan();
    const std::string plain = sentence(describeExport(video));
    video.sound.kept = {{{3}, {9}}};
    const std::string trimmed = sentence(describeExport(video));
    EXPECT_TRUE(trimmed.starts_with("From 0:00:03.0 to 0:00:09.0 of the take. ")) << trimmed;
    EXPECT_EQ(trimmed.find("silence where"), std::string::npos) << "what is kept is covered";
    video.sound.kept = {{{1}, {4}}, {{6}, {9}}};
    const std::string pieces = sentence(describeExport(video));
    EXPECT_TRUE(pieces.starts_with("2 pieces of the take, each a file. ")) << pieces;
    EXPECT_NE(pieces.find("silence where"), std::string::npos) << pieces;
    for (const char* part :
         {"3.0 dB quieter", "track 2 camera sound, which does not play by itself", "silence where",
          "drift not corrected"}) {
        EXPECT_NE(plain.find(part), std::string::npos) << part << " in: " << plain;
    }
}

TEST_F(AsHeard, TheCameraIsASecondTrackThatDoesNotPlayByItself) {
    state_.sound = {};
    state_.sound.camera = CameraSound::SecondTrack;
    for (const VideoContainer container :
         {VideoContainer::Mov, VideoContainer::Mkv, VideoContainer::SameAsTake}) {
        VideoExportPlan video{*take_, *plan(), container, folder_.file("out"), "{take} two"};
        auto written = exportVideo(video, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        const auto info = probe(written->path);
        ASSERT_TRUE(info);
        ASSERT_EQ(info->sounds.size(), 2u);
        EXPECT_EQ(witness(written->path), "1\n0\n") << "only the first plays by itself";
        // The camera's own sound, in its place beside the picture.
        auto reader = SoundReader::open(written->path, info->sounds[1].stream);
        ASSERT_TRUE(reader);
        const Seconds start = info->soundStartInTake(1);
        std::vector<float> got(48000), want(48000);
        ASSERT_TRUE(readMono(*reader, std::llround((5 - start.value) * 48000), got, 0));
        auto own = take_->open();
        ASSERT_TRUE(readMono(*own, 5 * 48000, want, 0));
        const PlainLag lag = measureLag(want, got, 480);
        EXPECT_NEAR(lag.samples, 0, 4.8);
        EXPECT_GT(lag.correlation, 0.9);
    }
}

TEST_F(AsHeard, OtherMicrophonesAreTracksOfTheirOwn) {
    // A hand recorder heard the same talk on another clock; its two files meet at 12 s.
    const auto talk = test::babble(26, 48000, 9);
    const std::size_t cut = 12 * 48000;
    const std::vector<float> parts[2] = {{talk.begin(), talk.begin() + cut},
                                         {talk.begin() + cut, talk.end()}};
    state_.sound = {};
    state_.sound.camera = CameraSound::SecondTrack;
    std::map<int, std::shared_ptr<const SoundScan>> scans{{1, take_}, {2, rec_}};
    for (const int k : {0, 1}) {
        const std::string path = folder_.file("hand-0" + std::to_string(k + 1) + ".wav");
        test::writeSound(path, parts[k], {"pcm_f32le", 48000, 1, {}, {}});
        scans[3 + k] = std::make_shared<const SoundScan>(test::scanned(path));
        state_.media.push_back({3 + k, path, MediaKind::Recording, {}, {}});
        Tether t;
        t.take = 1;
        t.recording = 3 + k;
        t.beside = t.locked = true;
        t.line = t.found.line = {{1 - 12.0 * k}, {-20}};
        state_.tethers.push_back(t);
    }
    const auto p = takeSoundPlan(state_, 1, [&](int id) { return scans[id]; });
    ASSERT_TRUE(p);
    ASSERT_EQ(p->beside.size(), 1u) << "two files of one recorder are one microphone";
    for (const VideoContainer container : {VideoContainer::Mov, VideoContainer::SameAsTake}) {
        const VideoExportPlan video{*take_, *p, container, folder_.file("out"), "{take} mics"};
        const std::string holds = sentence(describeExport(video));
        EXPECT_NE(holds.find("track 2 hand-01.wav and track 3 camera sound, which do not play"),
                  std::string::npos)
            << holds;
        const auto written = exportVideo(video, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_EQ(witness(written->path), "1\n0\n0\n") << "only the first plays by itself";
        const auto info = probe(written->path);
        ASSERT_EQ(info->sounds.size(), 3u);
        // The talk in its place on either side of the join, by the hand recorder's clock.
        auto reader = SoundReader::open(written->path, info->sounds[1].stream);
        const double start = info->soundStartInTake(1).value;
        for (const double at : {4.0, 10.5, 20.0}) {
            const double there = ClockLine{{1}, {-20}}.toRecording({at}).value * 48000;
            std::vector<float> got(48000);
            ASSERT_TRUE(readMono(*reader, std::llround((at - start) * 48000), got, 0));
            const auto from = talk.begin() + std::llround(there);
            const PlainLag lag = measureLag({from, from + 48000}, got, 480);
            EXPECT_NEAR(lag.samples, 0, 4.8) << at;
            EXPECT_GT(lag.correlation, 0.9) << at;
        }
    }
    // A track that is not what was meant is found when it is read back.
    VideoExportPlan other{*take_, *p, VideoContainer::Mov, folder_.file("out"), "{take} mics"};
    const std::string path = folder_.file("out/take mics.mov");
    for (CleanPiece& c : other.sound.beside[0]) c.line.offset = c.line.offset + Seconds{0.002};
    const auto check = readBack(other, path, {});
    ASSERT_TRUE(check);
    EXPECT_NE(sentence(check->problem).find("hand-01.wav"), std::string::npos)
        << sentence(check->problem);
    other.sound.beside.clear();
    EXPECT_NE(sentence(readBack(other, path, {})->problem).find("3 sounds and not 2"),
              std::string::npos);
}

TEST_F(AsHeard, ClapsAreQuietInTheKeptCameraSoundToo) {
    state_.sound = {};
    state_.sound.camera = CameraSound::SecondTrack;
    auto p = plan();
    ASSERT_TRUE(p);
    const auto loudness = [&](const TakeSoundPlan& of, double from, double to) {
        VideoExportPlan video{*take_, of, VideoContainer::Mov, folder_.file("out"), "claps"};
        const auto written = exportVideo(video, {});
        EXPECT_TRUE(written);
        auto reader = SoundReader::open(written->path, probe(written->path)->sounds[1].stream);
        std::vector<float> v(static_cast<std::size_t>((to - from) * 48000));
        EXPECT_TRUE(readMono(*reader, std::llround(from * 48000), v, 0));
        double sum = 0;
        for (const float x : v) sum += static_cast<double>(x) * x;
        return sum;
    };
    const double before = loudness(*p, 5.01, 5.12), elsewhere = loudness(*p, 7, 8);
    p->choice.quietClaps = true;
    p->claps = {{{5}, {5.14}}};
    EXPECT_GT(before, 1e-3);
    EXPECT_EQ(loudness(*p, 5.01, 5.12), 0);
    EXPECT_EQ(loudness(*p, 7, 8), elsewhere);
}

}  // namespace
}  // namespace brisk
