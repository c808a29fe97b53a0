// SPDX-License-Identifier: GPL-3.0-or-later
// The probe: short windows, each read as it lies, agree on a common lag and slope. The measurement:
// longer windows, the recording resampled along the line (a drift of 200 ppm would smear 0.5 ms
// over such a window), a robust line through what each of them says, and the earliest arrival that
// their sum supports: the direct sound, not its echo.
#include "align/measure/fine_match.h"

#include <algorithm>
#include <cmath>

#include "align/clock_limits.h"
#include "align/measure/first_arrival.h"
#include "align/measure/line_fit.h"
#include "align/measure/slope_search.h"
#include "align/measure/window_agreement.h"
#include "align/measure/window_curves.h"

namespace brisk {
namespace {

constexpr double kMinOverlap = 1.2;
constexpr double kUnresampledPpm = 60;  // smears 0.08 ms over a probe's window
constexpr int kProbeWindows = 20;

/// Longer windows where there is room for many of them.
int probeSize(double overlap) {
    return overlap < 4 ? 1 << 14 : overlap < 10 ? 1 << 15 : 1 << 16;
}

/// `line` moved by slips measured along it: clean time of what is heard at scratch time s grows.
ClockLine corrected(ClockLine line, const LineFit& slip) {
    // A curve's peak at lag k means the clean sound must be moved later by k, so that at scratch
    // time s its earlier part (by k) is heard.
    return {line.offset - Seconds{slip.at0}, {line.drift.value - slip.slope * 1e6}};
}

/// A line through what the windows say close to `about`.
LineFit lineNear(const std::vector<Curve>& curves, int polarity, const LineFit& about) {
    std::vector<LinePoint> points;
    for (const auto& curve : curves) {
        const Top top = topOf(curve, polarity, about.at(curve.time),
                              static_cast<int>(kNearSeconds * kCurveRate));
        if (top.height > 3.5) points.push_back({curve.time, top.lag, std::min(top.height, 20.0)});
    }
    return points.size() >= 2 ? fitLine(points, kMaxClockDrift) : about;
}

/// The direct sound's lag over time.
LineFit slipLine(const WindowCurves& c, int polarity) {
    // First the strongest arrival, which may be an echo: all windows hold it alike, so it shows
    // the slope best.
    const CommonLine strongest = c.strongest ? *c.strongest : strongestArrival(c.curves);
    LineFit slip = lineNear(c.curves, polarity, strongest.line);
    layOnFirstArrival(
        [&](double share) {
            return firstArrival(stackCurves(c.curves, slip), c.pulse, polarity, {}, share);
        },
        [&](double samples) {
            slip.at0 += samples / kCurveRate;
            slip = lineNear(c.curves, polarity, slip);
        });
    return slip;
}

}  // namespace

int FineMatch::agreeing() const {
    return static_cast<int>(
        std::count_if(windows.begin(), windows.end(), [](const auto& w) { return w.agrees; }));
}

Result<PlaceProbe> probePlace(WindowReader& reader, const CoarsePlace& place, TimeRange within,
                              const JobControl& job) {
    const TimeRange overlap = reader.overlap(place.line).intersect(within);
    if (overlap.length().value < kMinOverlap) {
        return fail(ErrorCode::TooShort, {"too-short-overlap"});
    }
    ClockLine along = place.line;
    if (std::fabs(along.drift.value) < kUnresampledPpm) along.drift = {0};
    auto c = windowCurves(
        reader, place.line, along,
        {.overlap = overlap, .size = probeSize(overlap.length().value), .wanted = kProbeWindows},
        job);
    if (!c) return tl::unexpected(c.error());
    const double half = halfSpan(c->curves);
    const double doubt = place.driftKnown ? std::min(0.030 / half, kMaxClockDrift) : kMaxClockDrift;
    const CommonLine found =
        searchSlope(c->curves, {.doubt = doubt, .step = 0.0001 / half}, kReach);
    return PlaceProbe{corrected(place.line, found.line), found.polarity,
                      found.height / stackNoise(stackCurves(c->curves, found.line)), place.score,
                      place.segmentsAgreeing};
}

Result<FineMatch> measurePlace(WindowReader& reader, const PlaceProbe& probe, TimeRange within,
                               const JobControl& job, int windows) {
    FineMatch out;
    out.coarse = probe.coarse;
    out.segments = probe.segments;
    out.line = probe.line;
    out.polarity = probe.polarity;
    out.windowsWanted = std::max(kMeasureWindows, windows);
    TimeRange overlap = reader.overlap(out.line).intersect(within);
    if (overlap.length().value < kMinOverlap) {
        return fail(ErrorCode::TooShort, {"too-short-overlap"});
    }
    auto c = windowCurves(reader, out.line, out.line,
                          {.overlap = overlap,
                           .size = exactWindowSize(overlap.length()),
                           .wanted = out.windowsWanted,
                           .closely = true},
                          job);
    if (!c) return tl::unexpected(c.error());
    const LineFit slip = slipLine(*c, out.polarity);

    const auto sum = stackCurves(c->curves, slip);
    const auto highest = [&](double seconds) {
        return heightNear(sum, out.polarity, static_cast<int>(seconds * kCurveRate)) /
               stackNoise(sum);
    };
    out.stackStrength = highest(kDirectSeconds);
    out.strongestArrival = highest(kEchoSeconds);
    out.around = aroundArrival(sum, out.polarity);
    out.spreadMs = slip.spread * 1e3;
    std::vector<double> lags;
    for (const auto& curve : c->curves) lags.push_back(slip.at(curve.time));
    const auto agree = whichAgree(c->curves, lags, out.polarity, &out.chanceOfAgreement);
    for (std::size_t i = 0; i < lags.size(); ++i) {
        const Curve& curve = c->curves[i];
        const Top own =
            topOf(curve, out.polarity, lags[i], static_cast<int>(kNearSeconds * kCurveRate));
        out.windows.push_back({{curve.time}, {own.lag - lags[i]}, own.height, agree[i]});
    }
    out.heardAlong = out.line;
    out.heard = std::make_shared<const WindowCurves>(std::move(*c));
    out.line = corrected(out.line, slip);
    out.overlap = reader.overlap(out.line).intersect(within);
    return out;
}

}  // namespace brisk
