// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/truth_score.h"

#include <algorithm>
#include <cmath>

namespace brisk::bench {
namespace {

constexpr double kBendSeconds = 0.0004;  // lines that meet closer than this are a bend

double answeredAt(const TetherEstimate& e, double take) {
    for (const auto& s : e.segments) {
        if (take < s.range.end.value) return s.line.toRecording({take}).value;
    }
    return (e.segments.empty() ? e.line : e.segments.back().line).toRecording({take}).value;
}

/// Where an answer changes its line in a jump: take time, seconds later in the recording, doubt.
struct Jump {
    double at = 0;
    double by = 0;
    double doubt = 0;
};

std::vector<Jump> jumpsOf(const TetherEstimate& e) {
    std::vector<Jump> out;
    for (std::size_t i = 1; i < e.segments.size(); ++i) {
        const auto& s = e.segments[i];
        const Seconds at = e.segments[i - 1].range.end;
        const double by = (s.line.toRecording(at) - e.segments[i - 1].line.toRecording(at)).value;
        if (std::fabs(by) >= kBendSeconds) out.push_back({at.value, by, s.startDoubt.value});
    }
    return out;
}

std::vector<Jump> jumpsOf(const std::vector<sim::TrueLine>& truth) {
    std::vector<Jump> out;
    for (std::size_t i = 1; i < truth.size(); ++i) {
        if (!truth[i].jumpsHere) continue;
        const Seconds at{truth[i - 1].takeEnd};
        out.push_back({at.value,
                       (truth[i].line.toRecording(at) - truth[i - 1].line.toRecording(at)).value,
                       0});
    }
    return out;
}

/// Nothing is asked this close to a jump, beside what the answer itself says of its doubt: the
/// place of a jump is a figure of its own.
constexpr double kAroundJump = 0.6;

bool besideJump(double take, const std::vector<Jump>& jumps) {
    return std::any_of(jumps.begin(), jumps.end(), [&](const Jump& j) {
        return std::fabs(take - j.at) <= kAroundJump + j.doubt + std::fabs(j.by);
    });
}

/// What the answer itself says that nothing is heard in.
bool saidUnheard(double take, const TetherEstimate& e) {
    const Fact* until = findFact(e.reason, "nothing-heard-until");
    const Fact* from = findFact(e.reason, "nothing-heard-from");
    return (until && take < until->number("at")) || (from && take > from->number("at"));
}

}  // namespace

Score answerOf(const TetherEstimate& e) {
    Score s;
    s.status = e.status;
    s.confidence = e.confidence;
    s.method = e.method;
    s.evidence = e.evidence;
    s.used = e.windowsUsed;
    s.agreeing = e.windowsAgreeing;
    s.rivals = e.rivals;
    s.errorMs = 1e9;
    return s;
}

Score scoreOf(const TetherEstimate& e, const MadePair& made) {
    Score s = answerOf(e);
    if (made.truth.empty()) return s;
    s.errorMs = 0;
    const auto found = jumpsOf(e);
    const auto real = jumpsOf(made.truth);
    const bool together = found.size() == real.size();
    for (const auto& t : made.truth) {
        const int steps = std::max(1, static_cast<int>((t.takeEnd - t.takeStart) / 0.5));
        for (int i = 0; i <= steps; ++i) {
            const double at = t.takeStart + (t.takeEnd - t.takeStart) * i / steps;
            const bool ends =
                (&t == &made.truth.front() && i == 0) || (&t == &made.truth.back() && i == steps);
            if (!ends && (besideJump(at, real) || (together && besideJump(at, found)))) continue;
            if (saidUnheard(at, e)) continue;
            double off = answeredAt(e, at) - t.line.toRecording({at}).value;
            off =
                off > 0 ? std::max(0.0, off - made.wayAfter) : std::min(0.0, off + made.wayBefore);
            if (&t == &made.truth.front() && i == 0) s.signedErrorMs = 1e3 * off;
            s.errorMs = std::max(s.errorMs, 1e3 * std::fabs(off));
        }
    }
    s.driftErrorPpm = std::fabs(e.line.drift.value - made.truth.front().line.drift.value);
    s.polarityRight = e.polarity == made.polarity;
    s.realJumps = static_cast<int>(real.size());
    s.foundJumps = static_cast<int>(found.size());
    if (!together) return s;
    for (std::size_t i = 0; i < real.size(); ++i) {
        s.jumpErrorMs = std::max(s.jumpErrorMs, 1e3 * std::fabs(found[i].by - real[i].by));
        // What was repeated is on both lines: anywhere in there is right.
        const double repeated = std::max(0.0, real[i].by);
        const double off =
            std::max({0.0, real[i].at - repeated - found[i].at, found[i].at - real[i].at});
        if (off >= s.placeErrorS) {
            s.placeErrorS = off;
            s.placeDoubtS = found[i].doubt;
        }
    }
    return s;
}

double quantile(std::vector<double> v, double share) {
    if (v.empty()) return 0;
    std::sort(v.begin(), v.end());
    return v[std::min(v.size() - 1,
                      static_cast<std::size_t>(share * static_cast<double>(v.size())))];
}

}  // namespace brisk::bench
