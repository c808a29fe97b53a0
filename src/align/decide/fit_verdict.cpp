// SPDX-License-Identifier: GPL-3.0-or-later
// Slips that lie on a line are told from slips that jump and from slips that scatter. Why not the
// largest one alone: one window with a cough in it would condemn a tether that fits everywhere
// else.
#include "align/decide/fit_verdict.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "align/measure/line_fit.h"
#include "core/sound_distance.h"
#include "core/statistics.h"

namespace brisk {
namespace {

// What ears and eyes make of it.
constexpr double kTogether = 0.001;
constexpr double kHollow = 0.010;
constexpr double kEcho = 0.040;
constexpr double kOnLine = 0.003;       // a person who walks a metre moves the sound by this
constexpr double kMinHeard = 0.15;      // of what was asked
constexpr double kMaxOff = 0.25;        // of what was heard may lie off the line
constexpr double kMinJump = 0.005;      // seconds
constexpr std::size_t kBorneOutBy = 3;  // points on either side of a jump
constexpr int kMinCount = 3;
constexpr double kMaxSlope = 1e-3;

/// What ears and eyes make of two sounds that are so far apart.
Fact heardAs(double slip) {
    return {slip < kTogether ? "heard-together"
            : slip < kHollow ? "heard-hollow"
            : slip < kEcho   ? "heard-as-echo"
                             : "lips-look-wrong"};
}

double medianOf(std::span<const LinePoint> points) {
    std::vector<double> v;
    for (const auto& p : points) v.push_back(p.value);
    return median(std::move(v));
}

/// Steps between neighbours that the points on both sides bear out.
std::vector<SlipJump> findJumps(std::span<const LinePoint> heard) {
    std::vector<SlipJump> jumps;
    for (std::size_t i = 1; i < heard.size(); ++i) {
        const auto before = heard.subspan(i - std::min(i, kBorneOutBy), std::min(i, kBorneOutBy));
        const auto after = heard.subspan(i, std::min(kBorneOutBy, heard.size() - i));
        if (before.size() < 2 || after.size() < 2) continue;
        const double step = heard[i].value - heard[i - 1].value;
        if (std::fabs(step) < kMinJump) continue;
        const double a = medianOf(before), b = medianOf(after);
        const auto close = [&](std::span<const LinePoint> side, double middle) {
            return std::all_of(side.begin(), side.end(), [&](const LinePoint& p) {
                return std::fabs(p.value - middle) < 0.3 * std::fabs(step);
            });
        };
        if (!close(before, a) || !close(after, b)) continue;
        jumps.push_back({{(heard[i - 1].time + heard[i].time) / 2}, {b - a}});
    }
    return jumps;
}

/// Too little to say anything, and why; false where there is enough.
bool tooLittle(FitVerdict& v) {
    if (v.asked == 0) {
        v.said = {{"nothing-compared"}};
        return true;
    }
    if (v.heard >= std::min(kMinCount, v.asked) && v.heard >= kMinHeard * v.asked) return false;
    v.fit = Fit::Nothing;
    v.said = {v.heard == 0 ? Fact{"nothing-common"}
                           : Fact{"little-common", {{"heard", v.heard}, {"asked", v.asked}}}};
    return true;
}

/// The farthest of those on the line. \return how many are not.
int findWorst(std::span<const LinePoint> heard, const LineFit& line, FitVerdict& v) {
    int off = 0;
    double largest = -1;
    for (const auto& p : heard) {
        if (std::fabs(p.value - line.at(p.time)) > kOnLine) {
            ++off;
            continue;
        }
        if (std::fabs(p.value) <= largest) continue;
        largest = std::fabs(p.value);
        v.worst = {p.value};
        v.worstAt = {p.time};
    }
    return off;
}

/// Whether it is no one line.
bool jumps(int off, FitVerdict& v) {
    if (!v.jumps.empty()) {
        const SlipJump& j = v.jumps.front();
        v.said = {{"lag-jumps", {{"by", std::fabs(j.by.value)}, {"at", j.at}}}};
        if (v.jumps.size() > 1) v.said.push_back({"jumps-in-all", {{"jumps", v.jumps.size()}}});
    } else if (off > kMaxOff * v.heard) {
        v.said = {{"some-off-one-line", {{"agreeing", v.heard - off}, {"heard", v.heard}}}};
    } else {
        return false;
    }
    v.fit = Fit::Jumping;
    return true;
}

/// How a place on one line sounds from end to end.
void sayHowItFits(FitVerdict& v) {
    const double ends = std::max(std::fabs(v.atStart.value), std::fabs(v.atEnd.value));
    const double worst = std::fabs(v.worst.value);
    if (ends < kTogether) {
        v.fit = Fit::InPlace;
        v.said = {{"in-place", {{"worst", worst}, {"at", v.worstAt}}}};
    } else if (std::fabs((v.atEnd - v.atStart).value) > kTogether) {
        v.fit = Fit::Drifting;
        v.said = {{"clocks-run-apart", {{"start", v.atStart}, {"end", v.atEnd}}}};
    } else {
        v.fit = ends < kHollow ? Fit::Hollow : ends < kEcho ? Fit::Echo : Fit::Apart;
        v.said = {{"apart-all-along", {{"worst", worst}, {"heard_as", heardAs(ends)}}}};
    }
}

}  // namespace

FitVerdict fitVerdict(std::span<const SlipPoint> points) {
    FitVerdict v;
    v.asked = static_cast<int>(points.size());
    std::vector<LinePoint> heard;
    for (const auto& p : points) {
        if (p.slip) heard.push_back({p.time.value, p.slip->value, 1});
    }
    v.heard = static_cast<int>(heard.size());
    if (tooLittle(v)) return v;
    const LineFit line = fitLine(heard, heard.size() >= 4 ? kMaxSlope : 0.0);
    v.slope = line.slope;
    v.atStart = {line.at(heard.front().time)};
    v.atEnd = {line.at(heard.back().time)};
    const int off = findWorst(heard, line, v);
    v.jumps = findJumps(heard);
    if (jumps(off, v)) return v;
    sayHowItFits(v);
    if (off > 0) v.said.push_back({"off-the-line", {{"off", off}}});
    return v;
}

bool isTheWay(Seconds slip, Seconds way) {
    return way.value >= kTogether && std::fabs((slip - way).value) < kTogether;
}

Fact slipFact(std::optional<Seconds> slip, Seconds way) {
    if (!slip) return {"no-common-sound-here"};
    if (isTheWay(*slip, way)) {
        return {"slip-walked", {{"slip", *slip}, {"metres", way.value * kMetresPerSecond}}};
    }
    const double size = std::fabs(slip->value);
    return {size < kTogether ? "slip-together"
            : size < kHollow ? "slip-hollow"
            : size < kEcho   ? "slip-echo"
                             : "slip-apart",
            {{"slip", size}}};
}

}  // namespace brisk
