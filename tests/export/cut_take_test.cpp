// SPDX-License-Identifier: GPL-3.0-or-later
// A part of a take, handed over without coding its picture anew.
#include <cmath>
#include <filesystem>
#include <fstream>

#include "export/video_export.h"
#include "media/read/picture_reader.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/second_witness.h"
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

// An older shoot may hold pieces of some samples.
TEST_P(CutTake, LessThanAPictureIsRefusedWithASentence) {
    plan_->sound.kept = {{{5}, {5.00001}}};
    const auto done = exportVideo(*plan_, {});
    ASSERT_FALSE(done);
    EXPECT_NE(sentence(done.error().fact).find("shorter than one picture"), std::string::npos)
        << done.error().fact;
    EXPECT_FALSE(std::filesystem::exists(folder_.file("out/take clean.mov")));
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

/// The greys of all pictures that another program shows of a file, one after the other.
std::vector<int> greysShown(const std::string& path, const test::TempFolder& folder) {
    const std::string raw = folder.file("greys.raw");
    test::ffmpeg("-i '" + path + "' -an -fps_mode passthrough -f rawvideo -pix_fmt gray -y '" +
                 raw + "'");
    std::ifstream in(raw, std::ios::binary);
    const std::string bytes{std::istreambuf_iterator<char>(in), {}};
    constexpr std::size_t kPicture = 64 * 36;
    std::vector<int> out;
    for (std::size_t at = 0; at + kPicture <= bytes.size(); at += kPicture) {
        out.push_back(static_cast<unsigned char>(bytes[at + 700]));
    }
    return out;
}

struct JoinedAs {
    VideoContainer container;
    std::optional<SoundCodec> codec;
};

TEST_P(CutTake, PiecesAreJoinedIntoOneFileWithoutGapsPictureForPictureAndSampleForSample) {
    plan_->sound.kept = {{{3.4}, {8.2}}, {{12.04}, {17}}, {{18}, {19.2}}};
    plan_->sound.choice.softEdgeMs = 0;
    plan_->joined = true;
    std::vector<int> meant;
    for (const auto& [from, to] : {std::pair{85, 205}, {301, 425}, {450, 480}}) {
        for (int n = from; n < to; ++n) meant.push_back(40 + (n * 7) % 170);
    }
    for (const JoinedAs& as : {JoinedAs{VideoContainer::Mov, {}},
                               {VideoContainer::SameAsTake, SoundCodec::Aac},
                               {VideoContainer::Mkv, SoundCodec::Flac}}) {
        plan_->container = as.container;
        plan_->codec = as.codec;
        const auto plans = plansForPieces(*plan_);
        ASSERT_EQ(plans.size(), 1u);
        EXPECT_NE(sentence(describeExport(plans[0])).find("3 pieces joined without gaps"),
                  std::string::npos);
        const auto written = exportVideo(plans[0], {});
        ASSERT_TRUE(written) << written.error().fact;
        SCOPED_TRACE(written->path);
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_FALSE(written->readBack.picture.identical) << "pieces begin between key frames";
        EXPECT_GT(written->readBack.picture.leastAlikeDb.value_or(0), 30);
        EXPECT_LT(std::abs(written->readBack.sound.worst().value), 1e-4);
        ASSERT_EQ(written->parts.size(), 3u);
        const auto shown = greysShown(written->path, folder_);
        ASSERT_EQ(shown.size(), meant.size());
        int most = 0;
        for (std::size_t n = 0; n < meant.size(); ++n) {
            most = std::max(most, std::abs(shown[n] - shown[0] - (meant[n] - meant[0])));
        }
        EXPECT_LE(most, 3) << "every picture, in order";
        if (as.container == VideoContainer::Mov) {
            const auto second = test::presentedByGStreamer(written->path);
            ASSERT_TRUE(second);
            EXPECT_EQ(second->pictures, meant.size()) << "as other demuxers have it";
        }
        const auto info = probe(written->path);
        ASSERT_TRUE(info);
        EXPECT_NEAR(info->duration.value, 10.96, 0.05);
        // The last second of the last piece is where it belongs beside its picture.
        const auto sound = test::decodeAll(written->path);
        EXPECT_NEAR(static_cast<double>(sound.size()), 10.96 * 48000, 1100);
        double worst = 0;
        for (const auto& [in, of] : {std::pair{1.0, 4.4}, {5.8, 13.04}, {10.0, 18.24}}) {
            double product = 0, a2 = 0, b2 = 0;
            for (int n = 0; n < 4800; ++n) {
                const double a = sound[static_cast<std::size_t>(in * 48000 + n)];
                const double b = talk_[static_cast<std::size_t>((7 + of) * 48000 + n)];
                product += a * b, a2 += a * a, b2 += b * b;
            }
            worst = std::max(worst, 1 - product / std::sqrt(a2 * b2));
        }
        EXPECT_LT(worst, as.codec == SoundCodec::Aac ? 0.05 : 1e-6);
        for (const auto& left : std::filesystem::directory_iterator(folder_.file("out"))) {
            EXPECT_FALSE(left.path().filename().string().starts_with(".")) << left.path();
        }
    }
}

TEST_P(CutTake, PiecesThatBeginAtKeyFramesAreJoinedWithTheirPictureUntouched) {
    plan_->sound.kept = {{{3}, {8.2}}, {{12}, {17}}};
    plan_->joined = true;
    std::vector<int> meant;
    for (const auto& [from, to] : {std::pair{75, 205}, {300, 425}}) {
        for (int n = from; n < to; ++n) meant.push_back(40 + (n * 7) % 170);
    }
    for (const auto container : {VideoContainer::Mov, VideoContainer::Mkv}) {
        plan_->container = container;
        const auto written = exportVideo(plansForPieces(*plan_)[0], {});
        ASSERT_TRUE(written) << written.error().fact;
        SCOPED_TRACE(written->path);
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_TRUE(written->readBack.picture.identical);
        const auto shown = greysShown(written->path, folder_);
        ASSERT_GE(shown.size(), meant.size());
        EXPECT_LE(shown.size(), meant.size() + 4) << "pictures that depend on each other";
        auto reader = PictureReader::open(written->path);
        ASSERT_TRUE(reader);
        const auto second = reader->at(written->parts[0].length() + Seconds{0.001}, 64);
        ASSERT_TRUE(second);
        EXPECT_NEAR(static_cast<int>(second->pixels[700] & 255), meant[130], 4);
    }
    // Asked for, they begin at the key frame before, all of them, and nothing is re-encoded.
    plan_->container = VideoContainer::Mov;
    plan_->pieceStart = PieceStart::KeyFrame;
    plan_->sound.kept = {{{3.4}, {8.2}}, {{12.04}, {17}}};
    const auto written = exportVideo(plansForPieces(*plan_)[0], {});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_TRUE(written->readBack.picture.identical);
    EXPECT_EQ(sentence(written->readBack.problem), "");
    EXPECT_EQ(written->parts[1].start, Seconds{12});
}

INSTANTIATE_TEST_SUITE_P(BFrames, CutTake, ::testing::Values(0, 2));

}  // namespace
}  // namespace brisk
