// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/place_offers.h"

#include <algorithm>
#include <cmath>

namespace brisk {

std::vector<PlaceOffer> offersOf(const TetherEstimate& found) {
    std::vector<PlaceOffer> out;
    for (const Rival& r : found.rivals) {
        out.push_back(
            {{r.offset, found.line.drift}, {"weaker-place", {{"weaker_db", -r.relativeDb}}}});
    }
    if (!out.empty()) out.insert(out.begin(), {found.line, {"best-place"}});
    return out;
}

MarkOffers offersOf(const std::vector<MarkFit>& fits) {
    MarkOffers out;
    for (const MarkFit& f : fits) {
        out.places.push_back(
            {f.line,
             {"mark-pairs", {{"pairs", f.pairs.size()}, {"apart", std::fabs(f.worst().value)}}}});
    }
    if (fits.empty()) return out;
    // Those that join as many pairs are ties: spacing does not tell which is right.
    const auto ties = std::count_if(fits.begin() + 1, fits.end(), [&](const MarkFit& f) {
        return f.pairs.size() == fits.front().pairs.size();
    });
    Facts more;
    if (fits.front().driftMeasured) more.push_back({"drift-measured"});
    if (ties > 0) more.push_back({"ways-that-fit-as-well", {{"ways", fits.size() - 1}}});
    out.said = {{"marks-joined", {{"where", out.places.front().where}, {"more", more}}}};
    return out;
}

std::vector<Seconds> marksOf(const ShootState& state, int media) {
    std::vector<Seconds> out;
    for (const Mark& m : state.marksOf(media)) out.push_back(m.time);
    return out;
}

std::vector<Seconds> clapsOf(const SoundScan& scan, Seconds start, std::size_t most) {
    std::vector<Spike> spikes = scan.spikes;
    keepStrongest(spikes, most);
    std::vector<Seconds> out;
    for (const Spike& s : spikes) out.push_back(s.time + start);
    return out;
}

std::optional<Seconds> nearest(const std::vector<Seconds>& moments, Seconds t, Seconds reach) {
    std::optional<Seconds> best;
    for (const Seconds m : moments) {
        const double away = std::fabs((m - t).value);
        if (away > reach.value || (best && away >= std::fabs((*best - t).value))) continue;
        best = m;
    }
    return best;
}

}  // namespace brisk
