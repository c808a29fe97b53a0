// SPDX-License-Identifier: GPL-3.0-or-later
// Every container with every coding of sound that is offered, from every kind of camera file. The
// witnesses are the ffmpeg and ffprobe programs, which share no code with the export but libav's,
// and GStreamer, whose demuxers share none with libav.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <optional>

#include "dsp/plain_lag.h"
#include "export/video_export.h"
#include "media/check/packet_digest.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/second_witness.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "support/witness.h"

namespace brisk {
namespace {

using nlohmann::json;

constexpr double kLength = 5;
const ClockLine kLine{{2.1234567}, {63.5}};

struct Camera {
    const char* name;
    const char* soundCodec = "aac";
    double soundStart = 0;
    int bFrames = 0;
    Rational rate = {25, 1};
    bool phone = false;  ///< Rotated, of variable rate, with a track of data and chapters.
};

const Camera kCameras[] = {{"plain.mp4"},
                           {"early.mp4", "aac", -0.020},
                           {"reordered.mp4", "aac", 0, 2},
                           {"reordered.mov", "pcm_s16le", 0.1, 2},
                           {"phone.mov", "aac", 0, 0, {30, 1}, true},
                           {"stream.mts", "ac3", 0, 0},
                           {"stream2.ts", "aac", 0.04, 2},
                           {"film.mkv", "aac", 0, 2},
                           {"cinema.mp4", "aac", 0, 2, {24000, 1001}},
                           {"fast.mov", "pcm_s24le", 0, 0, {60000, 1001}}};

/// The first stream of a kind, as ffprobe sees it.
json streamOf(const json& file, const char* type) {
    for (const auto& s : file["streams"]) {
        if (s["codec_type"] == type) return s;
    }
    return {};
}

/// A tag of the file, or of one of its streams; empty where it says nothing.
std::string tagOf(const json& file, const std::string& name) {
    std::vector<json> holders{file["format"]};
    // Titles of tracks are ours; a timecode may stand on a track.
    if (name != "title")
        holders.insert(holders.end(), file["streams"].begin(), file["streams"].end());
    for (const json& h : holders) {
        if (h.contains("tags") && h["tags"].contains(name)) return h["tags"][name];
    }
    return {};
}

json rotationOf(const json& file) {
    const json video = streamOf(file, "video");
    if (!video.contains("side_data_list")) return {};
    for (const auto& d : video["side_data_list"]) {
        if (d.contains("rotation")) return d["rotation"];
    }
    return {};
}

/// Sound from the first picture on, as ffmpeg presents it.
std::vector<float> soundFromFirstPicture(const std::string& path, const json& file) {
    const double first = std::stod(streamOf(file, "video")["start_time"].get<std::string>());
    const std::string bytes =
        test::printedBy("ffmpeg -nostdin -v error -copyts -i '" + path +
                        "' -map 0:a:0 -af aresample=48000:async=1:first_pts=" +
                        std::to_string(std::llround(first * 48000)) + " -ac 1 -f f32le -");
    std::vector<float> out(bytes.size() / sizeof(float));
    std::copy_n(bytes.data(), out.size() * sizeof(float), reinterpret_cast<char*>(out.data()));
    return out;
}

/// Seconds that a sound is late, at a time of its own, against the recording on its line at a take
/// time; nothing in a pause.
std::optional<double> slipAt(const std::vector<float>& sound, const std::vector<float>& recording,
                             double at, double takeTime) {
    const std::size_t n = 24000;
    const auto from = static_cast<std::size_t>(std::llround(takeTime * 48000));
    const auto own = static_cast<std::size_t>(std::llround(at * 48000));
    std::vector<float> want(n);
    float loudest = 0;
    for (std::size_t i = 0; i < n; ++i) {
        const double r = kLine.toRecording({static_cast<double>(from + i) / 48000}).value * 48000;
        const auto k = static_cast<std::size_t>(r);
        const auto part = static_cast<float>(r - std::floor(r));
        want[i] = recording[k] * (1 - part) + recording[k + 1] * part;
        loudest = std::max(loudest, std::fabs(want[i]));
    }
    if (loudest < 0.05f || own + n > sound.size()) return std::nullopt;
    const PlainLag lag = measureLag(want, std::span(sound).subspan(own, n), 2000);
    EXPECT_GT(lag.correlation, 0.9) << "at " << takeTime;
    return lag.samples / 48000;
}

class RoundTrip : public ::testing::TestWithParam<Camera> {
  protected:
    void SetUp() override {
        const Camera& c = GetParam();
        path_ = folder_.file(c.name);
        test::TakeRecipe r;
        r.soundStart = c.soundStart;
        r.soundCodec = c.soundCodec;
        r.picture.bFrames = c.bFrames;
        r.picture.rate = c.rate;
        const bool tagged = std::string(c.name).find("ts") == std::string::npos;
        if (tagged) {
            r.metadata = {{"creation_time", "2026-03-03T09:12:40.000000Z"},
                          {"title", "Sewing the signatures"}};
            if (!path_.ends_with(".mkv")) r.metadata["timecode"] = "10:11:12:13";
        }
        if (c.phone) {
            r.picture.rotation = 90;
            r.picture.variableRate = true;
            for (double t = 0; t < kLength; t += r.pictureTimes.size() % 5 == 2 ? 0.066 : 0.033) {
                r.pictureTimes.push_back(t);
            }
        }
        test::writeTake(path_, test::babble(kLength - c.soundStart, 48000, 1), r);
        if (c.phone) addDataAndChapters();
        recording_ = test::babble(10, 48000, 2);
        test::writeSound(folder_.file("lavalier.wav"), recording_, {"pcm_s24le", 48000, 1, {}, {}});
        take_ = test::scanned(path_);
        clean_ = test::scanned(folder_.file("lavalier.wav"));
        before_ = test::decodedPictures(path_);
        source_ = test::probedFile(path_);
    }
    void addDataAndChapters() {
        test::writeBytes(folder_.file("gyro.bin"), std::string(3000, 'g'));
        test::writeBytes(folder_.file("chapters.txt"),
                         ";FFMETADATA1\n[CHAPTER]\nTIMEBASE=1/1000\nSTART=0\nEND=3000\n"
                         "title=Folding\n[CHAPTER]\nTIMEBASE=1/1000\nSTART=3000\nEND=4500\n"
                         "title=Sewing\n");
        const std::string plain = folder_.file("plain.mov");
        std::filesystem::rename(path_, plain);
        test::ffmpeg("-i " + plain + " -f data -i " + folder_.file("gyro.bin") + " -i " +
                     folder_.file("chapters.txt") +
                     " -map 0 -map 1 -c copy -tag:d gpmd -map_metadata 0 -map_chapters 2 "
                     "-metadata:s:a:0 language=ger " +
                     path_);
    }
    void picturesAreThoseOf(const std::string& written) {
        const auto packets = pictureDigest(written);
        ASSERT_TRUE(packets);
        EXPECT_EQ(sentence(differenceBetween(*pictureDigest(path_), *packets)), "");
        const auto after = test::decodedPictures(written);
        ASSERT_GT(before_.size(), 100u);
        ASSERT_EQ(after.size(), before_.size());
        for (std::size_t i = 0; i < after.size(); ++i) {
            ASSERT_EQ(after[i].second, before_[i].second) << "picture " << i;
            ASSERT_NEAR(after[i].first, before_[i].first, slackOf(written)) << "picture " << i;
        }
    }
    /// Matroska's clock counts milliseconds.
    [[nodiscard]] double slackOf(const std::string& written) const {
        return written.ends_with(".mkv") || path_.ends_with(".mkv") ? 6e-4 : 2e-5;
    }
    void saysTheSameOfItself(const std::string& written, const json& file) {
        // Transport streams have no room for words.
        if (!written.ends_with("ts")) {
            for (const char* name : {"title", "creation_time"}) {
                EXPECT_EQ(tagOf(file, name), tagOf(source_, name)) << name;
            }
            if (written.ends_with(".mkv")) {
                const bool said = holds_.find("turn the picture by 90") != std::string::npos;
                EXPECT_EQ(said, GetParam().phone) << "what cannot be kept is said";
            } else {
                EXPECT_EQ(rotationOf(file), rotationOf(source_));
            }
        }
        if (written.ends_with(".mov") || written.ends_with(".mp4")) {
            EXPECT_EQ(tagOf(file, "timecode"), tagOf(source_, "timecode"));
        }
        const json a = streamOf(source_, "video"), b = streamOf(file, "video");
        for (const char* fact : {"color_primaries", "color_transfer", "color_space", "color_range",
                                 "sample_aspect_ratio", "width", "height"}) {
            EXPECT_EQ(b.value(fact, json()), a.value(fact, json())) << fact;
        }
        if (!GetParam().phone) return;
        const auto chapters = [](const json& of) {
            json all;
            for (const auto& c : of["chapters"]) {
                all.push_back({c["start_time"], c["end_time"], c["tags"]["title"]});
            }
            return all;
        };
        EXPECT_EQ(chapters(file).size(), 2u);
        EXPECT_EQ(chapters(file), chapters(source_));
        EXPECT_EQ(streamOf(file, "audio")["tags"]["language"], "ger");
        const json data = streamOf(file, "data");
        const bool carried = data.is_object() && data["codec_tag_string"] == "gpmd";
        EXPECT_EQ(carried, written.ends_with(".mov"));
        // What cannot be carried is said beforehand.
        EXPECT_EQ(holds_.find("data track (bin_data) left out") == std::string::npos, carried)
            << holds_;
    }
    /// Sound in its place against the picture, as another family of demuxers presents it.
    void secondWitness(const std::string& written, double length) {
#if defined(__SANITIZE_THREAD__)
        return;  // GStreamer's own threads would be nine tenths of the work, and none of them ours
#endif
        const auto there = test::presentedByGStreamer(written);
        ASSERT_TRUE(there) << "GStreamer does not play it";
        int measured = 0;
        for (double t = 0.2; t + 0.8 <= length; t += 0.7) {
            const auto slip = slipAt(there->sound, recording_, t, t);
            if (!slip) continue;
            EXPECT_LT(std::fabs(*slip), 1e-4) << "by GStreamer, at " << t;
            ++measured;
        }
        EXPECT_GE(measured, 3);
    }
    [[nodiscard]] VideoExportPlan planFor(VideoContainer container, SoundCodec codec) const {
        return {take_,     test::soundOf(take_, clean_, kLine),
                container, folder_.file("out"),
                "{take}",  codec};
    }
    test::TempFolder folder_;
    std::string path_, holds_;
    SoundScan take_, clean_;
    std::vector<float> recording_;
    std::vector<std::pair<double, std::string>> before_;
    json source_;
};

TEST_P(RoundTrip, InEveryContainerWithEveryCodingOfSound) {
    const std::string original = test::bytesOf(path_);
    int files = 0;
    for (const auto container :
         {VideoContainer::Mov, VideoContainer::Mkv, VideoContainer::SameAsTake}) {
        for (const SoundCodec codec : codecsFor(container, path_)) {
            SCOPED_TRACE(endingOf(container, path_) + " " + codecName(codec));
            const VideoExportPlan plan = planFor(container, codec);
            holds_ = sentence(describeExport(plan));
            const auto written = exportVideo(plan, {});
            ASSERT_TRUE(written) << written.error().fact;
            EXPECT_EQ(sentence(written->readBack.problem), "");
            EXPECT_EQ(sentence(written->holds), holds_);
            ASSERT_NO_FATAL_FAILURE(picturesAreThoseOf(written->path));
            const json file = test::probedFile(written->path);
            saysTheSameOfItself(written->path, file);
            const auto sound = soundFromFirstPicture(written->path, file);
            for (const double t : {0.2, 2.2, kLength - 0.8}) {
                const auto slip = slipAt(sound, recording_, t, t);
                ASSERT_TRUE(slip) << "no sound at " << t;
                EXPECT_LT(std::fabs(*slip), 1e-4) << "at " << t;
            }
            secondWitness(written->path, kLength);
            const std::string coded = streamOf(file, "audio")["codec_name"];
            EXPECT_EQ(coded, codec == SoundCodec::Pcm24 ? "pcm_s24le"
                             : codec == SoundCodec::Float
                                 ? written->path.ends_with(".mov") ? "pcm_f32be" : "pcm_f32le"
                                 : codecName(codec));
            ++files;
        }
    }
    EXPECT_GE(files, 8);
    EXPECT_EQ(test::bytesOf(path_), original) << "the original is untouched";
}

TEST_P(RoundTrip, APieceBeginsWhereItIsSaidToInEveryWay) {
    const TimeRange piece{{1.3}, {3.7}};
    const std::pair<VideoContainer, PieceStart> ways[] = {
        {VideoContainer::Mov, PieceStart::Exact},
        {VideoContainer::Mkv, PieceStart::KeyFrame},
        {VideoContainer::SameAsTake, PieceStart::Exact},
        {VideoContainer::Mkv, PieceStart::CodedAnew}};
    const auto shownAt = [&](double t) {
        std::size_t i = 0;
        while (i + 1 < before_.size() && before_[i + 1].first <= t + 1e-6) ++i;
        return i;
    };
    for (const auto& [container, start] : ways) {
        VideoExportPlan plan = planFor(container, defaultCodec(container));
        plan.sound.kept = {piece};
        plan.pieceStart = start;
        const VideoExportPlan p = plansForPieces(plan).front();
        const std::string what = sentence(describeExport(p));
        SCOPED_TRACE(endingOf(container, path_) + " " + what);
        const auto written = exportVideo(p, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        const bool anew = what.find("re-encoded") != std::string::npos;
        const auto after = test::decodedPictures(written->path);
        const std::size_t first =
            shownAt(before_[shownAt(piece.start.value)].first - written->lead.value);
        const std::size_t last = shownAt(piece.end.value - 1e-4);
        ASSERT_GE(after.size(), last - first + 1);
        EXPECT_LE(after.size(), last - first + (anew ? 1u : 4u));
        for (std::size_t i = 0; i < last - first; ++i) {
            EXPECT_TRUE(anew || after[i].second == before_[first + i].second) << "picture " << i;
            ASSERT_NEAR(after[i].first, before_[first + i].first - before_[first].first, 1.1e-3)
                << "picture " << i;
        }
        const json file = test::probedFile(written->path);
        const auto sound = soundFromFirstPicture(written->path, file);
        const auto there = test::presentedByGStreamer(written->path);
        ASSERT_TRUE(there) << "GStreamer does not play it";
        int measured = 0;
        for (const double t : {0.1, 0.4, 0.7, 1.0, 1.3, 1.6}) {
            const auto slip = slipAt(sound, recording_, t, before_[first].first + t);
            const auto second = slipAt(there->sound, recording_, t, before_[first].first + t);
            if (!slip || !second) continue;
            EXPECT_LT(std::fabs(*slip), 1e-4) << "at " << t;
            EXPECT_LT(std::fabs(*second), 1e-4) << "by GStreamer, at " << t;
            ++measured;
        }
        EXPECT_GE(measured, 3);
    }
}

INSTANTIATE_TEST_SUITE_P(Cameras, RoundTrip, ::testing::ValuesIn(kCameras),
                         [](const ::testing::TestParamInfo<Camera>& p) {
                             std::string name = p.param.name;
                             std::replace(name.begin(), name.end(), '.', '_');
                             return name;
                         });

TEST(VideoFormat, WhatAContainerDoesNotTakeIsRefusedBeforeAnythingIsWritten) {
    const test::TempFolder folder;
    test::writeTake(folder.file("take.mp4"), test::babble(3, 48000, 1), {});
    test::writeSound(folder.file("rec.wav"), test::babble(3, 48000, 2), {});
    const SoundScan take = test::scanned(folder.file("take.mp4"));
    const SoundScan clean = test::scanned(folder.file("rec.wav"));
    const VideoExportPlan plan{take,
                               test::soundOf(take, clean, {}),
                               VideoContainer::Mov,
                               folder.file("out"),
                               "{take}",
                               SoundCodec::Opus};
    const auto written = exportVideo(plan, {});
    ASSERT_FALSE(written);
    EXPECT_NE(sentence(written.error().fact).find("does not go into this container"),
              std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder.file("out")));
}

}  // namespace
}  // namespace brisk
