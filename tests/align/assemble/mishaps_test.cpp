// SPDX-License-Identifier: GPL-3.0-or-later
// What goes wrong on a real shoot: whoever speaks walks about, the recorder loses two buffers, its
// clock warms up. Each take stays in place from the first moment to the last.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "align/assemble/match.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

struct Mishap {
    TetherEstimate found;
    nlohmann::json truth;
};

/// The take at a place in the scene, matched with its own recording.
Mishap matched(std::size_t take) {
    const auto truth =
        nlohmann::json::parse(test::bytesOf(std::string(BRISK_PAIRS) + "/mishaps/truth.json"));
    Mishap m;
    // Of each take and each of three recordings there is a tether; these belong together.
    m.truth = truth.at("tethers").at(4 * take);
    auto e = matchPair(test::scanned(m.truth.at("camera")), test::scanned(m.truth.at("clean")), {},
                       JobControl{});
    if (e) m.found = *e;
    return m;
}

const TetherSegment& segmentAt(const TetherEstimate& e, double t) {
    const auto it = std::find_if(e.segments.begin(), e.segments.end(),
                                 [t](const TetherSegment& s) { return t < s.range.end.value; });
    return it == e.segments.end() ? e.segments.back() : *it;
}

/// Milliseconds at most between the answer and the truth, but beside the ends of its rows by as
/// much as the answer's own doubt.
double worstError(const Mishap& m) {
    double worst = 0;
    for (const auto& row : m.truth.at("segments")) {
        const ClockLine line{{row.at("offset_seconds").get<double>()},
                             {row.at("drift_ppm").get<double>()}};
        for (double t = row.at("take_start"); t < row.at("take_end"); t += 0.25) {
            const TetherSegment& s = segmentAt(m.found, t);
            const auto doubtful = [&](const TetherSegment& segment) {
                return std::fabs(t - segment.range.start.value) < 0.6 + segment.startDoubt.value;
            };
            if (m.found.jumps() &&
                std::any_of(m.found.segments.begin() + 1, m.found.segments.end(), doubtful)) {
                continue;
            }
            const Seconds apart = s.line.toRecording({t}) - line.toRecording({t});
            worst = std::max(worst, std::fabs(apart.milliseconds()));
        }
    }
    return worst;
}

bool says(const TetherEstimate& e, const std::string& code) {
    return std::any_of(e.reason.begin(), e.reason.end(),
                       [&](const Fact& f) { return f.id == code; });
}

TEST(Mishaps, TwoLostBuffersAreFoundToTheSample) {
    const Mishap m = matched(1);
    ASSERT_EQ(m.found.status, MatchStatus::Matched) << m.found.reason;
    ASSERT_EQ(m.found.segments.size(), 3u) << m.found.reason;
    const double samples[] = {256, 512};
    for (std::size_t i = 0; i < 2; ++i) {
        const Seconds at = m.found.segments[i + 1].range.start;
        const Seconds lost =
            m.found.segments[i].line.toRecording(at) - m.found.segments[i + 1].line.toRecording(at);
        EXPECT_NEAR(lost.value * 48000, samples[i], 2);
    }
    EXPECT_LT(worstError(m), 0.1);
}

TEST(Mishaps, AClockThatWarmsUpIsFollowed) {
    const Mishap m = matched(2);
    ASSERT_EQ(m.found.status, MatchStatus::Matched) << m.found.reason;
    EXPECT_FALSE(m.found.jumps());
    EXPECT_GT(m.found.segments.size(), 1u);
    EXPECT_TRUE(says(m.found, "clock-bends"));
    const double worst = worstError(m);
    RecordProperty("worst_us", static_cast<int>(worst * 1000));
    EXPECT_LT(worst, 0.2);
}

TEST(Mishaps, WhoWalksAboutIsToldFromTheClock) {
    const Mishap m = matched(0);
    ASSERT_EQ(m.found.status, MatchStatus::Matched) << m.found.reason;
    EXPECT_FALSE(m.found.jumps()) << m.found.reason;
    EXPECT_NEAR(m.found.line.drift.value, m.truth.at("drift_ppm").get<double>(), 2);
    ASSERT_TRUE(says(m.found, "speaker-walks")) << m.found.reason;
    // The way as it was walked, from wherever it counts: farther and nearer by as much.
    std::vector<PathDelay> walked;
    for (const auto& p : m.truth.at("path_delay_ms")) {
        walked.push_back({{p.at(0).get<double>()}, {p.at(1).get<double>() / 1000}});
    }
    const ClockLine line{{m.truth.at("offset_seconds").get<double>()},
                         {m.truth.at("drift_ppm").get<double>()}};
    for (const double t : {5.0, 24.0, 43.0, 63.0, 82.0}) {
        // What the answer says the camera hears at that moment is what it does hear.
        const Seconds found = m.found.line.toRecording({t}) - pathAt(m.found.path, {t});
        const Seconds heard = line.toRecording({t}) - pathAt(walked, {t});
        EXPECT_NEAR((found - heard).milliseconds(), 0, 0.3) << t;
    }
}

}  // namespace
}  // namespace brisk
