// SPDX-License-Identifier: GPL-3.0-or-later
// Correlation of whole windows is whitened, and so a quiet programme counts in it as much as the
// voices over it. Short spectra tell them apart: in each bin at each moment one of them is louder.
#include "align/measure/shared_by_level.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "dsp/fourier.h"

namespace brisk {
namespace {

constexpr int kFrame = 4096;  // samples: a syllable, and a voice's tones apart
constexpr int kWindow = 1 << 16;
constexpr std::size_t kWindowsHeard = 32;
constexpr double kLowHz = 100, kHighHz = 6000;                           // where voices are
constexpr double kUsualFrom = 0.1, kUsualTo = 1.995, kLoudFrom = 3.981;  // -10, 3 and 6 dB
/// Neighbours of a tapered spectrum say in part the same.
constexpr double kBinsThatSayOne = 1.5;

constexpr std::size_t bin(double hz) {
    return static_cast<std::size_t>(hz * kFrame / WindowReader::kRate);
}
constexpr std::size_t kLow = bin(kLowHz), kBinsHeard = bin(kHighHz) - kLow;

struct Bin {
    float take = 0, recording = 0;  // power
    float cosine = 0;
};
using Frame = std::array<Bin, kBinsHeard>;
using Spectrum = std::array<std::complex<float>, kBinsHeard>;

class Spectra {
  public:
    Spectra() : fourier_(kFrame), taper_(kFrame) {
        for (std::size_t n = 0; n < taper_.size(); ++n) {
            taper_[n] = 0.5f - 0.5f * std::cos(2 * std::numbers::pi_v<float> *
                                               static_cast<float>(n) / kFrame);
        }
    }

    Spectrum of(std::span<const float> samples) {
        for (std::size_t n = 0; n < taper_.size(); ++n) {
            fourier_.time()[n] = taper_[n] * samples[n];
        }
        fourier_.forward();
        Spectrum out;
        std::copy_n(fourier_.spectrum().begin() + static_cast<std::ptrdiff_t>(kLow), kBinsHeard,
                    out.begin());
        return out;
    }

  private:
    RealFourier fourier_;
    std::vector<float> taper_;
};

/// What the nearest window that agrees says: somebody may walk.
Seconds slipAt(const std::vector<SlipWindow>& windows, Seconds at) {
    const SlipWindow* nearest = nullptr;
    const auto away = [&](const SlipWindow& w) { return std::fabs((w.scratchTime - at).value); };
    for (const SlipWindow& w : windows) {
        if (w.agrees && (!nearest || away(w) < away(*nearest))) nearest = &w;
    }
    return nearest ? nearest->slip : Seconds{0};
}

/// What moves the recording's spectrum so many seconds later.
Spectrum turnBy(double later, int polarity) {
    Spectrum out;
    for (std::size_t k = 0; k < kBinsHeard; ++k) {
        const double hz = static_cast<double>(kLow + k) * WindowReader::kRate / kFrame;
        out[k] = static_cast<float>(polarity) *
                 std::complex<float>(std::polar(1.0, -2 * std::numbers::pi * hz * later));
    }
    return out;
}

Frame compare(Spectra& spectra, std::span<const float> take, std::span<const float> recording,
              const Spectrum& turn) {
    const Spectrum a = spectra.of(take);
    const Spectrum b = spectra.of(recording);
    Frame out;
    for (std::size_t k = 0; k < kBinsHeard; ++k) {
        const auto turned = b[k] * turn[k];
        const float inTake = std::norm(a[k]), inRecording = std::norm(b[k]);
        const float power = inTake * inRecording;
        if (power <= 0) continue;
        out[k] = {inTake, inRecording, (a[k] * std::conj(turned)).real() / std::sqrt(power)};
    }
    return out;
}

SharedPart meanOf(double sum, double count) {
    if (count <= 0) return {0, 1};
    // The cosine of any angle has a variance of one half.
    return {sum / count, std::min(1.0, std::sqrt(0.5 * kBinsThatSayOne / count))};
}

SharedOfSide sideOf(const std::vector<Frame>& frames, float Bin::*power) {
    std::array<double, kBinsHeard> mean{};
    for (const Frame& f : frames) {
        for (std::size_t k = 0; k < kBinsHeard; ++k) mean[k] += f[k].*power;
    }
    for (double& m : mean) m /= static_cast<double>(frames.size());
    double usual = 0, usualCount = 0, loud = 0, loudCount = 0;
    for (const Frame& f : frames) {
        for (std::size_t k = 0; k < kBinsHeard; ++k) {
            const double here = f[k].*power;
            if (here <= 0) continue;
            if (here >= kUsualFrom * mean[k] && here < kUsualTo * mean[k]) {
                usual += f[k].cosine;
                ++usualCount;
            } else if (here >= kLoudFrom * mean[k]) {
                loud += f[k].cosine;
                ++loudCount;
            }
        }
    }
    return {meanOf(usual, usualCount), meanOf(loud, loudCount)};
}

}  // namespace

Result<SharedByLevel> sharedByLevel(WindowReader& reader, const std::vector<MatchedRange>& parts,
                                    int polarity, const JobControl& job) {
    std::size_t windows = 0;
    for (const auto& p : parts) windows += p.match.windows.size();
    const std::size_t step = std::max<std::size_t>(1, windows / kWindowsHeard);
    const Seconds half{0.5 * kWindow / WindowReader::kRate};
    Spectra spectra;
    std::vector<Frame> frames;
    std::size_t number = 0;
    for (const auto& p : parts) {
        for (const SlipWindow& w : p.match.windows) {
            if (number++ % step != 0) continue;
            if (job.stopRequested()) return cancelled();
            const Seconds from = p.match.line.toRecording(w.scratchTime - half);
            auto sound = reader.read(p.match.line, from, kWindow);
            if (!sound) return tl::unexpected(sound.error());
            const Seconds later = slipAt(p.match.windows, w.scratchTime) - sound->lagCorrection;
            const Spectrum turn = turnBy(later.value, polarity);
            for (std::size_t at = 0; at < kWindow; at += kFrame) {
                frames.push_back(compare(spectra, std::span(sound->scratch).subspan(at, kFrame),
                                         std::span(sound->clean).subspan(at, kFrame), turn));
            }
        }
    }
    if (frames.empty()) return fail(ErrorCode::Silent, {"silent-overlap"});
    return SharedByLevel{sideOf(frames, &Bin::take), sideOf(frames, &Bin::recording)};
}

}  // namespace brisk
