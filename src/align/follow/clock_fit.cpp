// SPDX-License-Identifier: GPL-3.0-or-later
// Least absolute deviations give a start that half of the points cannot upset, Tukey's biweight
// then uses all that is good. Knots are added one by one where they help most. Why levels and slope
// in one fit: losing samples does not change a clock, and a stretch of ten seconds knows its slope
// to some ppm only, all of them together far better. Source: Beaton & Tukey 1974; Schwarz 1978,
// estimating the dimension of a model.
#include "align/follow/clock_fit.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cassert>
#include <cmath>
#include <optional>

#include "core/statistics.h"

namespace brisk {
namespace {

constexpr double kLeastSpread = 4e-6;  // seconds; a fifth of a sample
constexpr double kTukey = 4.685;
constexpr int kAbsoluteRounds = 12;
constexpr int kTukeyRounds = 10;
// Bends. A speaker's sway moves the sound by a tenth of a millisecond and is no bend of a clock.
constexpr double kSway = 60e-6;        // seconds
constexpr double kSwayOfSeen = 25e-6;  // seconds; of a clock that is known to bend
constexpr double kKnotsApart = 40;     // seconds
constexpr double kKnotFromEnd = 20;    // seconds
constexpr std::size_t kKnotsTried = 30;
constexpr std::size_t kMostKnots = 16;  // bends and steps
constexpr std::size_t kLookAhead = 4;
// Steps that are too small for windows to be on different lags.
constexpr std::size_t kBesideStep = 3;  // points on either side
constexpr double kWorthMore = 10;       // beyond what the criterion asks for

double hinge(double time, double knot) {
    return std::max(0.0, time - knot);
}

class Fitter {
  public:
    Fitter(std::span<const ClockPoint> points, int runs, const ClockFitOptions& options)
        : points_(points), runs_(runs), options_(options) {}

    [[nodiscard]] ClockFit fit(const std::vector<double>& knots) const {
        std::vector<double> weights;
        for (const auto& p : points_) weights.push_back(p.weight);
        ClockFit out = solve(knots, weights);
        for (int round = 0; round < kAbsoluteRounds; ++round) {
            for (std::size_t i = 0; i < points_.size(); ++i) {
                weights[i] =
                    points_[i].weight * kSway / std::max(kSway / 4, std::fabs(off(out, i)));
            }
            out = solve(knots, weights);
        }
        for (int round = 0; round < kTukeyRounds; ++round) {
            const double reach = kTukey * std::max(spreadAbout(out, points_), kLeastSpread);
            double sum = 0;
            for (std::size_t i = 0; i < points_.size(); ++i) {
                const double r = off(out, i) / reach;
                weights[i] = std::fabs(r) < 1 ? (1 - r * r) * (1 - r * r) * points_[i].weight : 0.0;
                sum += weights[i];
            }
            if (sum <= 0) break;
            out = solve(knots, weights);
        }
        out.spread = spreadAbout(out, points_);
        return out;
    }

    /// Minus twice the logarithm of how likely the points are: a bell curve of their own spread, at
    /// least that of a speaker's sway, and a few that are just wild.
    [[nodiscard]] double unexplained(const ClockFit& fit, double sway) const {
        const double spread = std::max(sway, fit.spread);
        double sum = 2 * static_cast<double>(points_.size()) * std::log(spread / sway);
        for (std::size_t i = 0; i < points_.size(); ++i) {
            const double r = std::min(1.0, std::fabs(off(fit, i)) / (kTukey * spread));
            const double left = 1 - r * r;
            sum += kTukey * kTukey / 3 * (1 - left * left * left);
        }
        return sum;
    }

  private:
    [[nodiscard]] double off(const ClockFit& fit, std::size_t i) const {
        return points_[i].value - fit.at(points_[i].time, points_[i].run);
    }

    [[nodiscard]] ClockFit solve(const std::vector<double>& knots,
                                 const std::vector<double>& weights) const {
        const auto size = static_cast<Eigen::Index>(runs_ + 1 + static_cast<int>(knots.size()));
        Eigen::MatrixXd a = Eigen::MatrixXd::Zero(size, size);
        Eigen::VectorXd b = Eigen::VectorXd::Zero(size);
        Eigen::VectorXd row(size);
        for (std::size_t i = 0; i < points_.size(); ++i) {
            const auto& p = points_[i];
            row.setZero();
            row[p.run] = 1;
            row[runs_] = p.time / kScale;
            for (std::size_t k = 0; k < knots.size(); ++k) {
                row[runs_ + 1 + static_cast<Eigen::Index>(k)] = hinge(p.time, knots[k]) / kScale;
            }
            a.noalias() += weights[i] * row * row.transpose();
            b += weights[i] * p.value * row;
        }
        // What is believed beforehand, as one point more.
        const double belief = std::pow(kSway / (options_.slopeDoubt * kScale), 2);
        a(runs_, runs_) += belief;
        b[runs_] += belief * options_.likelySlope * kScale;
        for (Eigen::Index i = 0; i < size; ++i) a(i, i) += 1e-9;
        const Eigen::VectorXd x = a.ldlt().solve(b);
        ClockFit out;
        for (int r = 0; r < runs_; ++r) out.levels.push_back(x[r]);
        out.slope = x[runs_] / kScale;
        out.knots = knots;
        for (std::size_t k = 0; k < knots.size(); ++k) {
            out.bends.push_back(x[runs_ + 1 + static_cast<Eigen::Index>(k)] / kScale);
        }
        const double least = options_.likelySlope - options_.maxSlope;
        const double most = options_.likelySlope + options_.maxSlope;
        if (out.slope < least || out.slope > most) {
            out.slope = std::clamp(out.slope, least, most);
            relevel(out, weights);
        }
        return out;
    }

    /// Levels anew for a slope that was held.
    void relevel(ClockFit& fit, const std::vector<double>& weights) const {
        for (int r = 0; r < runs_; ++r) {
            double sum = 0, weight = 0;
            for (std::size_t i = 0; i < points_.size(); ++i) {
                if (points_[i].run != r) continue;
                sum += weights[i] * off(fit, i);
                weight += weights[i];
            }
            if (weight > 0) fit.levels[static_cast<std::size_t>(r)] += sum / weight;
        }
    }

    static constexpr double kScale = 100;  // seconds; keeps the numbers of one size

    std::span<const ClockPoint> points_;
    int runs_;
    ClockFitOptions options_;
};

/// What a fit knows of itself: stretches, knots, and what they leave unexplained.
struct Trial {
    std::vector<ClockPoint> points;
    int runs = 1;
    std::vector<double> knots;
    std::vector<bool> found = {};  ///< Of each run but the first: begun by a step found here.
    double sway = kSway;           ///< So far from the clock a point may lie for nothing.
    ClockFit fit = {};
    double left = 0;

    /// Steps that are large enough to be believed; beside others, one may look smaller than it is.
    [[nodiscard]] bool credible() const {
        for (std::size_t r = 0; r < found.size(); ++r) {
            if (found[r] && std::fabs(fit.levels[r + 1] - fit.levels[r]) < kSmallestStep) {
                return false;
            }
        }
        return true;
    }

    void refit(const ClockFitOptions& options) {
        const Fitter fitter(points, runs, options);
        fit = fitter.fit(knots);
        left = fitter.unexplained(fit, sway);
    }
};

/// With the one knot more that helps most; nothing where there is no room. Every few points first,
/// then around the best of those: what is left changes slowly from one to the next.
std::optional<Trial> withKnot(const Trial& from, const ClockFitOptions& options) {
    std::optional<Trial> best;
    const auto& points = from.points;
    std::size_t bestAt = 0;
    const auto consider = [&](std::size_t i) {
        const double at = (points[i].time + points[i + 1].time) / 2;
        const bool crowded = at - points.front().time < kKnotFromEnd ||
                             points.back().time - at < kKnotFromEnd ||
                             std::any_of(from.knots.begin(), from.knots.end(),
                                         [&](double k) { return std::fabs(k - at) < kKnotsApart; });
        if (crowded) return;
        Trial tried = from;
        tried.knots.insert(std::upper_bound(tried.knots.begin(), tried.knots.end(), at), at);
        tried.refit(options);
        if (best && tried.left >= best->left) return;
        best = std::move(tried);
        bestAt = i;
    };
    const std::size_t step = std::max<std::size_t>(1, points.size() / kKnotsTried);
    for (std::size_t i = 0; i + 1 < points.size(); i += step) consider(i);
    if (step == 1 || !best) return best;
    const std::size_t end = std::min(points.size() - 1, bestAt + step);
    for (std::size_t i = bestAt < step ? 0 : bestAt - step + 1, middle = bestAt; i < end; ++i) {
        if (i != middle) consider(i);
    }
    return best;
}

/// Each knot once more among the others, now that there is one more.
void settleKnots(Trial& trial, const ClockFitOptions& options) {
    for (std::size_t k = 0; trial.knots.size() > 1 && k < trial.knots.size(); ++k) {
        Trial others = trial;
        others.knots.erase(others.knots.begin() + static_cast<std::ptrdiff_t>(k));
        auto again = withKnot(others, options);
        if (again && again->left < trial.left) trial = std::move(*again);
    }
}

/// With one stretch split where that helps most; nothing where none is long enough.
std::optional<Trial> withStep(const Trial& from, const ClockFitOptions& options) {
    std::optional<Trial> best;
    const auto& points = from.points;
    for (std::size_t i = kBesideStep; i + kBesideStep <= points.size(); ++i) {
        // Enough points of the same stretch on either side.
        if (points[i - kBesideStep].run != points[i + kBesideStep - 1].run) continue;
        Trial tried = from;
        const int run = points[i].run;
        ++tried.runs;
        for (std::size_t k = i; k < points.size(); ++k) ++tried.points[k].run;
        tried.found.insert(tried.found.begin() + run, true);
        tried.refit(options);
        if (!best || tried.left < best->left) best = std::move(tried);
    }
    return best;
}

}  // namespace

double ClockFit::at(double time, int run) const {
    double out = levels[static_cast<std::size_t>(run)] + slope * time;
    for (std::size_t k = 0; k < knots.size(); ++k) out += bends[k] * hinge(time, knots[k]);
    return out;
}

double ClockFit::slopeAt(double time) const {
    double out = slope;
    for (std::size_t k = 0; k < knots.size(); ++k) out += time > knots[k] ? bends[k] : 0.0;
    return out;
}

double spreadAbout(const ClockFit& fit, std::span<const ClockPoint> points) {
    std::vector<double> off;
    for (const ClockPoint& p : points) off.push_back(p.value - fit.at(p.time, p.run));
    return robustDeviation(std::move(off), 0.0);
}

ClockFit fitClock(std::span<const ClockPoint> points, int runs, const std::vector<double>& knots,
                  const ClockFitOptions& options) {
    assert(runs >= 1);
    if (points.empty()) {
        ClockFit none;
        none.levels.assign(static_cast<std::size_t>(runs), 0.0);
        none.slope = options.likelySlope;
        return none;
    }
    return Fitter(points, runs, options).fit(knots);
}

namespace {
/// Steps, and bends if wanted, one after the other where they help most, as long as they are worth
/// their numbers. `left` then counts those numbers, too.
Trial grown(Trial best, bool mayBend, const ClockFitOptions& options) {
    // One alone may not be worth its numbers where three together are: a clock that loses a
    // millisecond every twenty seconds looks much like a steeper one.
    const double worth = 2 * std::log(static_cast<double>(best.points.size())) + kWorthMore;
    Trial tried = best;
    double owed = 0, paid = 0;
    for (std::size_t more = 0, ahead = 0; more < kMostKnots && ahead < kLookAhead; ++more) {
        if (tried.left < worth) break;  // hardly anything is unexplained
        auto step = withStep(tried, options);
        auto knot = mayBend ? withKnot(tried, options) : std::nullopt;
        if (knot) settleKnots(*knot, options);
        if (!step && !knot) break;
        tried = !knot || (step && step->left <= knot->left) ? std::move(*step) : std::move(*knot);
        owed += worth;
        ++ahead;
        if (best.left - tried.left < owed || !tried.credible()) continue;
        best = tried;
        paid += owed;
        owed = 0;
        ahead = 0;
    }
    best.left += paid;
    return best;
}

/// A clock that is known to warm, followed as closely as its own points lie together.
Trial followedClosely(Trial best, const ClockFitOptions& options) {
    const double worth = 2 * std::log(static_cast<double>(best.points.size())) + kWorthMore;
    best.sway = kSwayOfSeen;
    best.refit(options);
    while (best.knots.size() < kMostKnots) {
        auto knot = withKnot(best, options);
        if (!knot) break;
        settleKnots(*knot, options);
        if (best.left - knot->left < worth) break;
        best = std::move(*knot);
    }
    return best;
}
}  // namespace

ClockFound findClock(std::span<const ClockPoint> points, int runs, const ClockFitOptions& options) {
    if (points.empty()) return {fitClock(points, runs, {}, options), {}, runs};
    Trial straight{{points.begin(), points.end()}, runs, {}};
    straight.found.assign(static_cast<std::size_t>(runs) - 1, false);
    straight.refit(options);
    Trial stepped = grown(straight, false, options);
    Trial best = std::move(stepped);
    if (options.mayBend) {
        Trial bent = grown(std::move(straight), true, options);
        if (bent.left < best.left) best = std::move(bent);
        if (!best.knots.empty()) best = followedClosely(std::move(best), options);
    }
    ClockFound out{best.fit, {}, best.runs};
    for (const auto& p : best.points) out.runOf.push_back(p.run);
    return out;
}

}  // namespace brisk
