// SPDX-License-Identifier: GPL-3.0-or-later
// Two passes over short windows of the overlap.
//
// First: the windows' agreement curves are laid over each other along lines of many slopes; the
// slope and lag at which they add up best is a consensus that no single window can spoil.
//
// Second: longer windows, the recording resampled along that line so that its drift smears nothing.
// The stack's earliest strong arrival is the direct sound; the echo that may follow it can be
// stronger. Each window then measures its own slip near it, and a robust line goes through those.
//
// Source: stacking after Knapp & Carter 1976; the first-arrival rule is the usual one of acoustic
// time-of-flight measurement (half of the maximum, five deviations).
#include "align/fine_match.h"

#include <algorithm>
#include <cmath>

#include "align/line_fit.h"
#include "align/weighted_phase.h"
#include "align/window_choice.h"
#include "dsp/resampler.h"

namespace brisk {
namespace {

constexpr int kRate = 48000;
constexpr double kReachSeconds = 0.048;
constexpr double kMaxDrift = 320e-6;
constexpr double kAgreeSeconds = 0.0006;
constexpr double kNearSeconds = 0.0007;
constexpr double kEchoSeconds = 0.012;
constexpr int kReach = static_cast<int>(kReachSeconds * kRate);

struct Curve {
    double time = 0;  // middle of the window, scratch seconds
    std::vector<float> values;
};

struct Window {
    double time = 0;
    std::vector<float> scratch;
    std::vector<float> clean;
};

/// Reads windows of both sounds at one rate, the clean ones along a line.
class WindowLoader {
  public:
    WindowLoader(const SoundScan& take, const SoundScan& recording, SoundReader a, SoundReader r)
        : take_(take), recording_(recording), scratch_(std::move(a)), clean_(std::move(r)) {}

    Result<std::vector<Window>> load(const std::vector<Seconds>& cleanStarts, ClockLine line,
                                     int size, const JobControl& job) {
        std::vector<Window> out;
        for (const Seconds start : cleanStarts) {
            if (job.stopRequested()) return cancelled();
            Window w;
            const Seconds s = line.toTake(start);
            w.time = s.value + 0.5 * size / kRate;
            auto a = piece(scratch_, take_, s, 1.0, size);
            if (!a) return tl::unexpected(a.error());
            auto r = piece(clean_, recording_, start, line.drift.factor(), size);
            if (!r) return tl::unexpected(r.error());
            w.scratch = std::move(*a);
            w.clean = std::move(*r);
            out.push_back(std::move(w));
        }
        return out;
    }

  private:
    /// `size` samples at kRate from `start`, of a clock that runs `speed` times as fast.
    static Result<std::vector<float>> piece(SoundReader& reader, const SoundScan& scan,
                                            Seconds start, double speed, int size) {
        const double rate = scan.rate.hertz * speed;
        constexpr int kMargin = 256;  // lets the resampler's filter settle
        const double exact = start.value * scan.rate.hertz;
        const auto first = static_cast<std::int64_t>(std::floor(exact)) - kMargin;
        const auto need =
            static_cast<std::size_t>(std::ceil(size * rate / kRate)) + 2 * kMargin + 2;
        std::vector<float> in(need);
        if (auto read = readMono(reader, first, in, scan.channel); !read) {
            return tl::unexpected(read.error());
        }
        // The start need not fall on a sample: the resampler's output is taken from the nearest
        // one, and the rest of a sample is 10 µs at most.
        const double lead = exact - static_cast<double>(first);
        std::vector<float> out =
            rate == kRate ? std::move(in)
                          : resampleBlock(in, rate, kRate, StreamResampler::Quality::Measuring);
        const auto skip = static_cast<std::ptrdiff_t>(std::lround(lead * kRate / rate));
        out.erase(out.begin(), out.begin() + std::min<std::ptrdiff_t>(
                                                 skip, static_cast<std::ptrdiff_t>(out.size())));
        out.resize(static_cast<std::size_t>(size), 0.0f);
        return out;
    }

    const SoundScan& take_;
    const SoundScan& recording_;
    SoundReader scratch_;
    SoundReader clean_;
};

std::vector<Curve> curvesOf(const std::vector<Window>& windows, int size) {
    PhaseCorrelator correlator(size, {kRate});
    NoiseFloor floor;
    for (const auto& w : windows) floor.add(correlator.power(w.clean));
    floor.settle();
    std::vector<Curve> curves;
    for (const auto& w : windows) {
        Curve c{w.time, std::vector<float>(2 * kReach + 1)};
        if (correlator.correlate(w.scratch, w.clean, floor, kReach, c.values)) {
            curves.push_back(std::move(c));
        }
    }
    return curves;
}

double deviationOf(const std::vector<double>& v) {
    std::vector<double> m(v.size());
    std::transform(v.begin(), v.end(), m.begin(), [](double x) { return std::fabs(x); });
    const auto mid = m.begin() + static_cast<std::ptrdiff_t>(m.size() / 2);
    std::nth_element(m.begin(), mid, m.end());
    return std::max(1e-9, *mid * 1.4826);
}

/// Adds the curves up, each read at lag + slope × (its time - centre) + at0.
std::vector<double> stack(const std::vector<Curve>& curves, const LineFit& line) {
    std::vector<double> sum(2 * kReach + 1, 0.0);
    for (const auto& c : curves) {
        const int shift = static_cast<int>(std::lround(line.at(c.time) * kRate));
        // One window must not outvote the rest.
        for (int k = -kReach; k <= kReach; ++k) {
            const int at = k + shift;
            if (at < -kReach || at > kReach) continue;
            sum[static_cast<std::size_t>(k + kReach)] +=
                std::clamp(c.values[static_cast<std::size_t>(at + kReach)], -25.0f, 25.0f);
        }
    }
    return sum;
}

struct Consensus {
    LineFit line;  // lag in seconds over scratch seconds
    double strength = 0;
    int polarity = 1;
};

/// Tries every slope that the coarse place leaves open; keeps the best common lag.
Consensus consensus(const std::vector<Curve>& curves, const CoarsePlace& place) {
    Consensus best;
    double from = curves.front().time;
    double to = curves.back().time;
    const double half = std::max(0.5, (to - from) / 2);
    const double centre = (from + to) / 2;
    const double doubt = place.driftKnown ? std::min(0.030 / half, kMaxDrift) : kMaxDrift;
    const double step = 0.00010 / half;
    const int steps = static_cast<int>(std::ceil(doubt / step));
    for (int i = -steps; i <= steps; ++i) {
        LineFit line;
        line.slope = i * step;
        line.at0 = -line.slope * centre;
        const auto sum = stack(curves, line);
        for (int k = -kReach; k <= kReach; ++k) {
            const double v = sum[static_cast<std::size_t>(k + kReach)];
            if (std::fabs(v) > best.strength) {
                best.strength = std::fabs(v);
                best.polarity = v < 0 ? -1 : 1;
                best.line = line;
                best.line.at0 += static_cast<double>(k) / kRate;
            }
        }
    }
    best.strength /= deviationOf(stack(curves, best.line));
    return best;
}

/// Peak position between samples, by a parabola through three values.
double refined(double a, double b, double c) {
    const double bend = a - 2 * b + c;
    return bend < 0 ? std::clamp(0.5 * (a - c) / bend, -0.5, 0.5) : 0.0;
}

struct Top {
    double lag = 0;  // seconds
    double height = 0;
};

/// The highest point of `polarity` × curve within ±reach samples of `about`.
Top topNear(const Curve& c, int polarity, double about, int reach) {
    const int middle = static_cast<int>(std::lround(about * kRate));
    const auto value = [&](int k) {
        return polarity * static_cast<double>(c.values[static_cast<std::size_t>(k + kReach)]);
    };
    Top top{about, -1e9};
    for (int k = std::max(middle - reach, 1 - kReach); k <= std::min(middle + reach, kReach - 1);
         ++k) {
        if (value(k) > top.height) {
            top.height = value(k);
            top.lag = (k + refined(value(k - 1), value(k), value(k + 1))) / kRate;
        }
    }
    return top;
}

/// Lag of the earliest arrival that the stack supports, in samples from the stack's zero.
double firstArrival(const std::vector<double>& sum, int polarity) {
    const auto value = [&](int k) { return polarity * sum[static_cast<std::size_t>(k + kReach)]; };
    const int near = static_cast<int>(0.003 * kRate);
    int strongest = 0;
    for (int k = -near; k <= near; ++k) {
        if (value(k) > value(strongest)) strongest = k;
    }
    const double least = std::max(value(strongest) / 2, 5 * deviationOf(sum));
    for (int k = strongest - static_cast<int>(kEchoSeconds * kRate); k < strongest; ++k) {
        if (k <= -kReach + 1) continue;
        if (value(k) >= least && value(k) >= value(k - 1) && value(k) > value(k + 1)) {
            // The flank of one broad arrival is not an arrival of its own.
            double valley = value(k);
            for (int j = k; j < strongest; ++j) valley = std::min(valley, value(j));
            if (valley < 0.7 * value(k)) {
                strongest = k;
                break;
            }
        }
    }
    return strongest + refined(value(strongest - 1), value(strongest), value(strongest + 1));
}

/// Whether windows agree with each other: what each of them says by itself, searched freely over
/// ±36 ms, is looked up in the stack of all the others. In a room the windows point at the direct
/// sound or at one of a few strong reflections; the stack holds them all.
class Agreement {
  public:
    Agreement(const std::vector<Curve>& curves, const LineFit& line, int polarity)
        : line_(line), polarity_(polarity), all_(stack(curves, line)) {}

    /// Also adds to the chance that a window which says nothing would seem to agree.
    bool agrees(const Curve& c) {
        const Top free = topNear(c, polarity_, line_.at(c.time), kWide);
        std::vector<double> others = all_;
        const auto own = stack({c}, line_);
        for (std::size_t i = 0; i < others.size(); ++i) others[i] -= own[i];
        double highest = 0;
        for (int k = -kWide; k <= kWide; ++k) highest = std::max(highest, value(others, k));
        const double least = std::max(highest / 2, 5 * deviationOf(others));
        const int lag = static_cast<int>(std::lround((free.lag - line_.at(c.time)) * kRate));
        const int near = static_cast<int>(kAgreeSeconds * kRate);
        bool supported = false;
        int open = 0;  // lags at which a window would agree
        int lastGood = -kReach - near;
        for (int k = -kWide - near; k <= kWide + near; ++k) {
            if (k < -kReach || k > kReach || value(others, k) < least) continue;
            open += std::min(k - lastGood, 2 * near + 1);
            lastGood = k;
            supported = supported || std::abs(k - lag) <= near;
        }
        chance_ += static_cast<double>(open) / (2 * kWide + 1);
        ++asked_;
        return supported;
    }

    [[nodiscard]] double chance() const {
        const double least = 2 * kAgreeSeconds / 0.072;
        return std::clamp(chance_ / std::max(1, asked_), least, 0.9);
    }

  private:
    static constexpr int kWide = static_cast<int>(0.036 * kRate);
    [[nodiscard]] double value(const std::vector<double>& v, int k) const {
        return polarity_ * v[static_cast<std::size_t>(k + kReach)];
    }
    LineFit line_;
    int polarity_;
    std::vector<double> all_;
    double chance_ = 0;
    int asked_ = 0;
};

TimeRange overlapOnScratch(const SoundScan& take, const SoundScan& recording, ClockLine line) {
    return TimeRange{{0}, take.length()}.intersect(
        {line.toTake({0}), line.toTake(recording.length())});
}

/// `line` moved by slips measured along it: clean time of what is heard at scratch time s grows.
ClockLine corrected(ClockLine line, const LineFit& slip) {
    // A curve's peak at lag k means the clean sound must be moved later by k, so that at scratch
    // time s its earlier part (by k) is heard.
    return {line.offset - Seconds{slip.at0}, {line.drift.value - slip.slope * 1e6}};
}

}  // namespace

int FineMatch::agreeing() const {
    return static_cast<int>(
        std::count_if(windows.begin(), windows.end(), [](const auto& w) { return w.agrees; }));
}

Result<FineMatch> fineMatch(const SoundScan& take, const SoundScan& recording,
                            const CoarsePlace& place, const JobControl& job) {
    auto a = take.open();
    if (!a) return tl::unexpected(a.error());
    auto r = recording.open();
    if (!r) return tl::unexpected(r.error());
    WindowLoader loader(take, recording, std::move(*a), std::move(*r));

    FineMatch out;
    out.line = place.line;
    const auto windowsFor = [&](int size, int wanted) {
        const TimeRange s = overlapOnScratch(take, recording, out.line);
        const TimeRange c{out.line.toRecording(s.start), out.line.toRecording(s.end)};
        return chooseWindows(recording.bands, c, Seconds{static_cast<double>(size) / kRate},
                             wanted);
    };
    const double overlap = overlapOnScratch(take, recording, out.line).length().value;
    if (overlap < 3.0) {
        return fail(ErrorCode::TooShort, "The two share less than three seconds here.");
    }

    const int small = 1 << 16;
    auto first = loader.load(windowsFor(small, 24), out.line, small, job);
    if (!first) return tl::unexpected(first.error());
    auto curves = curvesOf(*first, small);
    if (curves.size() < 2) return fail(ErrorCode::Silent, "Nothing is heard in the overlap.");
    const Consensus agreed = consensus(curves, place);
    out.line = corrected(out.line, agreed.line);
    out.polarity = agreed.polarity;
    job.report(0.4);

    const int large = overlap > 30 ? 1 << 17 : 1 << 16;
    auto second = loader.load(windowsFor(large, 40), out.line, large, job);
    if (!second) return tl::unexpected(second.error());
    curves = curvesOf(*second, large);
    if (curves.size() < 2) return fail(ErrorCode::Silent, "Nothing is heard in the overlap.");

    // Which windows, searched freely over the whole reach, point at the line by themselves?
    const int wide = static_cast<int>(0.036 * kRate);
    std::vector<LinePoint> points;
    for (const auto& c : curves) {
        const Top free = topNear(c, out.polarity, 0, wide);
        if (std::fabs(free.lag) < kEchoSeconds) points.push_back({c.time, free.lag, free.height});
    }
    LineFit slip = fitLine(points, kMaxDrift);
    const double direct = firstArrival(stack(curves, slip), out.polarity) / kRate;
    slip.at0 += direct;

    points.clear();
    for (const auto& c : curves) {
        const Top top =
            topNear(c, out.polarity, slip.at(c.time), static_cast<int>(kNearSeconds * kRate));
        if (top.height > 3.5) points.push_back({c.time, top.lag, std::min(top.height, 20.0)});
    }
    if (points.size() >= 2) slip = fitLine(points, kMaxDrift);

    const auto sum = stack(curves, slip);
    const int near = static_cast<int>(0.0003 * kRate);
    double height = 0;
    for (int k = -near; k <= near; ++k) {
        height = std::max(height, out.polarity * sum[static_cast<std::size_t>(k + kReach)]);
    }
    out.stackStrength = height / deviationOf(sum);
    out.spreadMs = slip.spread * 1e3;
    Agreement agreement(curves, slip, out.polarity);
    for (const auto& c : curves) {
        const Top own =
            topNear(c, out.polarity, slip.at(c.time), static_cast<int>(kNearSeconds * kRate));
        out.windows.push_back(
            {{c.time}, {own.lag - slip.at(c.time)}, own.height, agreement.agrees(c)});
    }
    out.chanceOfAgreement = agreement.chance();
    out.line = corrected(out.line, slip);
    out.overlap = overlapOnScratch(take, recording, out.line);
    job.report(1.0);
    return out;
}

}  // namespace brisk
