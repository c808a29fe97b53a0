// SPDX-License-Identifier: GPL-3.0-or-later
// A part of a take, handed over without coding its picture anew.
#include <cmath>

#include "export/video_export.h"
#include "media/picture_reader.h"
#include "media/probe.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

class CutTake : public ::testing::TestWithParam<int> {
  protected:
    void SetUp() override {
        test::TakeRecipe recipe;
        recipe.picture.bFrames = GetParam();
        recipe.metadata = {{"timecode", "10:11:12:13"}};
        test::writeTake(folder_.file("take.mp4"), test::babble(20, 48000, 1), recipe);
        talk_ = test::babble(40, 48000, 2);
        test::writeSound(folder_.file("rec.wav"), talk_, {"pcm_s24le", 48000, 1, {}, {}});
        take_ = test::scanned(folder_.file("take.mp4"));
        plan_.emplace(VideoExportPlan{
            take_, test::soundOf(take_, test::scanned(folder_.file("rec.wav")), {{7}, {0}}),
            VideoContainer::Mov, folder_.file("out"), "{take} clean"});
    }
    test::TempFolder folder_;
    std::vector<float> talk_;
    SoundScan take_;
    std::optional<VideoExportPlan> plan_;
};

TEST_P(CutTake, EachPieceIsAFileThatBeginsWithItsPictureAndItsSound) {
    plan_->sound.kept = {{{3.4}, {8.2}}, {{12.04}, {17}}};
    plan_->sound.choice.softEdgeMs = 0;
    const auto plans = plansForPieces(*plan_);
    ASSERT_EQ(plans.size(), 2u);
    for (const VideoExportPlan& p : plans) {
        const auto written = exportVideo(p, {});
        ASSERT_TRUE(written) << written.error().sentence;
        EXPECT_EQ(written->readBack.problem, "");
        EXPECT_TRUE(written->readBack.pictureIdentical);
        EXPECT_NE(written->path.find("take clean piece " + std::to_string(p.piece)),
                  std::string::npos);
        const auto info = probe(written->path);
        ASSERT_TRUE(info && info->video);
        // 85 and 301 pictures after the take's.
        EXPECT_EQ(info->stamps.timecode, p.piece == 1 ? "10:11:15:23" : "10:11:24:14");
        // The first picture that is shown is the one that was on screen there.
        auto cut = PictureReader::open(written->path);
        auto whole = PictureReader::open(folder_.file("take.mp4"));
        ASSERT_TRUE(cut && whole);
        for (const double into : {0.0, 1.0, 4.0}) {
            const auto a = cut->at({into + 0.001}, 64),
                       b = whole->at(p.stretch->start + Seconds{into + 0.001}, 64);
            ASSERT_TRUE(a && b) << into;
            EXPECT_EQ(a->pixels, b->pixels) << "at " << into << " of piece " << p.piece;
        }
        // And the sound is that of the same moment.
        const auto sound = test::decodeAll(written->path);
        EXPECT_NEAR(static_cast<double>(sound.size()) / 48000, p.stretch->length().value,
                    GetParam() > 0 ? 0.13 : 0.041)
            << "pictures that depend on each other may end some later";
        const auto first =
            static_cast<std::size_t>(std::llround((7 + p.stretch->start.value) * 48000));
        double most = 0;
        for (std::size_t n = 0; n < 4 * 48000; ++n) {
            most = std::max(most, std::fabs(static_cast<double>(sound[n]) - talk_[first + n]));
        }
        EXPECT_LT(most, 1e-6) << "to the sample";
    }
}

TEST_P(CutTake, OtherContainersSayThatTheyCannot) {
    plan_->sound.kept = {{{3.4}, {8.2}}};
    plan_->container = VideoContainer::Mkv;
    const auto written = exportVideo(plansForPieces(*plan_).front(), {});
    ASSERT_FALSE(written);
    EXPECT_NE(written.error().sentence.find("choose MOV"), std::string::npos);
    EXPECT_FALSE(std::filesystem::exists(folder_.file("out/take clean.mkv")));
}

INSTANTIATE_TEST_SUITE_P(BFrames, CutTake, ::testing::Values(0, 2));

}  // namespace
}  // namespace brisk
