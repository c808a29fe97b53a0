// SPDX-License-Identifier: GPL-3.0-or-later
// What a finished video holds, is called and says of itself. Every container and camera:
// round_trip_test.
#include <gtest/gtest.h>

#include "export/video_export.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

class ExportDetails : public ::testing::Test {
  protected:
    void SetUp() override {
        test::TakeRecipe recipe;
        recipe.picture.rotation = 90;
        recipe.picture.bFrames = 2;
        recipe.metadata = {{"timecode", "10:11:12:13"},
                           {"creation_time", "2026-03-03T09:12:40.000000Z"},
                           {"title", "Sewing the signatures"}};
        test::writeTake(folder.file("take.mov"), test::babble(12, 48000, 1), recipe);
        test::writeSound(folder.file("rec.wav"), test::babble(8, 44100, 2),
                         {"pcm_s16le", 44100, 2, {}, {}});
        take = test::scanned(folder.file("take.mov"));
        clean = test::scanned(folder.file("rec.wav"));
    }
    WrittenVideo write(ClockLine line, VideoContainer container = VideoContainer::Mov) {
        VideoExportPlan plan{take, test::soundOf(take, clean, line), container, folder.file("out"),
                             "{take} clean"};
        auto w = exportVideo(plan, JobControl{});
        EXPECT_TRUE(w) << w.error().fact;
        return *w;
    }
    TempFolder folder;
    SoundScan take;
    SoundScan clean;
};

TEST_F(ExportDetails, KeepsRotationColourMetadataAndTimecode) {
    const auto source = probe(folder.file("take.mov"));
    const auto info = probe(write({{0}, {0}}).path);
    ASSERT_TRUE(source && info);
    EXPECT_EQ(info->video->rotation, 90);
    EXPECT_EQ(info->video->rate, source->video->rate);
    EXPECT_EQ(info->stamps.timecode, "10:11:12:13");
    EXPECT_EQ(info->stamps.creationTime, "2026-03-03T09:12:40.000000Z");
    test::ffmpeg("-i \"" + folder.file("out/take clean.mov") + "\" -c copy -f ffmetadata " +
                 folder.file("meta.txt"));
    const std::string meta = test::bytesOf(folder.file("meta.txt"));
    EXPECT_NE(meta.find("title=Sewing the signatures"), std::string::npos) << meta;
    const std::string probeWords =
        "ffprobe -v error -select_streams v:0 -show_entries "
        "stream=color_primaries,color_transfer,color_space,color_range "
        "-of csv=p=0 ";
    ASSERT_EQ(
        std::system((probeWords + folder.file("take.mov") + " > " + folder.file("a")).c_str()), 0);
    ASSERT_EQ(std::system((probeWords + "\"" + folder.file("out/take clean.mov") + "\" > " +
                           folder.file("b"))
                              .c_str()),
              0);
    EXPECT_EQ(test::bytesOf(folder.file("a")), test::bytesOf(folder.file("b")));
    EXPECT_NE(test::bytesOf(folder.file("a")).find("bt709"), std::string::npos);
}

TEST_F(ExportDetails, TheCleanSoundSpeaksTheCamerasLanguage) {
    const std::string plain = folder.file("plain.mp4"), german = folder.file("german.mp4");
    test::writeTake(plain, test::babble(8, 48000, 1), {});
    test::ffmpeg("-i " + plain + " -map 0 -c copy -metadata:s:a:0 language=deu " + german);
    take = test::scanned(german);
    EXPECT_EQ(take.info.sounds[0].language, "deu");
    EXPECT_EQ(probe(write({{0}, {0}}, VideoContainer::SameAsTake).path)->sounds[0].language, "deu");
    EXPECT_EQ(probe(write({{0}, {0}}, VideoContainer::Mov).path)->sounds[0].language, "ger")
        << "QuickTime's table knows the other code";
}

TEST_F(ExportDetails, RendersToTheTakesLengthWithSilenceAround) {
    // The recorder ran from 2 s to 10 s of the take.
    const WrittenVideo w = write({{-2}, {0}});
    EXPECT_NE(sentence(w.holds).find("silence where the recording does not reach"),
              std::string::npos);
    const auto sound = test::decodeAll(w.path);
    EXPECT_NEAR(static_cast<double>(sound.size()), 12 * 48000, 2000);
    const auto loudest = [&](double from, double to) {
        float most = 0;
        for (auto n = static_cast<std::size_t>(from * 48000); n < to * 48000; ++n) {
            most = std::max(most, std::fabs(sound[n]));
        }
        return most;
    };
    EXPECT_LT(loudest(0, 1.98), 1e-4);
    EXPECT_GT(loudest(2, 10), 0.05);
    EXPECT_LT(loudest(10.02, 11.9), 1e-4);
}

TEST_F(ExportDetails, SaysWhatItWillHold) {
    VideoExportPlan plan{take, test::soundOf(take, clean, {{-1}, {0}}), VideoContainer::Mov,
                         folder.path(), "{take}"};
    EXPECT_EQ(sentence(describeExport(plan)),
              "Picture untouched; track 1 clean sound, stereo, 24-bit, 48 kHz; camera sound not "
              "included; silence where the recording does not reach.");
    plan.container = VideoContainer::SameAsTake;
    EXPECT_NE(sentence(describeExport(plan)).find("AAC"), std::string::npos);
}

TEST_F(ExportDetails, NeverWritesOverAnExistingFile) {
    const std::string first = write({{0}, {0}}).path;
    const std::string second = write({{0}, {0}}).path;
    EXPECT_EQ(std::filesystem::path(first).filename(), "take clean.mov");
    EXPECT_EQ(std::filesystem::path(second).filename(), "take clean 2.mov");
    // Not even the take itself, when the name asks for it.
    VideoExportPlan plan{take, test::soundOf(take, clean, {}), VideoContainer::SameAsTake,
                         folder.path(), "{take}"};
    EXPECT_NE(exportTarget(plan), folder.file("take.mov"));
    plan.namePattern = "../{recording}/x";
    EXPECT_EQ(exportTarget(plan).parent_path(), folder.path()) << "a name is not a path";
}

TEST_F(ExportDetails, AVariableRateStaysVariable) {
    test::TakeRecipe recipe;
    recipe.picture.variableRate = true;
    double t = 0;
    for (int n = 0; n < 200; ++n) {
        recipe.pictureTimes.push_back(t);
        t += n % 5 == 2 ? 0.08 : 0.04;
    }
    test::writeTake(folder.file("phone.mp4"), test::babble(9, 48000, 1), recipe);
    take = test::scanned(folder.file("phone.mp4"));
    const WrittenVideo w = write({{0}, {0}}, VideoContainer::SameAsTake);
    EXPECT_EQ(sentence(w.readBack.problem), "");
    const SoundScan back = test::scanned(w.path);
    for (std::int64_t n = 0; n < 200; ++n) {
        ASSERT_NEAR(back.pictures.timeOf(n).value, take.pictures.timeOf(n).value, 2e-5);
    }
}

}  // namespace
}  // namespace brisk
