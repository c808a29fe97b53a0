// SPDX-License-Identifier: GPL-3.0-or-later
// A recorder that writes floating point keeps peaks far over full scale: known before anything is
// written, kept where they fit, never cut unless somebody says so.
#include "render/headroom.h"

#include <gtest/gtest.h>

#include "export/hand_over.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

class HeadroomTest : public ::testing::Test {
  protected:
    void SetUp() override {
        auto quiet = test::babble(14, 48000, 11);
        test::writeTake(folder_.file("shout.mp4"),
                        {quiet.begin() + 2 * 48000, quiet.begin() + 12 * 48000});
        hot_ = quiet;
        for (float& v : hot_) v *= 4;  // about 6 dB over
        peak_ = 0;
        for (std::size_t n = 2 * 48000; n < 12 * 48000; ++n) {
            peak_ = std::max(peak_, std::abs(hot_[n]));
        }
        ASSERT_GT(peak_, 1.3f);
        test::writeSound(folder_.file("float.wav"), hot_, {"pcm_f32le", 48000, 1, {}, {}});
        take_ = scan("shout.mp4");
        rec_ = scan("float.wav");
    }
    std::shared_ptr<const SoundScan> scan(const char* name) {
        return std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
    }
    VideoExportPlan plan(SoundCodec codec, VideoContainer container = VideoContainer::Mov) {
        VideoExportPlan p{*take_, test::planOf(take_, rec_, {{2}, {0}}), container,
                          folder_.file("out")};
        p.codec = codec;
        return p;
    }
    static float peakOf(const std::string& path) {
        float most = 0;
        for (const float v : test::decodeAll(path)) most = std::max(most, std::abs(v));
        return most;
    }
    /// Its largest difference from the recording made `gain` times as loud.
    double differenceFrom(const std::string& path, double gain) {
        const auto got = test::decodeAll(path);
        double most = 0;
        // Apart from the soft edges.
        for (std::size_t n = 2000; n + 2000 < std::min<std::size_t>(got.size(), 480000); ++n) {
            most = std::max(most, std::abs(got[n] - gain * hot_[n + 96000]));
        }
        return most;
    }
    test::TempFolder folder_;
    std::vector<float> hot_;
    float peak_ = 0;
    std::shared_ptr<const SoundScan> take_, rec_;
};

TEST_F(HeadroomTest, AnIntactFloatRecordingIsNotCalledClipped) {
    EXPECT_NEAR(rec_->level.samplePeak, peak_, 1e-6);
    EXPECT_EQ(rec_->level.clippedSamples, 0);
    EXPECT_TRUE(rec_->level.clipped.empty());
    for (const Fact& w : rec_->info.warnings) EXPECT_NE(w.id, "too-hot");
    // One that was cut is.
    std::vector<float> cut = hot_;
    for (float& v : cut) v = std::clamp(v, -1.0f, 1.0f);
    test::writeSound(folder_.file("cut.wav"), cut, {"pcm_f32le", 48000, 1, {}, {}});
    EXPECT_GT(scan("cut.wav")->level.clippedSamples, 10);
}

TEST_F(HeadroomTest, FloatKeepsEverySampleInEveryContainerThatHasIt) {
    for (const VideoContainer c : {VideoContainer::Mov, VideoContainer::Mkv}) {
        const auto written = exportVideo(plan(SoundCodec::Float, c), {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_TRUE(written->readBack.sound.everySample);
        EXPECT_TRUE(probe(written->path)->sounds[0].codec.starts_with("pcm_f32"));
        EXPECT_LT(differenceFrom(written->path, 1), 1e-6);
    }
    SoundExportPlan alone{*take_, test::planOf(take_, rec_, {{2}, {0}}), SoundFormat::WavFloat,
                          folder_.file("out"), "alone"};
    const auto written = exportSound(alone, {});
    ASSERT_TRUE(written) << written.error().fact;
    EXPECT_EQ(sentence(written->check.problem), "");
    EXPECT_LT(differenceFrom(written->path, 1), 1e-6);
}

TEST_F(HeadroomTest, ByDefaultTheWholeTakeIsTurnedDownAndNothingIsCut) {
    for (const SoundCodec codec : {SoundCodec::Pcm24, SoundCodec::Alac, SoundCodec::Aac}) {
        const auto written = exportVideo(plan(codec), {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_NE(sentence(written->holds).find("so the whole take is turned down by"),
                  std::string::npos)
            << sentence(written->holds);
        const double gain = std::pow(
            10.0, fittedInto(written->level, codingOf(codec), OverFull::TurnDown).gainDb / 20);
        EXPECT_LT(gain, 0.8);
        EXPECT_LE(peakOf(written->path), codec == SoundCodec::Aac ? 1.0f : 0.9f);
        if (codec != SoundCodec::Aac) {
            EXPECT_LT(differenceFrom(written->path, gain), 1e-6) << "the shape is the same";
        }
    }
}

TEST_F(HeadroomTest, LimitedOrCutOnlyWhereThatWasChosen) {
    VideoExportPlan p = plan(SoundCodec::Pcm24);
    p.overFull = OverFull::Limit;
    const auto limited = exportVideo(p, {});
    ASSERT_TRUE(limited);
    EXPECT_NE(sentence(limited->holds).find("are limited to"), std::string::npos)
        << sentence(limited->holds);
    EXPECT_EQ(sentence(limited->readBack.problem), "");
    EXPECT_LE(peakOf(limited->path), 0.9f);
    EXPECT_GT(peakOf(limited->path), 0.8f);
    p.overFull = OverFull::Clip;
    const auto cut = exportVideo(p, {});
    ASSERT_TRUE(cut);
    EXPECT_NE(sentence(cut->holds).find("are CUT there, as chosen"), std::string::npos)
        << sentence(cut->holds);
    EXPECT_NE(sentence(cut->holds).find("cut at full scale, as chosen."), std::string::npos)
        << sentence(cut->holds);
    EXPECT_NEAR(peakOf(cut->path), 1, 1e-5);
}

TEST_F(HeadroomTest, GainAndMixingAreFoundToo) {
    auto loud = test::planOf(take_, take_, {{0}, {0}});
    ASSERT_TRUE(surelyFits(loud)) << "half of full scale";
    loud.choice.gainDb = loud.level.gainDb = 9;
    EXPECT_FALSE(surelyFits(loud));
    const auto level = resolveLevel(loud, {});
    ASSERT_TRUE(level);
    EXPECT_TRUE(level->peakKnown);
    const double peak = 20 * std::log10(take_->level.samplePeak) + 9;
    EXPECT_NEAR(level->samplePeakDb, peak, 0.1);
    EXPECT_GT(overBy(*level, Coding::Integer), 0);
    EXPECT_EQ(overBy(*level, Coding::Float), 0);
    auto mixed = test::planOf(take_, take_, {{0}, {0}});
    mixed.choice.camera = CameraSound::Blended;
    mixed.choice.blendDb = 0;
    EXPECT_FALSE(surelyFits(mixed)) << "twice the same sound";
    EXPECT_NEAR(resolveLevel(mixed, {})->samplePeakDb, 20 * std::log10(2 * take_->level.samplePeak),
                0.2);
}

TEST_F(HeadroomTest, ThePlanSaysItBeforeAnythingIsWritten) {
    HandedTake h;
    h.id = 1;
    h.scan = take_;
    h.sound = test::planOf(take_, rec_, {{2}, {0}});
    HandOverChoice c;
    c.folder = folder_.file("out");
    HandOverPlan planned = planHandOver({h}, c);
    EXPECT_TRUE(planned.goesOverFull());
    EXPECT_NE(sentence(planned.files[0].holds).find("may go over full scale"), std::string::npos);
    h.sound.level = *resolveLevel(h.sound, {});
    planned = planHandOver({h}, c);
    EXPECT_TRUE(planned.goesOverFull());
    const Facts said = planned.files[0].holds;
    EXPECT_NE(sentence(said).find("peaks would go"), std::string::npos) << said;
    HandOverRun run(planned);
    run.go({}, {}, {});
    EXPECT_EQ(run.results()[0].holds, said) << "and so it was done";
    c.codec = SoundCodec::Float;
    planned = planHandOver({h}, c);
    EXPECT_FALSE(planned.goesOverFull());
    EXPECT_NE(sentence(planned.files[0].holds).find("over full scale are kept"), std::string::npos);
}

}  // namespace
}  // namespace brisk
