// SPDX-License-Identifier: GPL-3.0-or-later
// A take with a wide range of brightness: what its container says of the display it was made for,
// and its ten bits, are in every file that is handed over.
#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>

#include "export/video_export.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "support/witness.h"

namespace brisk {
namespace {

using nlohmann::json;

std::string bigEndian(std::uint32_t v, int bytes) {
    std::string out;
    for (int i = bytes - 1; i >= 0; --i) out += static_cast<char>((v >> (8 * i)) & 255);
    return out;
}

/// A box of an ISO base media file.
std::string box(const std::string& name, const std::string& content) {
    return bigEndian(static_cast<std::uint32_t>(content.size() + 8), 4) + name + content;
}

/// Appends to the picture's sample entry and lets all boxes around it grow. The file's index must
/// lie behind its media.
void addToSampleEntry(const std::string& path, const std::string& added) {
    std::string bytes = test::bytesOf(path);
    std::size_t at = 0;
    std::vector<std::size_t> around;
    for (const char* name : {"moov", "trak", "mdia", "minf", "stbl", "stsd", "hvc1"}) {
        at = bytes.find(name, at);
        ASSERT_NE(at, std::string::npos) << name;
        around.push_back(at - 4);
    }
    ASSERT_LT(bytes.find("mdat"), around[0]);
    const auto sizeAt = [&](std::size_t where) {
        std::uint32_t v = 0;
        for (std::size_t i = 0; i < 4; ++i)
            v = v << 8 | static_cast<std::uint8_t>(bytes[where + i]);
        return v;
    };
    const std::size_t end = around.back() + sizeAt(around.back());
    for (const std::size_t b : around) {
        bytes.replace(b, 4, bigEndian(sizeAt(b) + static_cast<std::uint32_t>(added.size()), 4));
    }
    bytes.insert(end, added);
    test::writeBytes(path, bytes);
}

/// By kind and name; fractions as the numbers that they are, since containers reduce them.
json sideDataOf(const std::string& path) {
    json out = json::object();
    const json file = test::probedFile(path);
    for (const json& s : file["streams"]) {
        if (s["codec_type"] != "video" || !s.contains("side_data_list")) continue;
        for (const json& d : s["side_data_list"]) {
            if (d["side_data_type"] == "CPB properties") continue;
            for (const auto& [name, value] : d.items()) {
                if (name == "side_data_type") continue;
                double num = 0, den = 1;
                if (value.is_string()) {
                    std::sscanf(value.get<std::string>().c_str(), "%lf/%lf", &num, &den);
                } else {
                    num = value.get<double>();
                }
                out[d["side_data_type"].get<std::string>()][name] = std::lround(num / den * 1e6);
            }
        }
    }
    return out;
}

class WideColour : public ::testing::Test {
  protected:
    void SetUp() override {
        const std::string path = folder_.file("evening.mp4");
        test::ffmpeg(
            "-f lavfi -i testsrc2=s=128x72:r=25:d=4 -f lavfi -i anoisesrc=d=4:a=0.1"
            " -c:v libx265 -preset ultrafast -pix_fmt yuv420p10le"
            " -x265-params log-level=error:keyint=25 -color_primaries bt2020"
            " -color_trc smpte2084 -colorspace bt2020nc -tag:v hvc1 -c:a aac " +
            path);
        // ISO/IEC 23001-8: green, blue, red and white, brightest and darkest; then the brightest
        // picture point and the brightest picture's mean.
        std::string display;
        for (const std::uint32_t v : {13250, 34500, 7500, 3000, 34000, 16000, 15635, 16450}) {
            display += bigEndian(v, 2);
        }
        display += bigEndian(10000000, 4) + bigEndian(50, 4);
        addToSampleEntry(path,
                         box("mdcv", display) + box("clli", bigEndian(900, 2) + bigEndian(300, 2)));
        take_ = test::scanned(path);
        test::writeSound(folder_.file("lavalier.wav"), test::babble(8, 48000, 2), {});
        clean_ = test::scanned(folder_.file("lavalier.wav"));
        before_ = sideDataOf(path);
    }
    WrittenVideo written(VideoContainer container, PieceStart start,
                         std::optional<TimeRange> kept) {
        VideoExportPlan plan{take_, test::soundOf(take_, clean_, {{1}, {0}}), container,
                             folder_.file("out")};
        if (kept) plan.sound.kept = {*kept};
        plan.pieceStart = start;
        auto w = exportVideo(plansForPieces(plan).front(), {});
        EXPECT_TRUE(w) << w.error().fact;
        return w.value_or(WrittenVideo{});
    }
    test::TempFolder folder_;
    SoundScan take_, clean_;
    json before_;
};

TEST_F(WideColour, WhatTheContainerSaysOfItIsKept) {
    ASSERT_EQ(before_.size(), 2u) << before_;
    for (const auto container :
         {VideoContainer::SameAsTake, VideoContainer::Mov, VideoContainer::Mkv}) {
        const WrittenVideo w = written(container, PieceStart::Exact, std::nullopt);
        SCOPED_TRACE(w.path);
        EXPECT_EQ(sentence(w.readBack.problem), "");
        EXPECT_EQ(sideDataOf(w.path), before_);
    }
}

TEST_F(WideColour, CodedAnewItKeepsItsTenBitsAndItsColours) {
    const WrittenVideo w = written(VideoContainer::Mkv, PieceStart::CodedAnew, {{{1.3}, {3}}});
    EXPECT_NE(sentence(w.holds).find("re-encoded (HEVC"), std::string::npos) << sentence(w.holds);
    EXPECT_EQ(sentence(w.readBack.problem), "");
    EXPECT_EQ(sideDataOf(w.path), before_);
    const json file = test::probedFile(w.path);
    const json& video = file["streams"][0];
    EXPECT_EQ(video["pix_fmt"], "yuv420p10le");
    EXPECT_EQ(video["color_transfer"], "smpte2084");
    EXPECT_EQ(video["color_primaries"], "bt2020");
}

}  // namespace
}  // namespace brisk
