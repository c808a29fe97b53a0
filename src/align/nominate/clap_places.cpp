// SPDX-License-Identifier: GPL-3.0-or-later
// Every pair of an onset in the take and one in the recording nominates an offset; offsets that
// many pairs share come first.
#include "align/nominate/clap_places.h"

#include <algorithm>
#include <cmath>

#include "align/clock_limits.h"

namespace brisk {
namespace {

constexpr std::size_t kMaxNominated = 6;
constexpr double kOnsetSeconds = 0.004;  // an onset is found to this, echo and all
constexpr double kSamePlace = 0.03;      // seconds

int supportOf(double offset, double about, const std::vector<Spike>& take,
              const std::vector<Spike>& clean, double& strength) {
    int n = 0;
    strength = 0;
    for (const auto& t : take) {
        const double want = offset + t.time.value;
        const double reach = kOnsetSeconds + kMaxClockDrift * std::fabs(t.time.value - about);
        const auto it =
            std::lower_bound(clean.begin(), clean.end(), want - reach,
                             [](const Spike& s, double at) { return s.time.value < at; });
        if (it == clean.end() || it->time.value > want + reach) continue;
        ++n;
        strength += std::min(t.strengthDb, it->strengthDb);
    }
    return n;
}

}  // namespace

std::vector<ClapPlace> clapPlaces(const std::vector<Spike>& take, const std::vector<Spike>& clean) {
    std::vector<ClapPlace> all;
    for (const auto& t : take) {
        for (const auto& c : clean) {
            ClapPlace n{(c.time - t.time).value, 0, 0};
            n.support = supportOf(n.offset, t.time.value, take, clean, n.strength);
            all.push_back(n);
        }
    }
    std::stable_sort(all.begin(), all.end(), [](const ClapPlace& a, const ClapPlace& b) {
        return std::pair(a.support, a.strength) > std::pair(b.support, b.strength);
    });
    std::vector<ClapPlace> out;
    for (const auto& n : all) {
        const bool known = std::any_of(out.begin(), out.end(), [&](const ClapPlace& o) {
            return std::fabs(o.offset - n.offset) < kSamePlace;
        });
        if (!known) out.push_back(n);
        if (out.size() == kMaxNominated) break;
    }
    return out;
}

}  // namespace brisk
