// SPDX-License-Identifier: GPL-3.0-or-later
// Ten simulated pairs of different rooms, distances, rates, frame rates and containers: in place
// within a millisecond at start, middle and end, drift within 2 ppm, every foreign one refused.
#include <gtest/gtest.h>

#include <cmath>
#include <nlohmann/json.hpp>

#include "align/assemble/match.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

struct Pair {
    std::string take;
    std::string recording;
    ClockLine line;
    int polarity = 1;
    TimeRange overlap;
};

Pair readPair(int n) {
    const std::string folder = std::string(BRISK_PAIRS) + "/pair-" + std::to_string(n);
    const auto j = nlohmann::json::parse(test::bytesOf(folder + "/truth.json"));
    const auto& t = j.at("tethers").at(0);
    Pair p;
    p.take = t.at("camera");
    p.recording = t.at("clean");
    p.line = {{t.at("offset_seconds").get<double>()}, {t.at("drift_ppm").get<double>()}};
    p.polarity = t.at("polarity");
    p.overlap = {{t.at("overlap").at("start").get<double>()},
                 {t.at("overlap").at("end").get<double>()}};
    return p;
}

class TenPairs : public ::testing::TestWithParam<int> {};

TEST_P(TenPairs, AreInPlaceFromStartToEnd) {
    const Pair p = readPair(GetParam());
    const auto e = matchPair(test::scanned(p.take), test::scanned(p.recording), {}, JobControl{});
    ASSERT_TRUE(e);
    EXPECT_EQ(e->status, MatchStatus::Matched) << e->reason;
    EXPECT_EQ(e->polarity, p.polarity);
    const Seconds places[] = {p.overlap.start, (p.overlap.start + p.overlap.end) / 2,
                              p.overlap.end};
    for (const Seconds t : places) {
        const double error = (e->line.toRecording(t) - p.line.toRecording(t)).milliseconds();
        EXPECT_LT(std::fabs(error), 1.0) << "at " << t.value << " s";
        RecordProperty("error_us", static_cast<int>(std::lround(error * 1000)));
    }
    if (p.overlap.length() > Seconds{120}) {
        EXPECT_NEAR(e->line.drift.value, p.line.drift.value, 2.0);
    }
    std::printf("pair %d: offset error %.4f ms, drift error %.3f ppm, %s\n", GetParam(),
                (e->line.offset - p.line.offset).milliseconds(),
                e->line.drift.value - p.line.drift.value, sentence(e->reason).c_str());
}

TEST_P(TenPairs, ForeignRecordingsAreRefused) {
    const SoundScan take = test::scanned(readPair(GetParam()).take);
    for (const int step : {1, 4}) {
        const Pair other = readPair((GetParam() + step) % 10);
        const auto e = matchPair(take, test::scanned(other.recording), {}, JobControl{});
        ASSERT_TRUE(e);
        EXPECT_EQ(e->status, MatchStatus::Unmatched)
            << take.info.path << " on " << other.recording << ": " << e->reason;
    }
}

INSTANTIATE_TEST_SUITE_P(Pairs, TenPairs, ::testing::Range(0, 10));

}  // namespace
}  // namespace brisk
