// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Onset strength in each band: how much louder the band becomes, measured against what is usual
/// around it. Echo, noise floor and equalisation mostly fall away; what begins when stays.
///
///     OnsetFlux flux(scan.bands);
///     flux.compute(first, count, out);   // kBands rows of `count`
#pragma once

#include <span>
#include <vector>

#include "features/band_levels.h"

namespace brisk {

class OnsetFlux {
  public:
    /// `levels` must outlive this.
    explicit OnsetFlux(const BandLevels& levels);

    /// Rows of `count` values, one row a band, into `out` (size kBands × count). Unit: deviations
    /// of the surrounding six seconds, clipped to -1..5. Outside the sound 0.
    void compute(std::int64_t first, std::int64_t count, std::span<float> out) const;

    [[nodiscard]] std::int64_t frames() const { return static_cast<std::int64_t>(levels_.size()); }
    /// True where nothing ever begins: silence, or one steady tone.
    [[nodiscard]] bool featureless() const { return featureless_; }

  private:
    /// Half decibels that each band rose by; 0 outside the sound.
    [[nodiscard]] BandFrame rise(std::int64_t n) const;

    const BandLevels& levels_;
    BandFrame floor_{};
    std::array<float, kBands> deviation_{};
    bool featureless_ = true;
};

}  // namespace brisk
