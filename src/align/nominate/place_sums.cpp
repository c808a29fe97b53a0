// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/place_sums.h"

#include <algorithm>
#include <cmath>

#include "dsp/fast_loop.h"

namespace brisk {
namespace {

/// Of one lag's power, and of one window at one place: nothing outvotes the rest.
constexpr float kMostPower = 144, kMostOfAWindow = 15;
/// So many of the values in two cells do not depend on each other.
constexpr double kFreeValues = 2.0 * kPlaceCell * kWhitenedPartOfBand;

/// Sums are kept side by side: as many are added at a time as the processor can.
constexpr std::size_t kLanes = 8;
static_assert(kPlaceCell % kLanes == 0);

/// Power of each lag, at most `most` of `scale`, added up. \param n  a multiple of kLanes.
BRISK_FAST_LOOP float powerOf(const float* lags, std::size_t n, float scale, float most) {
    std::array<float, kLanes> lanes{};
    for (std::size_t i = 0; i < n; i += kLanes) {
        for (std::size_t k = 0; k < kLanes; ++k) {
            lanes[k] += std::min(most, lags[i + k] * lags[i + k] * scale);
        }
    }
    float sum = 0;
    for (const float v : lanes) sum += v;
    return sum;
}

}  // namespace

PlaceSums::PlaceSums(std::int64_t takeLength, std::int64_t recordingLength)
    : first_(-(takeLength / kPlaceCell) - 4),
      sums_(static_cast<std::size_t>((recordingLength + takeLength) / kPlaceCell + 16), 0.0f),
      windows_(sums_.size(), 0) {}

void PlaceSums::add(Heard& w, std::int64_t firstLag, std::span<const float> lags) {
    double power = 0;
    for (std::size_t i = 0; i + kPlaceCell <= lags.size(); i += kPlaceCell) {
        power += powerOf(lags.data() + i, kPlaceCell, 1, HUGE_VALF);
    }
    // Held notes have more in common with each other than chance, and pauses less.
    const auto scale =
        static_cast<float>(1 / std::max(w.chance, power / static_cast<double>(lags.size())));
    std::int64_t cell = (firstLag - w.start) / kPlaceCell;
    if (w.next != cell) {
        w.before = 0;
        w.standing = {};
    }
    for (std::size_t i = 0; i + kPlaceCell <= lags.size(); i += kPlaceCell, ++cell) {
        put(w, cell, powerOf(lags.data() + i, kPlaceCell, scale, kMostPower));
    }
    w.next = cell;
}

/// A clock may have carried a window into the next span: the best of three counts.
void PlaceSums::put(Heard& w, std::int64_t cell, float here) {
    const double deviation = 2.0 * kPlaceCell * std::sqrt(2 / kFreeValues);
    const auto excess = static_cast<float>((w.before + here - 2.0 * kPlaceCell) / deviation);
    const float stands = here > 0 ? std::clamp(excess, -kMostOfAWindow, kMostOfAWindow) : 0.0f;
    const std::int64_t of = cell - 2;  // the span that began there
    if (of >= first_ && of < end()) {
        sums_[index(of)] += std::max({w.standing[0], w.standing[1], stands});
        ++windows_[index(of)];
    }
    w.standing = {w.standing[1], stands};
    w.before = here;
}

}  // namespace brisk
