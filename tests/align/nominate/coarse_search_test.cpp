// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/coarse_search.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "features/onset_flux.h"
#include "support/facts_text.h"
#include "support/signals.h"

namespace brisk {
namespace {

BandLevels bandsOf(const std::vector<float>& mono, int rate = 48000) {
    BandLevelMeter meter(SampleRate{rate});
    meter.push(mono);
    return meter.finish();
}

std::vector<float> part(const std::vector<float>& v, double from, double to) {
    return {v.begin() + static_cast<std::ptrdiff_t>(from * 48000),
            v.begin() + static_cast<std::ptrdiff_t>(to * 48000)};
}

struct Overlap {
    double take[2];  // on the day's clock
    double recording[2];
};

class CoarseOverlap : public ::testing::TestWithParam<Overlap> {};

TEST_P(CoarseOverlap, IsFoundWithinAFrame) {
    const auto [take, recording] = GetParam();
    const auto day = test::babble(400, 48000, 17);
    const auto result = coarseSearch(bandsOf(part(day, take[0], take[1])),
                                     bandsOf(part(day, recording[0], recording[1])), JobControl{});
    ASSERT_TRUE(result) << result.error().fact;
    ASSERT_FALSE(result->places.empty());
    EXPECT_NEAR(result->places[0].line.offset.value, take[0] - recording[0], 0.008);
    if (result->places.size() > 1) {
        EXPECT_GT(result->places[0].score, 1.5 * result->places[1].score);
    }
}

INSTANTIATE_TEST_SUITE_P(Overlaps, CoarseOverlap,
                         ::testing::Values(Overlap{{100, 140}, {0, 390}},  // inside
                                           Overlap{{0, 60}, {40, 390}},  // the recorder starts late
                                           Overlap{{330, 399}, {0, 350}},  // and stops early
                                           Overlap{{10, 390},
                                                   {150, 200}},  // a recording within the take
                                           Overlap{{200, 206}, {0, 390}}));  // a very short take

TEST(CoarseSearch, FollowsDrift) {
    const auto day = test::babble(390, 48000, 18);
    const auto fast = test::onFastClock(day, 250);
    const auto result = coarseSearch(bandsOf(part(day, 10, 380)), bandsOf(fast), JobControl{});
    ASSERT_TRUE(result);
    EXPECT_TRUE(result->places[0].driftKnown);
    EXPECT_NEAR(result->places[0].line.drift.value, 250, 25);
    EXPECT_NEAR(result->places[0].line.toRecording({0}).value, 10 * (1 + 250e-6), 0.012);
}

TEST(CoarseSearch, AForeignRecordingScoresLikeChance) {
    const auto own = coarseSearch(bandsOf(test::babble(60, 48000, 1)),
                                  bandsOf(test::babble(300, 48000, 1)), JobControl{});
    const auto foreign = coarseSearch(bandsOf(test::babble(60, 48000, 1)),
                                      bandsOf(test::babble(300, 48000, 2)), JobControl{});
    ASSERT_TRUE(own && foreign && !foreign->places.empty());
    EXPECT_GT(own->places[0].score, 3 * foreign->places[0].score);
}

TEST(CoarseSearch, SaysWhenThereIsTooLittle) {
    const auto day = bandsOf(test::babble(60, 48000, 1));
    const auto shortTake = coarseSearch(bandsOf(test::babble(1, 48000, 1)), day, JobControl{});
    ASSERT_FALSE(shortTake);
    EXPECT_EQ(shortTake.error().code, ErrorCode::TooShort);
    const auto silent = coarseSearch(bandsOf(std::vector<float>(480000, 0.0f)), day, JobControl{});
    ASSERT_FALSE(silent);
    EXPECT_EQ(silent.error().code, ErrorCode::Silent);
}

TEST(CoarseSearch, StopsWhenAsked) {
    const auto day = bandsOf(test::babble(60, 48000, 1));
    const JobControl job;
    job.requestStop();
    const auto result = coarseSearch(day, day, job);
    ASSERT_FALSE(result);
    EXPECT_EQ(result.error().code, ErrorCode::Cancelled);
}

TEST(OnsetFlux, IsTheSameHoweverItIsCut) {
    const auto bands = bandsOf(test::babble(30, 48000, 5));
    const OnsetFlux flux(bands);
    std::vector<float> whole(kBands * 2000);
    flux.compute(500, 2000, whole);
    std::vector<float> piece(kBands * 100);
    flux.compute(1400, 100, piece);
    for (std::size_t b = 0; b < kBands; ++b) {
        for (std::size_t n = 0; n < 100; ++n) {
            ASSERT_NEAR(piece[b * 100 + n], whole[b * 2000 + 900 + n], 1e-3);
        }
    }
}

TEST(OnsetFlux, OutsideTheSoundIsNothing) {
    const auto bands = bandsOf(test::babble(5, 48000, 5));
    const OnsetFlux flux(bands);
    std::vector<float> v(kBands * 10, 9.0f);
    flux.compute(-100, 10, v);
    for (const float x : v) EXPECT_EQ(x, 0.0f);
    EXPECT_FALSE(flux.featureless());
}

/// Normalised correlation at every lag, by its definition.
std::vector<std::pair<double, std::int64_t>> slowScores(const BandLevels& take,
                                                        const BandLevels& clean) {
    const OnsetFlux a(take), r(clean);
    const std::int64_t n = a.frames(), m = r.frames();
    std::vector<float> x(kBands * static_cast<std::size_t>(n)),
        y(kBands * static_cast<std::size_t>(m));
    a.compute(0, n, x);
    r.compute(0, m, y);
    std::vector<std::pair<double, std::int64_t>> out;
    for (std::int64_t lag = 0; lag + n <= m; ++lag) {
        double xy = 0, xx = 0, yy = 0;
        for (std::int64_t b = 0; b < kBands; ++b) {
            for (std::int64_t i = 0; i < n; ++i) {
                const double u = x[static_cast<std::size_t>(b * n + i)];
                const double v = y[static_cast<std::size_t>(b * m + lag + i)];
                xy += u * v;
                xx += u * u;
                yy += v * v;
            }
        }
        out.emplace_back(xy / std::sqrt(xx * yy), lag);
    }
    return out;
}

TEST(CoarseSearch, NominatesWhatASlowCorrelationFindsBest) {
    // The take is drowned, so that many lags come near and the order is not a matter of course.
    const auto day = test::babble(40, 48000, 23);
    auto scratch = part(day, 17, 25);
    const auto noise = test::whiteNoise(8, 48000, 0.05, 3);
    for (std::size_t n = 0; n < scratch.size(); ++n) scratch[n] = 0.5f * scratch[n] + noise[n];
    const BandLevels take = bandsOf(scratch), clean = bandsOf(day);
    auto slow = slowScores(take, clean);
    std::sort(slow.rbegin(), slow.rend());
    const auto fast = coarseSearch(take, clean, {});
    ASSERT_TRUE(fast);
    EXPECT_NEAR(fast->places[0].line.offset.value, static_cast<double>(slow[0].second) / 125,
                0.008);
    // Every place it names is a summit of the slow correlation among its best hundredth.
    for (std::size_t k = 1; k < std::min<std::size_t>(4, fast->places.size()); ++k) {
        const double offset = fast->places[k].line.offset.value;
        if (offset < 0 || offset + 8 > 40) continue;  // partial overlaps are scored otherwise
        const auto rank = std::find_if(slow.begin(), slow.end(), [&](const auto& s) {
            return std::fabs(static_cast<double>(s.second) / 125 - offset) < 0.008;
        });
        EXPECT_LT(rank - slow.begin(), static_cast<std::ptrdiff_t>(slow.size() / 25)) << offset;
    }
}

TEST(RepeatsOf, FindsWhatARecordingHoldsTwice) {
    auto recording = test::babble(100, 48000, 31);
    const auto again = part(recording, 20, 40);
    std::copy(again.begin(), again.end(), recording.begin() + 71 * 48000);
    const auto repeats = repeatsOf(bandsOf(recording), {{22}, {32}}, JobControl{});
    ASSERT_TRUE(repeats) << repeats.error().fact;
    ASSERT_EQ(repeats->size(), 1U);
    EXPECT_NEAR(repeats->front().value, 51, 0.008);
}

TEST(RepeatsOf, SpeechDoesNotRepeatItself) {
    const auto levels = bandsOf(test::babble(100, 48000, 32));
    for (const double length : {6.0, 90.0}) {
        const auto repeats = repeatsOf(levels, {{3}, {3 + length}}, JobControl{});
        ASSERT_TRUE(repeats);
        EXPECT_TRUE(repeats->empty()) << length << " s";
    }
}

}  // namespace
}  // namespace brisk
