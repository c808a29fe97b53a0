// SPDX-License-Identifier: GPL-3.0-or-later
// Every sound format a recorder makes: what was written comes back, beginning at its first sample.
#include <gtest/gtest.h>

#include <cmath>

#include "dsp/plain_lag.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

struct Lossless {
    const char* name;
    const char* codec;
    int rate;
    int channels;
    double step;  // of quantisation
};

class LosslessSound : public ::testing::TestWithParam<Lossless> {};

TEST_P(LosslessSound, ComesBackSampleBySample) {
    const Lossless p = GetParam();
    const TempFolder folder;
    const auto mono = test::babble(3.3, p.rate, 1);
    test::writeSound(folder.file(p.name), mono, {p.codec, p.rate, p.channels, {}, {}});
    auto reader = SoundReader::open(folder.file(p.name));
    ASSERT_TRUE(reader) << reader.error().fact;
    EXPECT_EQ(reader->rate().hertz, p.rate);
    EXPECT_EQ(reader->channels(), p.channels);
    EXPECT_EQ(reader->firstSample().value, 0.0);
    const auto back = test::decodeAll(folder.file(p.name));
    ASSERT_EQ(back.size(), mono.size());
    for (std::size_t n = 0; n < mono.size(); ++n) {
        ASSERT_NEAR(back[n], mono[n], p.step) << "sample " << n;
    }
}

INSTANTIATE_TEST_SUITE_P(Formats, LosslessSound,
                         ::testing::Values(Lossless{"a.wav", "pcm_s16le", 44100, 1, 1.6e-5},
                                           Lossless{"b.wav", "pcm_s24le", 48000, 2, 6.1e-8},
                                           Lossless{"c.wav", "pcm_s32le", 96000, 1, 6.1e-8},
                                           Lossless{"d.wav", "pcm_f32le", 48000, 2, 0},
                                           Lossless{"e.flac", "flac", 48000, 1, 6.1e-8}),
                         [](const auto& p) {
                             return std::string(1, p.param.name[0]) + "_" + p.param.codec;
                         });

struct Lossy {
    const char* name;
    const char* codec;
    int rate;
    double untrimmed = 0;  // encoder delay that the container has no place to signal
};

class LossySound : public ::testing::TestWithParam<Lossy> {};

TEST_P(LossySound, StartsWhereThePlayerStarts) {
    // Encoder delay is trimmed as the file signals: no shift against what went in.
    const Lossy p = GetParam();
    const TempFolder folder;
    const auto mono = test::babble(6, p.rate, 7);
    test::writeSound(folder.file(p.name), mono, {p.codec, p.rate, 1, {}, {}});
    const auto back = test::decodeAll(folder.file(p.name));
    ASSERT_GT(back.size(), mono.size() - 4000);
    // Ends may be late by hundreds of samples; starts are exact.
    EXPECT_LT(back.size(), mono.size() + 4000);
    for (const std::size_t at : {std::size_t{0}, mono.size() / 2}) {
        const std::size_t n = static_cast<std::size_t>(p.rate) * 2;
        const auto lag =
            measureLag(std::span(mono).subspan(at, n), std::span(back).subspan(at, n), 3000);
        EXPECT_NEAR(lag.samples, p.untrimmed, 0.3) << p.name << " at sample " << at;
        EXPECT_GT(lag.correlation, 0.85);
    }
}

INSTANTIATE_TEST_SUITE_P(
    Formats, LossySound,
    ::testing::Values(Lossy{"a.mp3", "libmp3lame", 44100}, Lossy{"b.mp3", "libmp3lame", 48000},
                      Lossy{"c.m4a", "aac", 44100}, Lossy{"d.m4a", "aac", 48000},
                      Lossy{"e.ogg", "libopus", 48000}, Lossy{"f.opus", "libopus", 48000},
                      Lossy{"g.mka", "aac", 48000, 1024}),
    [](const auto& p) { return std::string(1, p.param.name[0]) + "_" + p.param.codec; });

TEST(EightBitWav, IsRead) {
    const TempFolder folder;
    const auto mono = test::babble(3, 44100, 3);
    test::writeSound(folder.file("in.wav"), mono, {"pcm_s16le", 44100, 1, {}, {}});
    test::ffmpeg("-i " + folder.file("in.wav") + " -c:a pcm_u8 " + folder.file("out.wav"));
    const auto back = test::decodeAll(folder.file("out.wav"));
    ASSERT_EQ(back.size(), mono.size());
    for (std::size_t n = 0; n < mono.size(); ++n) ASSERT_NEAR(back[n], mono[n], 0.02);
}

TEST(MovieWriter, RefusesWhatItCannotWrite) {
    const TempFolder folder;
    for (const char* codec : {"pcm_u8", "no-such-codec"}) {
        MovieSpec spec;
        spec.path = folder.file("a.wav");
        spec.sound = SoundTrackSpec{codec, {48000}, 1, 0, {}};
        const auto writer = MovieWriter::create(spec);
        ASSERT_FALSE(writer);
        EXPECT_NE(sentence(writer.error().fact).find(codec), std::string::npos);
    }
}

TEST(OggVorbis, StartsWhereThePlayerStarts) {
    const TempFolder folder;
    const auto mono = test::babble(5, 44100, 3);
    test::writeSound(folder.file("in.wav"), mono, {"pcm_s16le", 44100, 1, {}, {}});
    test::ffmpeg("-i " + folder.file("in.wav") + " -c:a libvorbis -q:a 5 " +
                 folder.file("out.ogg"));
    const auto back = test::decodeAll(folder.file("out.ogg"));
    ASSERT_GE(back.size(), 88200u);
    const auto lag = measureLag(std::span(mono).first(88200), std::span(back).first(88200), 3000);
    EXPECT_NEAR(lag.samples, 0.0, 0.3);
}

TEST(SoundReader, ReadsTheSoundOfAVideoAsARecording) {
    const TempFolder folder;
    const auto mono = test::babble(4, 48000, 12);
    test::TakeRecipe recipe;
    recipe.soundStart = 0.2;
    test::writeTake(folder.file("screen.mp4"), mono, recipe);
    // Recording time 0 is the first presented sample, wherever the picture begins. With a positive
    // delay the encoder's priming is presented: 1024 samples of near silence.
    const auto back = test::decodeAll(folder.file("screen.mp4"));
    ASSERT_GE(back.size(), 100000u);
    const auto lag = measureLag(std::span(mono).first(96000), std::span(back).first(96000), 3000);
    EXPECT_NEAR(lag.samples, 1024, 0.3);
}

TEST(SoundReader, SaysSoWhenThereIsNoSound) {
    const TempFolder folder;
    test::writeSilentFilm(folder.file("mute.mp4"), 1);
    const auto reader = SoundReader::open(folder.file("mute.mp4"));
    ASSERT_FALSE(reader);
    EXPECT_EQ(reader.error().code, ErrorCode::NoSound);
}

}  // namespace
}  // namespace brisk
