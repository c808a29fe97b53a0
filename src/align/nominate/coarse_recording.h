// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A recording as the coarse search sees it: onset patterns in blocks, transformed. The takes that
/// are searched in the same recording share it, so that it is worked out once.
///
///     auto searched = std::make_shared<CoarseRecording>(recording.bands);
///     coarseSearch(take.bands, *searched, job);
#pragma once

#include <memory>
#include <mutex>
#include <vector>

#include "align/nominate/packed_spectrum.h"
#include "align/nominate/whitened_sound.h"
#include "dsp/fourier.h"
#include "features/onset_flux.h"

namespace brisk {

/// A row of onset patterns' energies, added up: entry n holds that of the first n frames.
std::vector<double> runningEnergy(std::span<const float> rows, std::int64_t count);

/// Threads: safe.
class CoarseRecording {
  public:
    static constexpr int kTransform = 1 << 15;
    /// Of a segment that is looked for: a minute.
    static constexpr std::int64_t kMaxSegmentLength = 7500;
    /// Lags that one block answers for.
    static constexpr std::int64_t kUsable = kTransform - kMaxSegmentLength;

    struct Block {
        std::vector<PackedSpectrum> spectra;  ///< One a band.
        std::vector<double> energy;           ///< kTransform + 1.
    };

    /// Searched by one take, which needs each block once, or by several.
    enum class Use { Once, Often };

    /// `levels` must outlive this.
    explicit CoarseRecording(const BandLevels& levels, Use use = Use::Once);

    [[nodiscard]] const OnsetFlux& flux() const { return flux_; }
    [[nodiscard]] std::size_t blocks() const { return kept_.size(); }
    /// The frame at which block `i` begins: before the recording at first.
    [[nodiscard]] static std::int64_t firstFrame(std::size_t i) {
        return static_cast<std::int64_t>(i) * kUsable - kMaxSegmentLength;
    }
    /// \param fourier  of kTransform values, the caller's own.
    std::shared_ptr<const Block> block(std::size_t i, RealFourier& fourier);
    /// Of the same recording, for takes of which the onsets show nothing.
    [[nodiscard]] WhitenedRecording& whitened() { return whitened_; }

  private:
    struct Kept {
        std::mutex lock;
        std::shared_ptr<const Block> block;
    };
    [[nodiscard]] std::shared_ptr<const Block> make(std::size_t i, RealFourier& fourier) const;

    OnsetFlux flux_;
    Use use_;
    std::vector<std::unique_ptr<Kept>> kept_;
    WhitenedRecording whitened_;
};

}  // namespace brisk
