// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The two sounds of a place beside each other: moments of 85 ms, band by band.
///
///     auto frames = momentsByBand(reader, parts, polarity, job);
///     frames->front()[3].cosine()   // 1 where both are the same
#pragma once

#include <array>
#include <cmath>
#include <vector>

#include "align/follow/follow_clock.h"
#include "align/measure/window_reader.h"

namespace brisk {

/// Both sounds in one band for a moment.
struct BandMoment {
    double take = 0, recording = 0;  ///< Power.
    double both = 0;                 ///< Real part of the cross spectrum.

    /// Of the angle between them; only where both are heard.
    [[nodiscard]] double cosine() const { return both / std::sqrt(take * recording); }
    [[nodiscard]] bool heard() const { return take > 0 && recording > 0; }
};

/// Where voices are, by the ear's critical bands (Zwicker 1961): wide enough that what is weak in
/// one is weak, and not a bin in which sounds happen to cancel.
constexpr std::array kBandEdgesHz{100,  200,  300,  400,  510,  630,  770,  920,  1080, 1270,
                                  1480, 1720, 2000, 2320, 2700, 3150, 3700, 4400, 5300, 6400};
constexpr std::size_t kBandsBeside = kBandEdgesHz.size() - 1;
using MomentByBand = std::array<BandMoment, kBandsBeside>;

/// At WindowReader::kRate: a syllable, and a voice's tones apart.
constexpr int kMomentSamples = 4096;

/// Where the edge of a band lies in the spectrum of a moment.
constexpr std::size_t bandEdgeBin(std::size_t edge) {
    return static_cast<std::size_t>(kBandEdgesHz[edge] * kMomentSamples / WindowReader::kRate);
}

/// Of some 32 windows of the parts, 16 moments each; windows of a short take lie over each other.
/// None while somebody is under way.
/// \param parts     of a take, their windows and lines on scratch time.
/// \param polarity  -1 where one of the two is upside down.
/// Errors: CannotRead, Cancelled. Threads: as `reader`.
Result<std::vector<MomentByBand>> momentsByBand(WindowReader& reader,
                                                const std::vector<MatchedRange>& parts,
                                                int polarity, const JobControl& job);

}  // namespace brisk
