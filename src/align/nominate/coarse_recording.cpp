// SPDX-License-Identifier: GPL-3.0-or-later
// Overlap-save: blocks of the recording are transformed once, each take multiplies them with its
// own conjugate. Source: Oppenheim and Schafer, Discrete-Time Signal Processing, on overlap-save.
#include "align/nominate/coarse_recording.h"

#include <algorithm>

namespace brisk {
namespace {
/// Of a longer recording the later blocks are made anew for each take: 1.3 MB each, eleven hours.
constexpr std::size_t kMaxKept = 200;
}  // namespace

std::vector<double> runningEnergy(std::span<const float> rows, std::int64_t count) {
    const auto frames = static_cast<std::size_t>(count);
    std::vector<double> e(frames + 1, 0.0);
    for (std::size_t b = 0; b < kBands; ++b) {
        const auto row = rows.subspan(b * frames, frames);
        for (std::size_t n = 0; n < frames; ++n) {
            e[n + 1] += static_cast<double>(row[n]) * row[n];
        }
    }
    for (std::size_t n = 0; n < frames; ++n) e[n + 1] += e[n];
    return e;
}

CoarseRecording::CoarseRecording(const BandLevels& levels, Use use) : flux_(levels), use_(use) {
    const std::int64_t lags = flux_.frames() + kMaxSegmentLength;
    kept_.resize(static_cast<std::size_t>((lags + kUsable - 1) / kUsable));
    for (auto& k : kept_) k = std::make_unique<Kept>();
}

std::shared_ptr<const CoarseRecording::Block> CoarseRecording::block(std::size_t i,
                                                                     RealFourier& fourier) {
    if (use_ == Use::Once || i >= kMaxKept) return make(i, fourier);
    const std::scoped_lock hold(kept_[i]->lock);
    auto& block = kept_[i]->block;
    if (!block) block = make(i, fourier);
    return block;
}

std::shared_ptr<const CoarseRecording::Block> CoarseRecording::make(std::size_t i,
                                                                    RealFourier& fourier) const {
    auto block = std::make_shared<Block>();
    std::vector<float> rows(static_cast<std::size_t>(kBands) * kTransform);
    flux_.compute(firstFrame(i), kTransform, rows);
    block->energy = runningEnergy(rows, kTransform);
    for (std::size_t b = 0; b < kBands; ++b) {
        std::copy_n(rows.begin() + static_cast<std::ptrdiff_t>(b) * kTransform, kTransform,
                    fourier.time().begin());
        fourier.forward();
        block->spectra.push_back(packSpectrum(fourier.spectrum()));
    }
    return block;
}

}  // namespace brisk
