// SPDX-License-Identifier: GPL-3.0-or-later
// Short windows say which of two lines they prefer; the moment is where they change sides. What was
// lost is on neither line, what was repeated is on both: there they prefer none. In a pause nothing
// changes the sum: then the moment is as doubtful as the pause is long.
#include "align/follow/step_moment.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <vector>

#include "align/measure/gcc_phat.h"

namespace brisk {
namespace {

constexpr int kShortSize = 1 << 14;
constexpr int kReachSamples = kShortSize / 8;
constexpr double kHalfWindow = 0.5 * kShortSize / WindowReader::kRate;
constexpr double kWideHop = 0.2;   // seconds
constexpr double kFineHop = 0.05;  // seconds
constexpr double kFineSide = 0.7;  // seconds of the fine look beyond the wide one
constexpr double kLongPause = 4;   // seconds; finer than this a pause is not looked at
constexpr int kNear = 24;          // samples around a line
constexpr int kBesideLine = 4;     // samples that a short window may lie beside it
constexpr double kHeard = 4;       // deviations
constexpr double kMostOfOne = 20;  // of one window
constexpr float kHeardBetween = 5.5;
constexpr int kLeastStep = 96;    // samples: nearer lines leave no room in between
constexpr int kLeastBetween = 3;  // moments
constexpr double kInOrder = 0.6;  // correlation of their order with time

/// What a short window says.
struct Preference {
    double middle = 0;    // scratch seconds
    double value = 0;     // for the first line, against the second
    double between = -1;  // 0 to 1: heard on the way from the one to the other
};

class Listener {
  public:
    Listener(WindowReader& reader, ClockLine before, ClockLine after, int polarity,
             const ArrivalPattern& pattern)
        : reader_(reader),
          pattern_(pattern),
          before_(before),
          after_(after),
          polarity_(static_cast<float>(polarity)),
          correlator_(kShortSize, {WindowReader::kRate}, kReachSamples),
          curve_(2 * kReachSamples + 1) {}

    Result<std::vector<Preference>> listen(TimeRange where, double hop, const JobControl& job) {
        std::vector<Preference> out;
        for (double t = where.start.value; t <= where.end.value; t += hop) {
            if (job.stopRequested()) return cancelled();
            auto p = at(t);
            if (!p) return tl::unexpected(p.error());
            out.push_back(*p);
        }
        return out;
    }

  private:
    Result<Preference> at(double t) {
        const double gap = (before_.toRecording({t}) - after_.toRecording({t})).value;
        const int lag = static_cast<int>(std::lround(gap * WindowReader::kRate));
        Preference out{t, 0, -1};
        auto heard = correlate(before_, t);
        if (!heard) return tl::unexpected(heard.error());
        if (!*heard) return out;
        const double first = likeness(0);
        double second = 0;
        if (std::abs(lag) + std::max(kPatternBefore, kPatternAfter) + kBesideLine <=
            kReachSamples) {
            second = likeness(lag);
            if (std::abs(lag) >= kLeastStep) out.between = between(lag);
        } else {
            heard = correlate(after_, t);
            if (!heard) return tl::unexpected(heard.error());
            second = *heard ? likeness(0) : 0.0;
        }
        // Two likenesses of chance say nothing; one that says much is scaled, not cut off.
        const double most = std::max(first, second);
        if (most >= kHeard) out.value = (first - second) * std::min(1.0, kMostOfOne / most);
        return out;
    }

    Result<bool> correlate(ClockLine line, double t) {
        auto w = reader_.read(line, line.toRecording({t - kHalfWindow}), kShortSize);
        if (!w) return tl::unexpected(w.error());
        return correlator_.correlate(correlator_.transform(w->scratch),
                                     correlator_.transform(w->clean), {none_}, curve_);
    }

    [[nodiscard]] float value(int k) const {
        return polarity_ * curve_[static_cast<std::size_t>(k + kReachSamples)];
    }
    /// The pattern laid at a lag, or a few samples beside, in deviations of what chance makes.
    [[nodiscard]] double likeness(int lag) const {
        double best = 0, power = 0;
        for (const float p : pattern_) power += static_cast<double>(p) * p;
        if (power <= 0) return 0;
        for (int loose = -kBesideLine; loose <= kBesideLine; loose += kBesideLine / 2) {
            double sum = 0;
            for (int k = -kPatternBefore; k <= kPatternAfter; ++k) {
                sum += static_cast<double>(pattern_[static_cast<std::size_t>(k + kPatternBefore)] *
                                           value(lag + loose + k));
            }
            best = std::max(best, sum / std::sqrt(power));
        }
        return best;
    }

    /// Where between the lines the window is heard; -1 where it is on one of them, or on none.
    [[nodiscard]] double between(int lag) const {
        const int from = std::min(0, lag) + kNear, to = std::max(0, lag) - kNear;
        int best = from;
        for (int k = from; k <= to; ++k) {
            if (value(k) > value(best)) best = k;
        }
        float onLines = 0;
        for (int k = -kNear; k <= kNear; ++k) {
            onLines = std::max({onLines, value(k), value(lag + k)});
        }
        if (value(best) < kHeardBetween || value(best) <= onLines) return -1;
        return static_cast<double>(best) / lag;
    }

    WindowReader& reader_;
    const ArrivalPattern& pattern_;
    ClockLine before_, after_;
    float polarity_;
    GccPhat correlator_;
    NoiseFloor none_;
    std::vector<float> curve_;
};

/// Everything before prefers the first line, everything after the second.
TimeRange bestSplit(const std::vector<Preference>& p, double gap, double hop) {
    double best = -1e9;
    TimeRange out;
    for (std::size_t i = 0; i <= p.size(); ++i) {
        const double t = i < p.size() ? p[i].middle - hop / 2 : p.back().middle + hop / 2;
        double sum = 0;
        for (const auto& q : p) {
            if (q.middle < t) sum += q.value;
            if (q.middle >= t + gap) sum -= q.value;
        }
        if (sum > best) {
            best = sum;
            out = {{t}, {t}};
        } else if (sum == best) {
            out.end = {t};
        }
    }
    return out;
}

/// How many were heard in between, if they were heard in order.
int inOrder(const std::vector<Preference>& p) {
    double n = 0, t = 0, v = 0, tt = 0, vv = 0, tv = 0;
    for (const auto& q : p) {
        if (q.between < 0) continue;
        ++n;
        t += q.middle;
        v += q.between;
        tt += q.middle * q.middle;
        vv += q.between * q.between;
        tv += q.middle * q.between;
    }
    if (n < kLeastBetween) return 0;
    const double spread = (tt - t * t / n) * (vv - v * v / n);
    return spread > 0 && (tv - t * v / n) / std::sqrt(spread) >= kInOrder ? static_cast<int>(n) : 0;
}

}  // namespace

Result<StepMoment> stepMoment(WindowReader& reader, ClockLine before, ClockLine after, int polarity,
                              const ArrivalPattern& pattern, TimeRange within,
                              const JobControl& job) {
    assert(polarity == 1 || polarity == -1);
    assert(pattern.size() == kPatternBefore + kPatternAfter + 1);
    StepMoment out{within, 0};
    Listener listener(reader, before, after, polarity, pattern);
    auto wide = listener.listen(within, kWideHop, job);
    if (!wide) return tl::unexpected(wide.error());
    if (wide->empty()) return out;
    const Seconds middle = (within.start + within.end) / 2;
    const double gap = std::fabs((before.toRecording(middle) - after.toRecording(middle)).value);
    out.at = bestSplit(*wide, gap, kWideHop);
    out.heardBetween = inOrder(*wide);
    if (out.at.length().value > kLongPause) return out;
    const TimeRange close =
        TimeRange{out.at.start - Seconds{kFineSide}, out.at.end + Seconds{kFineSide + gap}}
            .intersect(within);
    auto fine = listener.listen(close, kFineHop, job);
    if (!fine) return tl::unexpected(fine.error());
    if (!fine->empty()) out.at = bestSplit(*fine, gap, kFineHop);
    return out;
}

}  // namespace brisk
