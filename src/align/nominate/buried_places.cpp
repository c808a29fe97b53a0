// SPDX-License-Identifier: GPL-3.0-or-later
// Windows of the take are correlated with the whole recording, both whitened, and what stands out
// is added up place by place. A few windows say where it is worth to ask the others.
//
// Source: Oppenheim and Schafer, overlap-save.
#include "align/nominate/buried_places.h"

#include <algorithm>
#include <cmath>

#include "align/nominate/place_sums.h"
#include "core/statistics.h"
#include "dsp/fast_loop.h"
#include "dsp/fourier.h"

namespace brisk {
namespace {

constexpr int kBlockLength = 1 << 16;
constexpr std::int64_t kLongestWindow = std::int64_t{4} * kWhitenedRate;
constexpr double kLeastSeconds = 1.5;
constexpr double kStretchSeconds = 120;  // of a long take, its middle
constexpr int kMostWindows = 8;
constexpr std::size_t kFirstWindows = 4;  // are asked of every place
constexpr std::size_t kLookedAt = 40;     // places of which the others are asked
constexpr double kLeastSound = 0.2;       // of a window: the rest of it is silent
constexpr double kStands = 7;             // chance reaches 4.5 in an hour
constexpr double kWorthALook = 0.5;       // of the best
constexpr std::int64_t kApart = 25;       // cells
constexpr std::int64_t kAround = 25;      // cells: what a room makes of one
constexpr std::size_t kMostPlaces = 5;

struct Window {
    PlaceSums::Heard heard;
    std::vector<std::complex<float>> spectrum;
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
        // Every other one, and then those between: the first of them lie all along the take.
        const std::int64_t nth = 2 * i < count ? 2 * i : 2 * i - count + (count % 2 == 0 ? 1 : 0);
        const std::int64_t within = count == 1 ? 0 : (stretch - size) * nth / (count - 1);
        w.heard.start = down((length - stretch) / 2 + within, kStep);
        auto sound = whitened(take, w.heard.start, size);
        if (!sound) return tl::unexpected(sound.error());
        auto time = fourier.time();
        std::fill(std::copy(sound->begin(), sound->end(), time.begin()), time.end(), 0.0f);
        fourier.forward();
        w.spectrum.assign(fourier.spectrum().begin(), fourier.spectrum().end());
        for (auto& v : w.spectrum) v = std::conj(v);
        double power = 0;
        for (const float v : *sound) power += static_cast<double>(v) * v;
        if (power < kLeastSound * static_cast<double>(size)) continue;
        w.heard.chance = power / kWhitenedPartOfBand;
        out.push_back(std::move(w));
    }
    return out;
}

/// out = a × b, all equally long.
BRISK_FAST_LOOP void multiply(const std::complex<float>* a, const std::complex<float>* b,
                              std::size_t n, std::complex<float>* out) {
    // By hand: the library's product asks each one whether it is a number.
    for (std::size_t k = 0; k < n; ++k) {
        out[k] = {a[k].real() * b[k].real() - a[k].imag() * b[k].imag(),
                  a[k].real() * b[k].imag() + a[k].imag() * b[k].real()};
    }
}

/// Whether one of the places, in rising order, is told by these lags of a window.
bool holdsOne(const std::vector<std::int64_t>& places, const Window& w, std::int64_t firstLag,
              std::int64_t lags) {
    const std::int64_t from = (firstLag - w.heard.start) / kPlaceCell - kAround;
    const auto next = std::lower_bound(places.begin(), places.end(), from);
    return next != places.end() && *next < from + lags / kPlaceCell + 2 * kAround;
}

/// One take and one recording.
class Correlation {
  public:
    Correlation(const std::vector<std::int8_t>& recording, std::int64_t windowSize,
                RealFourier& fourier)
        : recording_(recording),
          size_(windowSize),
          fourier_(fourier),
          block_(fourier.spectrum().size()) {}

    /// Puts what the windows have in common with the recording upon `sums`, everywhere, or where it
    /// says something about some places, in rising order.
    Result<void> add(std::span<Window> windows, const std::vector<std::int64_t>* places,
                     PlaceSums& sums, const JobControl& job) {
        const auto length = static_cast<std::int64_t>(recording_.size());
        const std::int64_t usable = down(kBlockLength - size_, kPlaceCell);
        for (std::int64_t first = -size_; first < length; first += usable) {
            if (job.stopRequested()) return cancelled();
            bool transformed = false;
            for (Window& w : windows) {
                if (places && !holdsOne(*places, w, first, usable)) continue;
                if (!transformed) transform(first);
                transformed = true;
                auto bins = fourier_.spectrum();
                multiply(block_.data(), w.spectrum.data(), bins.size(), bins.data());
                fourier_.inverse();
                sums.add(w.heard, first, fourier_.time().first(static_cast<std::size_t>(usable)));
            }
            job.report(static_cast<double>(first + size_) / static_cast<double>(length + size_));
        }
        return {};
    }

  private:
    void transform(std::int64_t first) {
        const auto length = static_cast<std::int64_t>(recording_.size());
        auto time = fourier_.time();
        const std::int64_t from = std::clamp<std::int64_t>(-first, 0, kBlockLength);
        const std::int64_t to = std::clamp<std::int64_t>(length - first, from, kBlockLength);
        std::fill(time.begin(), time.begin() + from, 0.0f);
        for (std::int64_t i = from; i < to; ++i) {
            time[static_cast<std::size_t>(i)] =
                WhitenedRecording::kStep * recording_[static_cast<std::size_t>(first + i)];
        }
        std::fill(time.begin() + to, time.end(), 0.0f);
        fourier_.forward();
        std::copy(fourier_.spectrum().begin(), fourier_.spectrum().end(), block_.begin());
    }

    const std::vector<std::int8_t>& recording_;
    std::int64_t size_;
    RealFourier& fourier_;
    std::vector<std::complex<float>> block_;
};

/// What places have that so many windows were asked of, and what chance makes of them.
class Standing {
  public:
    Standing(const PlaceSums& sums, int windows) : sums_(sums), windows_(windows) {
        std::vector<float> some;
        for (std::int64_t n = sums.first(); n < sums.end(); ++n) {
            if (counts(n)) some.push_back(sums.at(n));
        }
        if (some.empty()) return;
        usual_ = median(some);
        deviation_ = std::max(1e-6, robustDeviation(std::move(some), usual_));
    }

    struct Peak {
        double stands;  ///< In deviations.
        std::int64_t cell;
    };
    /// Those that stand out by `least`, the highest first, none beside another.
    [[nodiscard]] std::vector<Peak> peaks(double least, std::size_t most) const {
        std::vector<Peak> all, out;
        for (std::int64_t n = sums_.first(); n < sums_.end(); ++n) {
            const double stands = (sums_.at(n) - usual_) / deviation_;
            if (counts(n) && stands >= least) all.push_back({stands, n});
        }
        std::sort(all.begin(), all.end(), [](const Peak& a, const Peak& b) {
            return std::pair(a.stands, a.cell) > std::pair(b.stands, b.cell);
        });
        for (const Peak& p : all) {
            if (out.size() == most) break;
            const bool near = std::any_of(out.begin(), out.end(), [&](const Peak& other) {
                return std::abs(other.cell - p.cell) < kApart;
            });
            if (!near) out.push_back(p);
        }
        return out;
    }

    /// Seconds at which the sound that stands out around a place arrives first: the take hears what
    /// the room does to it later, which lies at earlier places.
    [[nodiscard]] double arrivalNear(std::int64_t n) const {
        std::int64_t last = n;
        while (last + 1 < sums_.end() &&
               sums_.at(last + 1) - usual_ >= (sums_.at(n) - usual_) / 2) {
            ++last;
        }
        // A span is two cells, and each counts at its neighbours, too.
        return static_cast<double>(last * kPlaceCell) / kWhitenedRate;
    }

  private:
    [[nodiscard]] bool counts(std::int64_t n) const {
        return sums_.at(n) != 0 && sums_.windowsAt(n) == windows_;
    }

    const PlaceSums& sums_;
    int windows_;
    float usual_ = 0;
    double deviation_ = 1;
};

}  // namespace

Result<std::vector<BuriedPlace>> buriedPlaces(HeldSound& take, HeldSound& recording,
                                              WhitenedRecording& whole, const JobControl& job) {
    const double seconds = take.scan().length().value;
    if (seconds < kLeastSeconds) return std::vector<BuriedPlace>{};
    RealFourier fourier(kBlockLength);
    const auto length = static_cast<std::int64_t>(seconds * kWhitenedRate);
    const std::int64_t size = down(std::min(length, kLongestWindow), kPlaceCell);
    auto windows = windowsOf(take, length, size, fourier);
    if (!windows) return tl::unexpected(windows.error());
    if (windows->empty()) return std::vector<BuriedPlace>{};
    auto all = whole.whole(recording, job);
    if (!all) return tl::unexpected(all.error());
    PlaceSums sums(length, static_cast<std::int64_t>((*all)->size()));
    Correlation correlation(**all, size, fourier);
    const std::span first(windows->begin(), std::min(windows->size(), kFirstWindows));
    const std::span then(windows->begin() + static_cast<std::ptrdiff_t>(first.size()),
                         windows->end());
    if (auto done = correlation.add(first, nullptr, sums, job.part(0, 0.8)); !done) {
        return tl::unexpected(done.error());
    }
    if (!then.empty()) {
        std::vector<std::int64_t> places;
        const Standing some(sums, static_cast<int>(first.size()));
        for (const auto& p : some.peaks(0, kLookedAt)) places.push_back(p.cell);
        std::sort(places.begin(), places.end());
        if (auto done = correlation.add(then, &places, sums, job.part(0.8, 1)); !done) {
            return tl::unexpected(done.error());
        }
    }
    const Standing standing(sums, static_cast<int>(windows->size()));
    std::vector<BuriedPlace> out;
    for (const auto& p : standing.peaks(kStands, kMostPlaces)) {
        if (!out.empty() && p.stands < kWorthALook * out.front().stands) break;
        out.push_back({{standing.arrivalNear(p.cell)}, p.stands});
    }
    return out;
}

}  // namespace brisk
