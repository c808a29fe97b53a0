// SPDX-License-Identifier: GPL-3.0-or-later
// One short correlation along the tether, around one moment. Why it reports nothing rather than
// its best lag in silence: noise has a best lag, too, and a gauge that shows it would swing.
#include "align/show/lag_probe.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "align/follow/estimate_from.h"
#include "align/measure/curve_stack.h"
#include "align/measure/first_arrival.h"
#include "align/measure/slope_search.h"
#include "align/measure/window_choice.h"

namespace brisk {
namespace {

constexpr int kSize = 1 << 15;  // 0.7 s
constexpr double kHalf = 0.5 * kSize / kCurveRate;
constexpr std::array kMiddles = {-0.45, 0.0, 0.45};  // seconds between the windows' middles
constexpr int kNoiseWindows = 16;
/// Of unrelated sounds the strongest of all lags reaches about six.
constexpr double kStands = 8.0;
constexpr int kBeside = 1;          // samples that one window may differ by
constexpr double kHears = 6;        // deviations of a window's own noise
constexpr double kInEach = 0.25;    // of a window's strongest
constexpr double kFarStands = 9.0;  // seven times as many lags were tried
constexpr double kFarStep = 0.09;   // seconds: two reaches of a curve, a little less
constexpr int kFarSteps = 3;

}  // namespace

LagProbe::LagProbe(WindowReader reader, Seconds scratchStart)
    : reader_(std::move(reader)),
      scratchStart_(scratchStart),
      correlator_(kSize, {WindowReader::kRate}, kReach) {}

Result<LagProbe> LagProbe::open(const SoundScan& take, const SoundScan& recording) {
    auto reader = WindowReader::open(take, recording);
    if (!reader) return tl::unexpected(reader.error());
    return LagProbe(std::move(*reader), take.info.soundStartInTake());
}

Result<void> LagProbe::learnNoise(ClockLine line, const JobControl& job) {
    const TimeRange overlap = reader_.overlap(line);
    const TimeRange onClean{line.toRecording(overlap.start), line.toRecording(overlap.end)};
    NoiseFloor floor;
    for (const Seconds start :
         chooseWindows(reader_.recording().bands, onClean, {2 * kHalf}, kNoiseWindows)) {
        if (job.stopRequested()) return cancelled();
        auto w = reader_.read(line, start, kSize);
        if (!w) return tl::unexpected(w.error());
        floor.add(correlator_.transform(w->clean));
    }
    floor.settle();
    noise_ = std::move(floor);
    return {};
}

Result<std::optional<LocalSlip>> LagProbe::near(ClockLine line, Seconds moment,
                                                const JobControl& job) {
    const TimeRange overlap = reader_.overlap(line);
    std::vector<Curve> curves;
    std::vector<double> pulse(2 * kReach + 1, 0.0);
    std::vector<float> own(2 * kReach + 1);
    for (const double beside : kMiddles) {
        if (job.stopRequested()) return cancelled();
        const Seconds middle = moment + Seconds{beside};
        if (!overlap.contains(middle - Seconds{kHalf}) ||
            !overlap.contains(middle + Seconds{kHalf})) {
            continue;
        }
        auto w = reader_.read(line, line.toRecording(middle - Seconds{kHalf}), kSize);
        if (!w) return tl::unexpected(w.error());
        Curve c{w->middle.value, w->lagCorrection.value, std::vector<float>(2 * kReach + 1)};
        if (!correlator_.correlate(correlator_.transform(w->scratch),
                                   correlator_.transform(w->clean), {*noise_}, c.values, own)) {
            continue;
        }
        weigh(c);
        curves.push_back(std::move(c));
        for (std::size_t i = 0; i < own.size(); ++i) pulse[i] += own[i];
    }
    if (curves.empty()) return std::nullopt;
    for (double& v : pulse) v /= static_cast<double>(curves.size());
    const CommonLine found = searchSlope(curves, {}, kReach);
    LineFit lag = found.line;
    const auto sum = stackCurves(curves, lag);
    const double strength = found.height / stackNoise(sum);
    // The strongest may be an echo. An earlier sound that was really there is there in each window;
    // what one window makes up, out of a vowel's own period, is not.
    const auto strongestIn = [&](const Curve& c, double later) {
        return topOf(c, found.polarity, found.line.at(c.time) + later, kBeside).height;
    };
    const auto hears = [&](const Curve& c) { return strongestIn(c, 0) >= kHears; };
    // The fewer windows hear anything, the plainer it must be in them.
    const double heard = std::max<double>(1, std::count_if(curves.begin(), curves.end(), hears));
    const double share = kInEach * static_cast<double>(kMiddles.size()) / heard;
    const auto inEach = [&](int k) {
        return std::all_of(curves.begin(), curves.end(), [&](const Curve& c) {
            return !hears(c) || strongestIn(c, k / kCurveRate) >= share * strongestIn(c, 0);
        });
    };
    lag.at0 += firstArrival(sum, pulse, found.polarity, inEach) / kCurveRate;
    return LocalSlip{{lag.at0}, strength, found.polarity};
}

Result<std::optional<LocalSlip>> LagProbe::at(ClockLine takeLine, Seconds moment,
                                              const JobControl& job) {
    const ClockLine line = onScratchTime(takeLine, scratchStart_);
    const Seconds scratch = moment - scratchStart_;
    if (!noise_) {
        if (auto ok = learnNoise(line, job); !ok) return tl::unexpected(ok.error());
    }
    auto here = near(line, scratch, job);
    if (!here || (*here && (*here)->strength >= kStands)) return here;
    // Not here: somewhat before or behind?
    std::optional<LocalSlip> best;
    for (int step = 1; step <= kFarSteps; ++step) {
        for (const int sign : {-1, 1}) {
            const Seconds by{sign * step * kFarStep};
            auto there = near(line.shifted(-by), scratch, job);
            if (!there) return there;
            if (!*there || (best && (*there)->strength <= best->strength)) continue;
            best = **there;
            best->slip = best->slip + by;
        }
    }
    if (!best || best->strength < kFarStands) return std::nullopt;
    return best;
}

}  // namespace brisk
