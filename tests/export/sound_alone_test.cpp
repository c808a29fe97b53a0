// SPDX-License-Identifier: GPL-3.0-or-later
// Clean sound alone: as long as the take to the sample, in its place, with its time of day.
#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>

#include "dsp/plain_lag.h"
#include "export/sound_export.h"
#include "media/read/probe.h"
#include "media/read/wav_header.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "support/witness.h"

namespace brisk {
namespace {

constexpr ClockLine kAloneLine{{3.25}, {80}};

class SoundAlone : public ::testing::Test {
  protected:
    void make(const std::string& timecode, const std::string& reference) {
        test::TakeRecipe r;
        r.picture.rate = {24000, 1001};
        r.metadata = {{"creation_time", "2026-03-03T09:12:40.000000Z"}};
        if (!timecode.empty()) r.metadata["timecode"] = timecode;
        test::writeTake(folder_.file("press-02.mov"), test::babble(12, 48000, 1), r);
        recording_ = test::babble(20, 48000, 2);
        test::SoundRecipe rec{"pcm_s24le", 48000, 1, {}, {}};
        if (!reference.empty()) {
            rec.metadata = {{"time_reference", reference}};
            rec.muxerOptions = {{"write_bext", "1"}};
        }
        test::writeSound(folder_.file("lavalier.wav"), recording_, rec);
        take_ = test::scanned(folder_.file("press-02.mov"));
        clean_ = test::scanned(folder_.file("lavalier.wav"));
    }
    SoundExportPlan plan(SoundFormat format) {
        return {take_, test::soundOf(take_, clean_, kAloneLine), format, folder_.file("out")};
    }
    /// Written sound against the recording, sample by sample interpolated from it.
    double slipAt(const std::vector<float>& sound, double begins, double t) {
        std::vector<float> want(24000);
        const auto from = static_cast<std::size_t>(std::llround((t - begins) * 48000));
        for (std::size_t i = 0; i < want.size(); ++i) {
            const double at = begins + static_cast<double>(from + i) / 48000;
            const double r = kAloneLine.toRecording({at}).value * 48000;
            const auto k = static_cast<std::size_t>(r);
            const auto part = static_cast<float>(r - std::floor(r));
            want[i] = recording_[k] * (1 - part) + recording_[k + 1] * part;
        }
        const PlainLag lag = measureLag(want, std::span(sound).subspan(from, 24000), 480);
        EXPECT_GT(lag.correlation, 0.9);
        return lag.samples / 48000;
    }
    /// "name=value", a line each.
    static std::string tagsOf(const std::string& path) {
        std::string said;
        const auto file = test::probedFile(path);
        for (const auto& [name, value] : file["format"]["tags"].items()) {
            said += "TAG:" + name + "=" + value.get<std::string>() + "\n";
        }
        return said;
    }
    test::TempFolder folder_;
    SoundScan take_, clean_;
    std::vector<float> recording_;
};

TEST_F(SoundAlone, IsAsLongAsTheTakeToTheSampleAndInItsPlace) {
    make("", "");
    // 288 pictures of 1001 / 24000 s.
    const auto samples = static_cast<std::int64_t>(
        std::llround(static_cast<double>(take_.pictures.count()) * 1001 / 24000 * 48000));
    for (const SoundFormat format : {SoundFormat::Wav, SoundFormat::Flac}) {
        const auto written = exportSound(plan(format), {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->check.problem), "");
        EXPECT_TRUE(written->check.measured);
        EXPECT_EQ(written->samples, samples);
        const auto sound = test::decodeAll(written->path);
        EXPECT_EQ(static_cast<std::int64_t>(sound.size()), samples);
        for (const double t : {0.1, 6.0, 11.2}) EXPECT_LT(std::fabs(slipAt(sound, 0, t)), 1e-4);
        EXPECT_NE(tagsOf(written->path).find("Clean sound of press-02.mov"), std::string::npos);
    }
    EXPECT_EQ(sentence(describeSound(plan(SoundFormat::Wav))),
              "As long as the take, on the picture's clock: clean sound, mono, in both channels, "
              "broadcast WAV, 24-bit, 48 kHz.");
}

TEST_F(SoundAlone, TheTimeOfDayIsTheTakesTimecodeOrElseTheRecordersClock) {
    make("09:12:40:12", "1000000");
    EXPECT_NE(tagsOf(exportSound(plan(SoundFormat::Wav), {})->path)
                  .find("time_reference=" +
                        std::to_string(std::llround((33160 * 24.0 + 12) * 1001 / 24000 * 48000))),
              std::string::npos)
        << "frames are counted, not seconds: 24 numbers take 1001 / 1000 s";
    make("", "1000000");
    const std::string tags = tagsOf(exportSound(plan(SoundFormat::Wav), {})->path);
    EXPECT_NE(tags.find("time_reference=" + std::to_string(1000000 + std::llround(3.25 * 48000))),
              std::string::npos)
        << tags;
    EXPECT_NE(tags.find("date=2026-03-03"), std::string::npos) << tags;
    make("", "");
    EXPECT_EQ(timeReference(plan(SoundFormat::Wav), {0}), std::nullopt);
}

TEST_F(SoundAlone, APieceCarriesItsOwnTimeOfDay) {
    make("", "1000000");
    SoundExportPlan whole = plan(SoundFormat::Wav);
    whole.sound.kept = {{{6.02}, {9}}};
    const auto written = exportSound(plansForSounds(whole).front(), {});
    ASSERT_TRUE(written) << written.error().fact;
    const double begins = take_.pictures.timeOf(take_.pictures.frameAt({6.02})).value;
    const ClockLine line = whole.sound.clean.front().line;
    const auto reference = 1000000 + std::llround(line.toRecording({begins}).value * 48000);
    EXPECT_NE(tagsOf(written->path).find("time_reference=" + std::to_string(reference)),
              std::string::npos)
        << tagsOf(written->path);
}

TEST_F(SoundAlone, EachKeptPieceAndEachMicrophoneIsAFile) {
    make("", "");
    SoundExportPlan whole = plan(SoundFormat::Wav);
    whole.sound.kept = {{{1}, {4}}, {{6.02}, {9}}};
    whole.sound.beside = {whole.sound.clean};
    const auto plans = plansForSounds(whole);
    ASSERT_EQ(plans.size(), 4u);
    std::vector<std::string> names;
    for (const SoundExportPlan& p : plans) {
        const auto written = exportSound(p, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->check.problem), "");
        names.push_back(std::filesystem::path(written->path).filename().string());
        // It begins with the picture that is on the screen there.
        const double begins = take_.pictures.timeOf(take_.pictures.frameAt(p.stretch->start)).value;
        const auto sound = test::decodeAll(written->path);
        EXPECT_LT(std::fabs(slipAt(sound, begins, begins + 1)), 1e-4);
    }
    EXPECT_EQ(names,
              (std::vector<std::string>{"press-02 clean piece 1.wav", "press-02 clean piece 2.wav",
                                        "press-02 clean lavalier piece 1.wav",
                                        "press-02 clean lavalier piece 2.wav"}));
}

TEST_F(SoundAlone, StoppedOrRefusedNothingIsLeft) {
    make("", "");
    JobControl job;
    job.requestStop();
    ASSERT_FALSE(exportSound(plan(SoundFormat::Wav), job));
    EXPECT_TRUE(std::filesystem::is_empty(folder_.file("out")));
    SoundExportPlan blocked = plan(SoundFormat::Flac);
    blocked.folder = folder_.file("lavalier.wav");
    const auto written = exportSound(blocked, {});
    ASSERT_FALSE(written);
    EXPECT_EQ(written.error().code, ErrorCode::CannotWrite);
}

}  // namespace
}  // namespace brisk
