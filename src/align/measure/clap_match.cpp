// SPDX-License-Identifier: GPL-3.0-or-later
// Around the onsets of a nominated place the two sounds are compared as everywhere else, weighted
// by what stands out of the quiet just before: the same clap gives a sharp peak at one lag, two
// different claps do not.
#include "align/measure/clap_match.h"

#include <algorithm>
#include <cmath>

#include "align/clock_limits.h"
#include "align/measure/curve_stack.h"
#include "align/measure/first_arrival.h"
#include "align/measure/gcc_phat.h"
#include "align/measure/slope_search.h"
#include "align/nominate/clap_places.h"

namespace brisk {
namespace {

constexpr int kSize = 1 << 14;
constexpr double kLead = 0.1;  // of the window before the onset
constexpr std::size_t kMaxTakeClaps = 24;
constexpr std::size_t kMaxKept = 4;
constexpr double kClapNearSeconds = 0.0005;
constexpr int kNoiseReach = 8 * WindowReader::kRate / 1000;
constexpr int kPeakReach = WindowReader::kRate / 2000;
constexpr double kDriftSpan = 20;  // seconds between claps from which a slope means something

class ClapMeasurer {
  public:
    explicit ClapMeasurer(WindowReader& reader)
        : reader_(reader), correlator_(kSize, {WindowReader::kRate}, kReach) {}

    Result<ClapMatch> measure(const ClapPlace& n, const std::vector<Spike>& claps,
                              const JobControl& job) {
        ClapMatch out;
        FineMatch& m = out.match;
        m.coarse = n.support;
        const ClockLine line{{n.offset}, {0}};
        std::vector<Curve> curves;
        std::vector<double> pulse(2 * kReach + 1, 0.0);
        for (const auto& clap : claps) {
            if (job.stopRequested()) return cancelled();
            auto c = curveAt(line, clap.time, pulse);
            if (!c) return tl::unexpected(c.error());
            if (!c->values.empty()) curves.push_back(std::move(*c));
        }
        m.line = line;
        m.overlap = reader_.overlap(line);
        if (curves.empty()) return out;
        for (double& v : pulse) v /= static_cast<double>(curves.size());
        settle(curves, pulse, m);
        return out;
    }

  private:
    /// Empty where one of the two is silent.
    Result<Curve> curveAt(ClockLine line, Seconds onset, std::vector<double>& pulseSum) {
        const Seconds start = onset - Seconds{kLead};
        auto w = reader_.read(line, line.toRecording(start), kSize);
        if (!w) return tl::unexpected(w.error());
        // What the clean sound was just before tells clap from hush.
        const Seconds quiet = start - Seconds{kSize / kCurveRate - kLead};
        auto before = reader_.read(line, line.toRecording(quiet), kSize);
        if (!before) return tl::unexpected(before.error());
        NoiseFloor floor;
        floor.add(correlator_.transform(before->clean));
        floor.settle();
        Curve c{onset.value, w->lagCorrection.value, std::vector<float>(2 * kReach + 1)};
        std::vector<float> pulse(2 * kReach + 1);
        if (!correlator_.correlate(correlator_.transform(w->scratch),
                                   correlator_.transform(w->clean), {floor}, c.values, pulse)) {
            return Curve{};
        }
        weigh(c);
        for (std::size_t i = 0; i < pulse.size(); ++i) pulseSum[i] += pulse[i];
        return c;
    }

    static void settle(const std::vector<Curve>& curves, const std::vector<double>& pulse,
                       FineMatch& m) {
        const double span = curves.back().time - curves.front().time;
        const double centre = (curves.back().time + curves.front().time) / 2;
        // Rather without a slope: claps close together say nothing about clocks.
        const bool tells = curves.size() >= 2 && span > 1;
        const CommonLine found = searchSlope(curves,
                                             {.doubt = tells ? kMaxClockDrift : 0,
                                              .step = 0.0001 / std::max(0.5, span / 2),
                                              .reluctance = 0.02},
                                             kReach);
        LineFit slip = found.line;
        m.polarity = found.polarity;
        const auto sum = stackCurves(curves, slip);
        m.stackStrength = found.height / noiseAround(sum);
        slip.at0 += firstArrival(sum, pulse, m.polarity) / kCurveRate;
        m.around = aroundArrival(stackCurves(curves, slip), m.polarity);
        if (span < kDriftSpan) {
            slip.at0 = slip.at(centre);
            slip.slope = 0;
        }
        std::vector<LinePoint> points;
        for (const auto& c : curves) {
            const Top top = topOf(c, m.polarity, slip.at(c.time),
                                  static_cast<int>(kClapNearSeconds * kCurveRate));
            points.push_back({c.time, top.lag, std::max(0.1, std::min(top.height, 20.0))});
            const bool agrees = top.height > 5;
            m.windows.push_back({{c.time}, {top.lag - slip.at(c.time)}, top.height, agrees});
        }
        const LineFit fit = fitLine(points, span < kDriftSpan ? 0.0 : kMaxClockDrift);
        if (m.agreeing() >= 2) slip = fit;
        m.spreadMs = 1e3 * fit.spread;
        m.line = {m.line.offset - Seconds{slip.at0}, {-slip.slope * 1e6}};
    }

    /// Two claps are short, so that their agreement at any lag is, too: the noise is that of the
    /// lags nearby. Those farther off are quieter and would make any two claps look alike.
    static double noiseAround(const std::vector<double>& sum) {
        std::vector<double> near;
        for (int k = -kNoiseReach; k <= kNoiseReach; ++k) {
            if (std::abs(k) < kPeakReach) continue;
            near.push_back(sum[static_cast<std::size_t>(k + kReach)]);
        }
        return stackNoise(near);
    }

    WindowReader& reader_;
    GccPhat correlator_;
};

}  // namespace

Result<std::vector<ClapMatch>> matchByClaps(WindowReader& reader, TimeRange within,
                                            const JobControl& job) {
    std::vector<ClapMatch> out;
    std::vector<Spike> take = reader.take().spikes;
    std::erase_if(take,
                  [&](const Spike& s) { return s.time < within.start || s.time >= within.end; });
    keepStrongest(take, kMaxTakeClaps);
    const auto& clean = reader.recording().spikes;
    ClapMeasurer measurer(reader);
    for (const ClapPlace& n : clapPlaces(take, clean)) {
        const ClockLine line{{n.offset}, {0}};
        const TimeRange overlap = reader.overlap(line).intersect(within);
        std::vector<Spike> inside = take;
        std::erase_if(inside, [&](const Spike& s) {
            return s.time < overlap.start || s.time >= overlap.end;
        });
        auto m = measurer.measure(n, inside, job);
        if (!m) return tl::unexpected(m.error());
        if (m->match.windows.empty()) continue;
        m->clapsInTake = static_cast<int>(inside.size());
        out.push_back(std::move(*m));
    }
    std::stable_sort(out.begin(), out.end(), [](const ClapMatch& a, const ClapMatch& b) {
        return a.match.stackStrength > b.match.stackStrength;
    });
    if (out.size() > kMaxKept) out.resize(kMaxKept);
    return out;
}

}  // namespace brisk
