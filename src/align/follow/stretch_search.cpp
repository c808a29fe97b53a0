// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse places near the line, probed and measured as any place is. The counter-example to
// measuring the whole alone: fifty milliseconds lost between two minutes look like 400 ppm of drift
// to the coarse search, and no window agrees along such a line.
#include "align/follow/stretch_search.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

constexpr double kSearchSeconds = 20.0;  // how much can be lost
constexpr double kSureStack = 9.0;
constexpr double kSureShare = 0.6;
constexpr int kSureWindows = 5;
constexpr std::size_t kPlacesTried = 2;
// Anchors.
constexpr int kAnchors = 4;
constexpr double kLongestAnchor = 40;  // seconds
constexpr double kShortestAnchor = 8;  // seconds
constexpr double kAnchorShare = 0.5;   // of the overlap, where that is short

bool isSure(const FineMatch& m) {
    const auto n = static_cast<int>(m.windows.size());
    return m.stackStrength >= kSureStack && m.agreeing() >= kSureWindows &&
           m.agreeing() >= kSureShare * n;
}

}  // namespace

Result<std::optional<FineMatch>> searchStretch(WindowReader& reader, TimeRange stretch,
                                               ClockLine line, double leastJump,
                                               const JobControl& job) {
    const Seconds middle = (stretch.start + stretch.end) / 2;
    auto places = placesNear(reader.take().bands, reader.recording().bands, stretch, line,
                             {kSearchSeconds}, job.withReport({}));
    if (!places) {
        if (tooLittleToCompare(places.error())) return std::nullopt;
        return tl::unexpected(places.error());
    }
    for (std::size_t i = 0; i < std::min(kPlacesTried, places->size()); ++i) {
        auto probe = probePlace(reader, (*places)[i], stretch, job.withReport({}));
        if (!probe) {
            if (tooLittleToCompare(probe.error())) continue;
            return tl::unexpected(probe.error());
        }
        auto m = measurePlace(reader, *probe, stretch, job.withReport({}));
        if (!m) {
            if (tooLittleToCompare(m.error())) continue;
            return tl::unexpected(m.error());
        }
        if (!isSure(*m)) continue;
        const double jump = (m->line.toRecording(middle) - line.toRecording(middle)).value;
        if (std::fabs(jump) < leastJump) return std::nullopt;
        return std::move(*m);
    }
    return std::nullopt;
}

Result<std::optional<FineMatch>> findAnchor(WindowReader& reader, const FineMatch& match,
                                            const JobControl& job) {
    const Seconds whole = match.overlap.length();
    const Seconds length{std::min(kLongestAnchor, kAnchorShare * whole.value)};
    std::optional<FineMatch> best;
    if (length.value < kShortestAnchor) return best;
    // Two clocks run alike, unless a rate was pulled. Lost samples may make the one look like the
    // other: fifty milliseconds in two minutes lie half way between.
    std::vector<Ppm> drifts{{0}};
    if (expectedDrift(match.line.drift).value != 0) {
        drifts.push_back(expectedDrift(match.line.drift));
    }
    for (int i = 0; i < kAnchors; ++i) {
        const Seconds from = match.overlap.start + (whole - length) * (i / (kAnchors - 1.0));
        const Seconds middle = from + length / 2;
        for (const Ppm drift : drifts) {
            const ClockLine line =
                ClockLine{{0}, drift}.through(middle, match.line.toRecording(middle));
            auto found = searchStretch(reader, {from, from + length}, line, 0, job);
            if (!found) return found;
            if (*found && (!best || (*found)->stackStrength > best->stackStrength)) best = **found;
        }
    }
    if (!best) return best;
    best->overlap = reader.overlap(best->line).intersect(match.overlap);
    best->coarse = match.coarse;
    best->segments = match.segments;
    best->heard = nullptr;
    return best;
}

}  // namespace brisk
