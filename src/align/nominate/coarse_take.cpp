// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/nominate/coarse_take.h"

#include <algorithm>
#include <cmath>

#include "align/nominate/coarse_recording.h"

namespace brisk {
namespace {
constexpr double kSegmentSeconds = CoarseRecording::kMaxSegmentLength / kBandFramesPerSecond;
}

int CoarseTake::segmentsOf(std::size_t levels) {
    const double seconds = static_cast<double>(levels) / kBandFramesPerSecond;
    return std::clamp(static_cast<int>(std::ceil(seconds / kSegmentSeconds)), 1, kMaxSegments);
}

CoarseTake::CoarseTake(const BandLevels& levels) {
    const OnsetFlux flux(levels);
    frames_ = flux.frames();
    featureless_ = frames_ == 0 || flux.featureless();
    if (featureless_) return;
    const int count = segmentsOf(static_cast<std::size_t>(frames_));
    const double seconds = static_cast<double>(frames_) / kBandFramesPerSecond;
    const auto length = static_cast<std::int64_t>(std::min(kSegmentSeconds, seconds / count) *
                                                  kBandFramesPerSecond);
    RealFourier fourier(CoarseRecording::kTransform);
    segments_.resize(static_cast<std::size_t>(count));
    for (int i = 0; i < count; ++i) {
        Segment& s = segments_[static_cast<std::size_t>(i)];
        s.frames = length;
        s.first = count == 1 ? 0 : (frames_ - length) * i / (count - 1);
        std::vector<float> rows(kBands * static_cast<std::size_t>(length));
        flux.compute(s.first, length, rows);
        s.energy = runningEnergy(rows, length);
        for (std::size_t b = 0; b < kBands; ++b) {
            auto time = fourier.time();
            std::fill(time.begin(), time.end(), 0.0f);
            std::copy_n(rows.begin() + static_cast<std::ptrdiff_t>(b) * length, length,
                        time.begin());
            fourier.forward();
            s.spectrum.push_back(packSpectrum(fourier.spectrum()));
        }
    }
}

}  // namespace brisk
