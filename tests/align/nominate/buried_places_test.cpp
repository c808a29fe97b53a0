// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/buried_places.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "align/assemble/match.h"
#include "dsp/fourier.h"
#include "sim/noise.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

double strength(const std::vector<float>& v, std::size_t from, std::size_t to) {
    double sum = 0;
    for (std::size_t i = from; i < to; ++i) sum += static_cast<double>(v[i]) * v[i];
    return std::sqrt(sum / static_cast<double>(to - from));
}

/// As it is heard far away in a hall: no direct sound, half a second of echo that has no arrivals.
std::vector<float> throughAHall(std::vector<float> sound, std::uint64_t seed) {
    const std::size_t heard = sound.size();
    RealFourier fourier(powerOfTwoAtLeast(static_cast<long long>(heard) + 24000));
    const auto transformed = [&](const std::vector<float>& v) {
        std::fill(std::copy(v.begin(), v.end(), fourier.time().begin()), fourier.time().end(), 0);
        fourier.forward();
        return std::vector(fourier.spectrum().begin(), fourier.spectrum().end());
    };
    sim::NoiseSource random(seed);
    std::vector<float> hall(24000);
    for (std::size_t n = 0; n < hall.size(); ++n) {
        hall[n] = 0.01f * random.normal() * std::exp(static_cast<float>(n) / -7000.0f);
    }
    const auto a = transformed(sound), b = transformed(hall);
    for (std::size_t k = 0; k < a.size(); ++k) fourier.spectrum()[k] = a[k] * b[k];
    fourier.inverse();
    std::copy_n(fourier.time().begin(), heard, sound.begin());
    return sound;
}

class BuriedPlaces : public ::testing::Test {
  protected:
    std::shared_ptr<HeldSound> held(const std::string& name, const std::vector<float>& sound,
                                    int rate = 48000) {
        test::SoundRecipe recipe;
        recipe.rate = rate;
        test::writeSound(folder_.file(name), sound, recipe);
        scans_.push_back(std::make_unique<SoundScan>(test::scanned(folder_.file(name))));
        return *HeldSound::open(*scans_.back());
    }
    std::vector<BuriedPlace> find(HeldSound& take, HeldSound& recording) {
        WhitenedRecording whole;
        auto places = buriedPlaces(take, recording, whole, {});
        EXPECT_TRUE(places);
        return *places;
    }

    test::TempFolder folder_;
    std::vector<std::unique_ptr<SoundScan>> scans_;
    std::vector<float> day_ = test::babble(90, 48000, 31);
};

TEST_F(BuriedPlaces, WhitenedEveryMomentIsAsStrongAsTheNext) {
    auto sound = test::whiteNoise(6, 48000, 0.3, 4);
    for (std::size_t n = 2u * 48000; n < 4u * 48000; ++n) sound[n] *= 0.001f;
    std::fill(sound.begin() + 4 * 48000, sound.begin() + 5 * 48000, 0.0f);
    const auto white = whitened(*held("sound.wav", sound), 0, 6 * kWhitenedRate);
    ASSERT_TRUE(white);
    EXPECT_NEAR(strength(*white, 4000, 7000), 1, 0.1);
    EXPECT_NEAR(strength(*white, 9000, 15000), 1, 0.1);
    EXPECT_EQ(strength(*white, 17000, 19000), 0) << "silence stays silent";
}

TEST_F(BuriedPlaces, WhitenedInPartsItIsTheSame) {
    const auto sound = held("sound.wav", cut(day_, 0, 12), 44100);
    const auto all = whitened(*sound, 0, 40 * kWhitenedStep);
    const auto part = whitened(*sound, 16 * kWhitenedStep, 8 * kWhitenedStep);
    ASSERT_TRUE(all && part);
    // To half a sample of the file, a tenth of a radian at the highest frequency.
    std::vector<float> beside(all->begin() + 16 * kWhitenedStep, all->end());
    beside.resize(part->size());
    for (std::size_t i = 0; i < part->size(); ++i) beside[i] -= (*part)[i];
    EXPECT_LT(strength(beside, 0, beside.size()), 0.15 * strength(*part, 0, part->size()));
}

// Ten decibels under other voices, and nothing but echo.
TEST_F(BuriedPlaces, MusicFarAwayInAHallThatTalks) {
    auto take = throughAHall(cut(day_, 40, 70), 7);
    const auto voices = test::babble(30, 48000, 99);
    const double gain = 3.2 * strength(take, 0, take.size()) / strength(voices, 0, voices.size());
    for (std::size_t n = 0; n < take.size(); ++n) take[n] += static_cast<float>(gain) * voices[n];
    const auto scratch = held("take.wav", take), clean = held("recording.wav", day_);
    const auto places = find(*scratch, *clean);
    ASSERT_EQ(places.size(), 1u);
    EXPECT_NEAR(places[0].offset.value, 40, 0.06);
    EXPECT_GT(places[0].stands, 11);

    // No window hears it by itself: the place is offered, and said to be no more than near.
    const auto e = matchPair(scratch->scan(), clean->scan(), {}, {});
    ASSERT_TRUE(e);
    EXPECT_EQ(e->status, MatchStatus::Unsure) << e->reason;
    EXPECT_NEAR(e->line.offset.value, 40, 0.06) << e->reason;
}

// A few windows say where the others are asked: not everywhere, and the place stands out as much.
TEST_F(BuriedPlaces, InTwentyMinutesToo) {
    const auto minutes = test::whiteNoise(1200, 16000, 0.1, 12);
    std::vector<float> take(minutes.begin() + 700 * 16000, minutes.begin() + 740 * 16000);
    const auto other = test::whiteNoise(40, 16000, 0.1, 13);
    for (std::size_t n = 0; n < take.size(); ++n) take[n] = 0.06f * take[n] + other[n];
    const auto places =
        find(*held("take.wav", take, 16000), *held("recording.wav", minutes, 16000));
    ASSERT_EQ(places.size(), 1u);
    EXPECT_NEAR(places[0].offset.value, 700, 0.06);
    EXPECT_GT(places[0].stands, 11);
}

TEST_F(BuriedPlaces, ThereAreNoneForAnotherSound) {
    const auto other = test::babble(30, 48000, 77);
    EXPECT_TRUE(find(*held("take.wav", other), *held("recording.wav", day_)).empty());
    EXPECT_TRUE(find(*held("short.wav", cut(day_, 3, 4)), *held("again.wav", day_)).empty());
}

// A recorder that wrote silence: what little is left of it must not stand out of nothing.
TEST_F(BuriedPlaces, SilenceHasNone) {
    auto recording = day_;
    std::fill(recording.begin() + 5 * 48000, recording.begin() + 80 * 48000, 0.0f);
    const auto take = held("take.wav", test::babble(4, 48000, 55));
    EXPECT_TRUE(find(*take, *held("recording.wav", recording)).empty());
    EXPECT_TRUE(find(*held("silent.wav", std::vector<float>(9 * 48000, 0.0f)), *take).empty());
}

TEST_F(BuriedPlaces, CanBeStopped) {
    const auto take = held("take.wav", cut(day_, 0, 10));
    const auto recording = held("recording.wav", day_);
    WhitenedRecording whole;
    const JobControl job;
    job.requestStop();
    const auto places = buriedPlaces(*take, *recording, whole, job);
    ASSERT_FALSE(places);
    EXPECT_EQ(places.error().code, ErrorCode::Cancelled);
}

}  // namespace
}  // namespace brisk
