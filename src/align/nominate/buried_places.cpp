// SPDX-License-Identifier: GPL-3.0-or-later
// Windows of the take are correlated with the whole recording, both whitened. In a large room no
// arrival stands out by itself; their power in twenty milliseconds does, and is added up over the
// windows, place by place. Two clocks differ by less than that over two minutes.
// Source: Oppenheim and Schafer, overlap-save.
#include "align/nominate/buried_places.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/statistics.h"
#include "dsp/fourier.h"

namespace brisk {
namespace {

constexpr int kBlockLength = 1 << 16;
constexpr std::int64_t kCell = 40;  // samples: 10 ms
constexpr std::int64_t kLongestWindow = std::int64_t{4} * kWhitenedRate;
constexpr double kLeastSeconds = 1.5;
constexpr double kStretchSeconds = 120;  // of a long take, its middle
constexpr int kMostWindows = 8;
/// Of one lag's power, and of one window at one place: nothing outvotes the rest.
constexpr float kMostPower = 144, kMostOfAWindow = 15;
/// Of the frequencies that there are, those that hold sound, and so many of the values in two cells
/// do not depend on each other.
constexpr double kPartOfBand = 0.9;
constexpr double kFreeValues = 2.0 * kCell * kPartOfBand;
constexpr double kLeastSound = 0.2;  // of a window: the rest of it is silent
constexpr double kStands = 7;        // chance reaches 4.5 in an hour
constexpr double kWorthALook = 0.5;  // of the best
constexpr std::int64_t kApart = 25;  // cells
constexpr std::size_t kMostPlaces = 5;

struct Window {
    std::int64_t start = 0;  // samples, a multiple of kCell
    std::vector<std::complex<float>> spectrum;
    double chance = 0;  // power of what it has in common with any other sound, a lag
    // Of cells that are being filled.
    float before = 0;                 // power of the last whole one
    std::array<float, 2> standing{};  // of the two spans before
};

/// How much stands out at each place: entry n is for take zero at n cells after `first`.
struct Standing {
    std::int64_t first = 0;  // cells, negative
    std::vector<float> sums;
};

/// The multiple of `step` at or below.
std::int64_t down(std::int64_t n, std::int64_t step) {
    return n / step * step;
}

Result<std::vector<Window>> windowsOf(HeldSound& take, std::int64_t length, std::int64_t size,
                                      RealFourier& fourier) {
    constexpr std::int64_t kStep = std::int64_t{5} * kWhitenedStep;  // of cells and frames alike
    const auto stretch =
        std::min(length, static_cast<std::int64_t>(kStretchSeconds * kWhitenedRate));
    const auto count = std::clamp<std::int64_t>(stretch / size, 1, kMostWindows);
    std::vector<Window> out;
    for (std::int64_t i = 0; i < count; ++i) {
        Window w;
        const std::int64_t within = count == 1 ? 0 : (stretch - size) * i / (count - 1);
        w.start = down((length - stretch) / 2 + within, kStep);
        auto sound = whitened(take, w.start, size);
        if (!sound) return tl::unexpected(sound.error());
        auto time = fourier.time();
        std::fill(std::copy(sound->begin(), sound->end(), time.begin()), time.end(), 0.0f);
        fourier.forward();
        w.spectrum.assign(fourier.spectrum().begin(), fourier.spectrum().end());
        for (auto& v : w.spectrum) v = std::conj(v);
        double power = 0;
        for (const float v : *sound) power += static_cast<double>(v) * v;
        if (power < kLeastSound * static_cast<double>(size)) continue;
        w.chance = power / kPartOfBand;
        out.push_back(std::move(w));
    }
    return out;
}

/// Puts what one window hears in one block of lags upon the places that they mean.
class PlaceSums {
  public:
    PlaceSums(std::int64_t takeLength, std::int64_t recordingLength)
        : firstCell_(-(takeLength / kCell) - 4),
          sums_(static_cast<std::size_t>((recordingLength + takeLength) / kCell + 16), 0.0f) {}

    /// \param firstLag  of `lags`, a multiple of kCell.
    void add(Window& w, std::int64_t firstLag, std::span<const float> lags) {
        double power = 0;
        for (const float v : lags) power += static_cast<double>(v) * v;
        // Held notes have more in common with each other than chance, and pauses less.
        const auto scale =
            static_cast<float>(1 / std::max(w.chance, power / static_cast<double>(lags.size())));
        std::int64_t cell = (firstLag - w.start) / kCell - firstCell_;
        for (std::size_t i = 0; i + kCell <= lags.size(); i += kCell, ++cell) {
            float here = 0;
            for (std::size_t k = i; k < i + kCell; ++k) {
                here += std::min(kMostPower, lags[k] * lags[k] * scale);
            }
            finish(w, cell, here);
        }
    }

    [[nodiscard]] Standing take() && { return {firstCell_, std::move(sums_)}; }

  private:
    /// A clock may have carried a window into the next span: the best of three counts.
    void finish(Window& w, std::int64_t cell, float here) {
        const double deviation = 2.0 * kCell * std::sqrt(2 / kFreeValues);
        const auto excess = static_cast<float>((w.before + here - 2.0 * kCell) / deviation);
        const float stands = here > 0 ? std::clamp(excess, -kMostOfAWindow, kMostOfAWindow) : 0.0f;
        const std::int64_t of = cell - 2;  // the span that began there
        if (of >= 0 && of < static_cast<std::int64_t>(sums_.size())) {
            sums_[static_cast<std::size_t>(of)] += std::max({w.standing[0], w.standing[1], stands});
        }
        w.standing = {w.standing[1], stands};
        w.before = here;
    }

    std::int64_t firstCell_;
    std::vector<float> sums_;
};

Result<Standing> correlate(std::vector<Window>& windows, std::int64_t takeLength, std::int64_t size,
                           const std::vector<std::int8_t>& recording, RealFourier& fourier,
                           const JobControl& job) {
    const auto length = static_cast<std::int64_t>(recording.size());
    const std::int64_t usable = down(kBlockLength - size, kCell);
    PlaceSums sums(takeLength, length);
    std::vector<std::complex<float>> block(fourier.spectrum().size());
    for (std::int64_t first = -size; first < length; first += usable) {
        if (job.stopRequested()) return cancelled();
        auto time = fourier.time();
        for (std::int64_t i = 0; i < kBlockLength; ++i) {
            const std::int64_t at = first + i;
            time[static_cast<std::size_t>(i)] =
                at >= 0 && at < length
                    ? WhitenedRecording::kStep * recording[static_cast<std::size_t>(at)]
                    : 0.0f;
        }
        fourier.forward();
        std::copy(fourier.spectrum().begin(), fourier.spectrum().end(), block.begin());
        for (Window& w : windows) {
            auto bins = fourier.spectrum();
            for (std::size_t b = 0; b < bins.size(); ++b) bins[b] = block[b] * w.spectrum[b];
            fourier.inverse();
            sums.add(w, first, fourier.time().first(static_cast<std::size_t>(usable)));
        }
        job.report(static_cast<double>(first + size) / static_cast<double>(length + size));
    }
    return std::move(sums).take();
}

/// Seconds at which the sound that stands out around a place arrives first: the take hears what the
/// room does to it later, which lies at earlier places.
double arrivalNear(const Standing& s, std::int64_t n, float usual) {
    const auto half = [&](std::int64_t at) {
        return at < static_cast<std::int64_t>(s.sums.size()) &&
               s.sums[static_cast<std::size_t>(at)] - usual >=
                   (s.sums[static_cast<std::size_t>(n)] - usual) / 2;
    };
    std::int64_t last = n;
    while (half(last + 1)) ++last;
    // A span is two cells, and each counts at its neighbours, too.
    return static_cast<double>((s.first + last) * kCell) / kWhitenedRate;
}

/// What stands out of all places, the highest first.
std::vector<BuriedPlace> highest(const Standing& s) {
    std::vector<float> some;
    for (const float v : s.sums) {
        if (v != 0) some.push_back(v);
    }
    std::vector<BuriedPlace> out;
    if (some.empty()) return out;
    const float usual = median(some);
    const double deviation = std::max(1e-6, robustDeviation(std::move(some), usual));
    std::vector<std::pair<double, std::int64_t>> order;
    for (std::size_t n = 0; n < s.sums.size(); ++n) {
        const double stands = (s.sums[n] - usual) / deviation;
        if (s.sums[n] != 0 && stands >= kStands) {
            order.emplace_back(stands, static_cast<std::int64_t>(n));
        }
    }
    std::sort(order.rbegin(), order.rend());
    std::vector<std::int64_t> taken;
    for (const auto& [stands, n] : order) {
        if (out.size() == kMostPlaces || stands < kWorthALook * order.front().first) break;
        const bool near = std::any_of(taken.begin(), taken.end(), [n = n](std::int64_t other) {
            return std::abs(other - n) < kApart;
        });
        if (near) continue;
        taken.push_back(n);
        out.push_back({{arrivalNear(s, n, usual)}, stands});
    }
    return out;
}

}  // namespace

Result<std::vector<BuriedPlace>> buriedPlaces(HeldSound& take, HeldSound& recording,
                                              WhitenedRecording& whole, const JobControl& job) {
    const double seconds = take.scan().length().value;
    if (seconds < kLeastSeconds) return std::vector<BuriedPlace>{};
    RealFourier fourier(kBlockLength);
    const auto length = static_cast<std::int64_t>(seconds * kWhitenedRate);
    const std::int64_t size = down(std::min(length, kLongestWindow), kCell);
    auto windows = windowsOf(take, length, size, fourier);
    if (!windows) return tl::unexpected(windows.error());
    if (windows->empty()) return std::vector<BuriedPlace>{};
    auto all = whole.whole(recording, job);
    if (!all) return tl::unexpected(all.error());
    auto standing = correlate(*windows, length, size, **all, fourier, job);
    if (!standing) return tl::unexpected(standing.error());
    return highest(*standing);
}

}  // namespace brisk
