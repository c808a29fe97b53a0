// SPDX-License-Identifier: GPL-3.0-or-later
// Every container with every coding of sound that is offered, from every kind of camera file. The
// witnesses are the ffmpeg and ffprobe programs, which share no code with the export but libav's.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <fstream>
#include <sstream>

#include "dsp/plain_lag.h"
#include "export/video_export.h"
#include "media/packet_digest.h"
#include "media/probe.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

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

std::string said(const std::string& command) {
    std::string out;
    if (FILE* pipe = popen(command.c_str(), "r")) {
        char line[512];
        while (std::fgets(line, sizeof line, pipe)) out += line;
        pclose(pipe);
    }
    return out;
}

std::string ffprobe(const std::string& path, const std::string& what) {
    return said("ffprobe -v error -of default=nw=1 " + what + " '" + path + "'");
}

/// Every decoded picture: when it is shown after the first, and a hash of what it shows.
std::vector<std::pair<double, std::string>> picturesOf(const std::string& path) {
    std::istringstream all(
        said("ffmpeg -nostdin -v error -noautorotate -copyts -i '" + path +
             "' -map 0:v -fps_mode passthrough -enc_time_base -1 -f framemd5 -"));
    std::vector<std::pair<double, std::string>> out;
    double tick = 0;
    for (std::string line; std::getline(all, line);) {
        int num = 0, den = 1;
        if (std::sscanf(line.c_str(), "#tb 0: %d/%d", &num, &den) == 2) {
            tick = static_cast<double>(num) / den;
        }
        if (line.empty() || line[0] == '#') continue;
        std::istringstream fields(line);
        std::string field[6];
        for (auto& f : field) std::getline(fields, f, ',');
        out.emplace_back(std::stod(field[2]) * tick, field[5]);
    }
    for (std::size_t i = out.size(); i-- > 0;) out[i].first -= out[0].first;
    return out;
}

/// Sound from the first picture on, as ffmpeg presents it.
std::vector<float> soundFromFirstPicture(const std::string& path, int track) {
    const std::string first =
        ffprobe(path, "-select_streams v:0 -show_entries stream=start_time -of csv=p=0");
    const auto at = std::llround(std::stod(first) * 48000);
    const std::string raw = path + ".raw";
    test::ffmpeg("-copyts -i '" + path + "' -map 0:a:" + std::to_string(track) +
                 " -af aresample=48000:async=1:first_pts=" + std::to_string(at) +
                 " -ac 1 -f f32le '" + raw + "'");
    const std::string bytes = test::bytesOf(raw);
    std::vector<float> out(bytes.size() / sizeof(float));
    std::copy_n(bytes.data(), out.size() * sizeof(float), reinterpret_cast<char*>(out.data()));
    std::filesystem::remove(raw);
    return out;
}

/// Seconds that a sound is late against the recording on its line at a take time.
double slipAt(const std::vector<float>& sound, const std::vector<float>& recording,
              double takeTime) {
    const std::size_t n = 24000;
    const auto from = static_cast<std::size_t>(std::llround(takeTime * 48000));
    std::vector<float> want(n);
    for (std::size_t i = 0; i < n; ++i) {
        const double r = kLine.toRecording({static_cast<double>(from + i) / 48000}).value * 48000;
        const auto k = static_cast<std::size_t>(r);
        const auto part = static_cast<float>(r - std::floor(r));
        want[i] = recording[k] * (1 - part) + recording[k + 1] * part;
    }
    const PlainLag lag = measureLag(want, std::span(sound).subspan(from, n), 2000);
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
        EXPECT_EQ(differenceBetween(*pictureDigest(path_), *packets), "");
        if (before_.empty()) before_ = picturesOf(path_);
        const auto after = picturesOf(written);
        ASSERT_GT(before_.size(), 100u);
        ASSERT_EQ(after.size(), before_.size());
        // Matroska's clock counts milliseconds.
        const double half = written.ends_with(".mkv") || path_.ends_with(".mkv") ? 6e-4 : 2e-5;
        for (std::size_t i = 0; i < after.size(); ++i) {
            ASSERT_EQ(after[i].second, before_[i].second) << "picture " << i;
            ASSERT_NEAR(after[i].first, before_[i].first, half) << "picture " << i;
        }
    }
    void saysTheSameOfItself(const std::string& written) {
        const auto tag = [](const std::string& of, const std::string& name) {
            // Titles of tracks are ours; a timecode may stand on a track.
            const std::string where = name == "title" ? "" : ":stream_tags=" + name;
            const std::string all = ffprobe(
                of, "-show_entries format_tags=" + name + where + ":stream_side_data=rotation");
            const auto at = all.find(name + "=");
            return at == std::string::npos ? std::string()
                                           : all.substr(at, all.find('\n', at) - at);
        };
        // Transport streams have no room for words.
        if (!written.ends_with("ts")) {
            for (const char* name : {"title", "creation_time", "rotation"}) {
                if (std::string(name) == "rotation" && written.ends_with(".mkv")) {
                    const bool said = holds_.find("turn the picture by 90") != std::string::npos;
                    EXPECT_EQ(said, GetParam().phone) << "what cannot be kept is said";
                    continue;
                }
                EXPECT_EQ(tag(written, name), tag(path_, name)) << name;
            }
        }
        if (written.ends_with(".mov") || written.ends_with(".mp4")) {
            EXPECT_EQ(tag(written, "timecode"), tag(path_, "timecode"));
        }
        const std::string colour =
            "-select_streams v:0 -show_entries stream=color_primaries,color_transfer,color_space,"
            "color_range,r_frame_rate,sample_aspect_ratio,width,height";
        // Matroska states no base rate; its clock does not hold one.
        const std::string a = ffprobe(path_, colour), b = ffprobe(written, colour);
        EXPECT_EQ(b.substr(0, b.find("r_frame_rate")), a.substr(0, a.find("r_frame_rate")));
        if (!GetParam().phone) return;
        EXPECT_EQ(ffprobe(written,
                          "-show_chapters -show_entries chapter=start_time,end_time:"
                          "chapter_tags=title"),
                  ffprobe(path_,
                          "-show_chapters -show_entries chapter=start_time,end_time:"
                          "chapter_tags=title"));
        EXPECT_NE(
            ffprobe(written, "-select_streams a -show_entries stream_tags=language").find("ger"),
            std::string::npos);
        const std::string data = "-show_entries stream=codec_tag_string";
        const bool carried = ffprobe(written, data).find("gpmd") != std::string::npos;
        EXPECT_EQ(carried, written.ends_with(".mov"));
        // What cannot be carried is said beforehand.
        EXPECT_EQ(holds_.find("data track (bin_data) left out") == std::string::npos, carried)
            << holds_;
    }
    test::TempFolder folder_;
    std::string path_, holds_;
    SoundScan take_, clean_;
    std::vector<float> recording_;
    std::vector<std::pair<double, std::string>> before_;
};

TEST_P(RoundTrip, InEveryContainerWithEveryCodingOfSound) {
    const std::string original = test::bytesOf(path_);
    int files = 0;
    for (const auto container :
         {VideoContainer::Mov, VideoContainer::Mkv, VideoContainer::SameAsTake}) {
        for (const SoundCodec codec : codecsFor(container, path_)) {
            SCOPED_TRACE(endingOf(container, path_) + " " + codecName(codec));
            VideoExportPlan plan{take_,     test::soundOf(take_, clean_, kLine),
                                 container, folder_.file("out"),
                                 "{take}",  codec};
            holds_ = describeExport(plan);
            const auto written = exportVideo(plan, {});
            ASSERT_TRUE(written) << written.error().sentence;
            EXPECT_EQ(written->readBack.problem, "");
            EXPECT_EQ(written->holds, holds_);
            ASSERT_NO_FATAL_FAILURE(picturesAreThoseOf(written->path));
            saysTheSameOfItself(written->path);
            const auto sound = soundFromFirstPicture(written->path, 0);
            for (const double t : {0.2, 2.2, kLength - 0.8}) {
                EXPECT_LT(std::fabs(slipAt(sound, recording_, t)), 1e-4) << "at " << t;
            }
            const std::string coded =
                ffprobe(written->path, "-select_streams a -show_entries stream=codec_name");
            const std::string wanted = codec == SoundCodec::Pcm24 ? "pcm_s24le" : codecName(codec);
            // Of transport streams ffprobe speaks twice, of the programme and of the stream.
            EXPECT_EQ(coded.substr(0, coded.find('\n')), "codec_name=" + wanted);
            ++files;
        }
    }
    EXPECT_GE(files, 8);
    EXPECT_EQ(test::bytesOf(path_), original) << "the original is untouched";
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
    EXPECT_NE(written.error().sentence.find("does not go into this container"), std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder.file("out")));
}

}  // namespace
}  // namespace brisk
