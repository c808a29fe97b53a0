// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A take as the coarse search sees it: onset patterns of its segments, transformed. Made once for
/// all the recordings that it is looked for in.
///
///     const CoarseTake look(take.bands);
///     for (auto& recording : recordings) coarseSearch(look, *recording, job);
#pragma once

#include <vector>

#include "align/nominate/packed_spectrum.h"
#include "features/band_levels.h"

namespace brisk {

/// Threads: safe once it is made.
class CoarseTake {
  public:
    /// A minute at most; a megabyte each.
    struct Segment {
        std::int64_t first = 0;
        std::int64_t frames = 0;
        std::vector<PackedSpectrum> spectrum;  ///< One a band.
        std::vector<double> energy;            ///< Running, frames + 1.
    };
    static constexpr int kMaxSegments = 8;

    /// How many segments a take of so many levels is looked at in.
    static int segmentsOf(std::size_t levels);

    enum class Look {
        Whole,
        TellingMinute  ///< Only the segment in which most begins.
    };
    explicit CoarseTake(const BandLevels& levels, Look look = Look::Whole);

    [[nodiscard]] std::int64_t frames() const { return frames_; }
    /// Nothing ever begins in it; then it has no segments.
    [[nodiscard]] bool featureless() const { return featureless_; }
    [[nodiscard]] const std::vector<Segment>& segments() const { return segments_; }

  private:
    std::int64_t frames_ = 0;
    bool featureless_ = false;
    std::vector<Segment> segments_;
};

}  // namespace brisk
