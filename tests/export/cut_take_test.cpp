// SPDX-License-Identifier: GPL-3.0-or-later
// A part of a take, handed over without coding its picture anew.
#include <cmath>

#include "export/video_export.h"
#include "media/read/picture_reader.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
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
    /// Picture and sound of a written file are those of the take from there on, to the sample.
    void sameAsTheTakeFrom(Seconds start, const std::string& path, bool identical) {
        auto piece = PictureReader::open(path);
        auto whole = PictureReader::open(folder_.file("take.mp4"));
        ASSERT_TRUE(piece && whole);
        for (const double into : {0.0, 0.04, 1.0, 4.0}) {
            const auto a = piece->at({into + 0.001}, 64),
                       b = whole->at(start + Seconds{into + 0.001}, 64);
            ASSERT_TRUE(a && b) << into;
            if (identical) {
                EXPECT_EQ(a->pixels, b->pixels) << "at " << into;
                continue;
            }
            // Each picture is one grey of its own.
            const auto grey = [](const Picture& p) {
                return static_cast<int>(p.pixels[700] & 255);
            };
            EXPECT_NEAR(grey(*a), grey(*b), 2) << "at " << into;
        }
        const auto sound = test::decodeAll(path);
        const auto first = static_cast<std::size_t>(std::llround((7 + start.value) * 48000));
        double most = 0;
        for (std::size_t n = 0; n < 4 * 48000; ++n) {
            most = std::max(most, std::fabs(static_cast<double>(sound[n]) - talk_[first + n]));
        }
        EXPECT_LT(most, 1e-6) << "to the sample";
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
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_TRUE(written->readBack.picture.identical);
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

TEST_P(CutTake, AtAKeyFrameThePictureIsCopiedInEveryContainer) {
    // The one before it ends inside of what the second begins with.
    plan_->sound.kept = {{{1}, {3.2}}, {{3.4}, {8.2}}};
    plan_->sound.choice.softEdgeMs = 0;
    plan_->pieceStart = PieceStart::KeyFrame;
    for (const VideoContainer container : {VideoContainer::Mov, VideoContainer::Mkv}) {
        plan_->container = container;
        const VideoExportPlan p = plansForPieces(*plan_).back();
        EXPECT_EQ(sentence(describeExport(p))
                      .find("From 0:00:03.4 to 0:00:08.2 of the take. Picture untouched, "
                            "from the key frame 0.40 s before the cut on"),
                  0u)
            << sentence(describeExport(p));
        const auto written = exportVideo(p, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_TRUE(written->readBack.picture.identical);
        EXPECT_NEAR(written->lead.value, 0.4, 1e-9) << "a key frame each second";
        sameAsTheTakeFrom({3.0}, written->path, true);
    }
}

TEST_P(CutTake, CodedAnewItIsExactInEveryContainer) {
    plan_->sound.kept = {{{3.4}, {8.2}}};
    plan_->sound.choice.softEdgeMs = 0;
    for (const VideoContainer container : {VideoContainer::Mkv, VideoContainer::Mov}) {
        plan_->container = container;
        plan_->pieceStart =
            container == VideoContainer::Mov ? PieceStart::CodedAnew : PieceStart::Exact;
        const VideoExportPlan p = plansForPieces(*plan_).front();
        const std::string because = "because MKV cannot begin between key frames";
        EXPECT_NE(sentence(describeExport(p)).find("Picture re-encoded (H.264"), std::string::npos);
        EXPECT_EQ(sentence(describeExport(p)).find(because) != std::string::npos,
                  container == VideoContainer::Mkv);
        const auto written = exportVideo(p, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_FALSE(written->readBack.picture.identical);
        EXPECT_EQ(written->readBack.picture.pictures, 120) << "4.8 s, and none beyond";
        EXPECT_GT(written->readBack.picture.leastAlikeDb.value(), 40);
        sameAsTheTakeFrom({3.4}, written->path, false);
        EXPECT_EQ(test::scanned(written->path).pictures.count(), 120);
        EXPECT_NEAR(test::scanned(written->path).pictures.end().value, 4.8, 0.0015);
    }
}

TEST_P(CutTake, AtAKeyFrameAnywayNothingIsCodedAnew) {
    plan_->sound.kept = {{{4}, {8.2}}};
    plan_->sound.choice.softEdgeMs = 0;
    plan_->container = VideoContainer::Mkv;
    const VideoExportPlan p = plansForPieces(*plan_).front();
    EXPECT_NE(sentence(describeExport(p)).find("Picture untouched; track 1"), std::string::npos);
    const auto written = exportVideo(p, {});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_TRUE(written->readBack.picture.identical);
    EXPECT_EQ(written->lead, Seconds{0});
    sameAsTheTakeFrom({4}, written->path, true);
}

TEST_P(CutTake, APictureThatIsNotTheTakesIsFound) {
    plan_->sound.kept = {{{3.4}, {8.2}}};
    plan_->pieceStart = PieceStart::CodedAnew;
    VideoExportPlan p = plansForPieces(*plan_).front();
    const auto written = exportVideo(p, {});
    ASSERT_TRUE(written) << written.error().fact;
    const auto problemOf = [&](TimeRange stretch) {
        p.cut = *pictureCut(take_.info, stretch, PieceWay::CodedAnew, {});
        return sentence(checkPicture(p, written->path, {})->problem);
    };
    EXPECT_EQ(problemOf({{3.4}, {8.2}}), "");
    EXPECT_NE(problemOf({{3.4}, {8.4}}).find("fewer"), std::string::npos);
    EXPECT_NE(problemOf({{5.4}, {10.2}}).find("differs"), std::string::npos)
        << "other pictures, as many";
}

INSTANTIATE_TEST_SUITE_P(BFrames, CutTake, ::testing::Values(0, 2));

}  // namespace
}  // namespace brisk
