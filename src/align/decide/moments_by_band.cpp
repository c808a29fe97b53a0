// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/moments_by_band.h"

#include <algorithm>
#include <complex>
#include <numbers>

#include "dsp/fourier.h"

namespace brisk {
namespace {

constexpr int kWindow = 1 << 16;
constexpr std::size_t kWindowsHeard = 32;
constexpr std::size_t kLow = bandEdgeBin(0), kBinsHeard = bandEdgeBin(kBandsBeside) - kLow;
using Spectrum = std::array<std::complex<float>, kBinsHeard>;

class Spectra {
  public:
    Spectra() : fourier_(kMomentSamples), taper_(kMomentSamples) {
        for (std::size_t n = 0; n < taper_.size(); ++n) {
            taper_[n] = 0.5f - 0.5f * std::cos(2 * std::numbers::pi_v<float> *
                                               static_cast<float>(n) / kMomentSamples);
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
        const double hz = static_cast<double>(kLow + k) * WindowReader::kRate / kMomentSamples;
        out[k] = static_cast<float>(polarity) *
                 std::complex<float>(std::polar(1.0, -2 * std::numbers::pi * hz * later));
    }
    return out;
}

MomentByBand compare(Spectra& spectra, std::span<const float> take,
                     std::span<const float> recording, const Spectrum& turn) {
    const Spectrum a = spectra.of(take);
    const Spectrum b = spectra.of(recording);
    MomentByBand out;
    for (std::size_t band = 0; band < kBandsBeside; ++band) {
        BandMoment& h = out[band];
        for (std::size_t k = bandEdgeBin(band) - kLow; k < bandEdgeBin(band + 1) - kLow; ++k) {
            h.take += std::norm(a[k]);
            h.recording += std::norm(b[k]);
            h.both += (a[k] * std::conj(b[k] * turn[k])).real();
        }
    }
    return out;
}

}  // namespace

Result<std::vector<MomentByBand>> momentsByBand(WindowReader& reader,
                                                const std::vector<MatchedRange>& parts,
                                                int polarity, const JobControl& job) {
    std::size_t windows = 0;
    for (const auto& p : parts) windows += p.match.windows.size();
    const std::size_t step = std::max<std::size_t>(1, windows / kWindowsHeard);
    const Seconds half{0.5 * kWindow / WindowReader::kRate};
    Spectra spectra;
    std::vector<MomentByBand> frames;
    std::size_t number = 0;
    for (const auto& p : parts) {
        for (const SlipWindow& w : p.match.windows) {
            // While somebody is under way the two lie beside each other nowhere.
            if (number++ % step != 0 || w.underWay) continue;
            if (job.stopRequested()) return cancelled();
            const Seconds from = p.match.line.toRecording(w.scratchTime - half);
            auto sound = reader.read(p.match.line, from, kWindow);
            if (!sound) return tl::unexpected(sound.error());
            const Seconds later = slipAt(p.match.windows, w.scratchTime) - sound->lagCorrection;
            const Spectrum turn = turnBy(later.value, polarity);
            for (std::size_t at = 0; at < kWindow; at += kMomentSamples) {
                frames.push_back(
                    compare(spectra, std::span(sound->scratch).subspan(at, kMomentSamples),
                            std::span(sound->clean).subspan(at, kMomentSamples), turn));
            }
        }
    }
    return frames;
}

}  // namespace brisk
