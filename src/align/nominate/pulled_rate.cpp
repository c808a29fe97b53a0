// SPDX-License-Identifier: GPL-3.0-or-later
// The take's onsets are stretched and searched for again. Why not the steeper slope in the search
// itself: over a segment of a minute a thousandth is sixty milliseconds, and its onsets would lie
// beside those of the recording for most of it.
#include "align/nominate/pulled_rate.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

constexpr double kLoosePpm = 110;  // two clocks of the poorer kind

/// As if every second took `factor` seconds.
BandLevels stretched(const BandLevels& levels, double factor) {
    BandLevels out(static_cast<std::size_t>(static_cast<double>(levels.size()) * factor));
    for (std::size_t n = 0; n < out.size(); ++n) {
        const double at = static_cast<double>(n) / factor;
        const auto i = std::min(static_cast<std::size_t>(at), levels.size() - 1);
        const auto j = std::min(i + 1, levels.size() - 1);
        const double part = at - static_cast<double>(i);
        for (std::size_t b = 0; b < out[n].size(); ++b) {
            out[n][b] = static_cast<std::uint8_t>(
                std::lround((1 - part) * levels[i][b] + part * levels[j][b]));
        }
    }
    return out;
}

}  // namespace

Ppm expectedDrift(Ppm measured) {
    const double pulled = std::copysign(kPulled * 1e6, measured.value);
    return std::fabs(measured.value) > kPulled * 1e6 / 2 ? Ppm{pulled} : Ppm{0};
}

Ppm beyondExpected(Ppm measured) {
    return {measured.value - expectedDrift(measured).value};
}

bool isRare(Ppm drift) {
    return std::fabs(beyondExpected(drift).value) >= kRareDrift.value;
}

bool isAClocksDrift(Ppm drift) {
    return expectedDrift(drift).value == 0 || std::fabs(beyondExpected(drift).value) <= kLoosePpm;
}

Result<std::vector<CoarsePlace>> placesAtPulledRates(const BandLevels& scratch,
                                                     CoarseRecording& clean,
                                                     const JobControl& job) {
    std::vector<CoarsePlace> out;
    for (const double factor : {1 + kPulled, 1 - kPulled}) {
        auto coarse = coarseSearch(stretched(scratch, factor), clean, job.withReport({}));
        if (!coarse) return tl::unexpected(coarse.error());
        for (CoarsePlace p : coarse->places) {
            p.line.drift = Ppm{(factor * p.line.drift.factor() - 1) * 1e6};
            out.push_back(p);
        }
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const CoarsePlace& a, const CoarsePlace& b) { return a.score > b.score; });
    return out;
}

}  // namespace brisk
