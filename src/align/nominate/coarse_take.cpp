// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/coarse_take.h"

#include <algorithm>
#include <cmath>

#include "align/nominate/coarse_recording.h"

namespace brisk {
namespace {

constexpr double kSegmentSeconds = CoarseRecording::kMaxSegmentLength / kBandFramesPerSecond;

/// What begins in a segment of a take.
struct Onsets {
    std::int64_t first = 0, frames = 0;
    std::vector<float> rows;     // one a band
    std::vector<double> energy;  // running
};

Onsets onsetsOf(const OnsetFlux& flux, std::int64_t first, std::int64_t frames) {
    Onsets out{first, frames, std::vector<float>(kBands * static_cast<std::size_t>(frames)), {}};
    flux.compute(first, frames, out.rows);
    out.energy = runningEnergy(out.rows, frames);
    return out;
}

CoarseTake::Segment transformed(Onsets onsets, RealFourier& fourier) {
    CoarseTake::Segment out{onsets.first, onsets.frames, {}, std::move(onsets.energy)};
    for (std::size_t b = 0; b < kBands; ++b) {
        auto time = fourier.time();
        std::fill(time.begin(), time.end(), 0.0f);
        std::copy_n(onsets.rows.begin() + static_cast<std::ptrdiff_t>(b) * onsets.frames,
                    onsets.frames, time.begin());
        fourier.forward();
        out.spectrum.push_back(packSpectrum(fourier.spectrum()));
    }
    return out;
}

}  // namespace

int CoarseTake::segmentsOf(std::size_t levels) {
    const double seconds = static_cast<double>(levels) / kBandFramesPerSecond;
    return std::clamp(static_cast<int>(std::ceil(seconds / kSegmentSeconds)), 1, kMaxSegments);
}

CoarseTake::CoarseTake(const BandLevels& levels, Look look) {
    const OnsetFlux flux(levels);
    frames_ = flux.frames();
    featureless_ = frames_ == 0 || flux.featureless();
    if (featureless_) return;
    const int count = segmentsOf(static_cast<std::size_t>(frames_));
    const double seconds = static_cast<double>(frames_) / kBandFramesPerSecond;
    const auto length = static_cast<std::int64_t>(std::min(kSegmentSeconds, seconds / count) *
                                                  kBandFramesPerSecond);
    std::vector<Onsets> segments;
    for (int i = 0; i < count; ++i) {
        const std::int64_t first = count == 1 ? 0 : (frames_ - length) * i / (count - 1);
        segments.push_back(onsetsOf(flux, first, length));
        if (look == Look::TellingMinute && segments.size() == 2) {
            segments.erase(segments[0].energy.back() < segments[1].energy.back()
                               ? segments.begin()
                               : segments.begin() + 1);
        }
    }
    RealFourier fourier(CoarseRecording::kTransform);
    for (Onsets& s : segments) segments_.push_back(transformed(std::move(s), fourier));
}

}  // namespace brisk
