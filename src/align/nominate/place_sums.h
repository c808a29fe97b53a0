// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Puts what windows of a take have in common with a recording upon the places that they mean: in a
/// large room no arrival stands out by itself, their power in twenty milliseconds does, and is
/// added up over the windows. Two clocks differ by less than that over two minutes.
///
///     PlaceSums sums(takeLength, recordingLength);
///     sums.add(window, firstLag, correlated);       // one block of lags after the other
///     sums.at(cell)
///
/// Shape: places are counted in cells of 10 ms at which take zero may lie, the first one negative.
/// Threads: one object a thread.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <vector>

#include "align/nominate/whitened_sound.h"

namespace brisk {

/// Samples at kWhitenedRate: 10 ms.
constexpr std::int64_t kPlaceCell = 40;
/// Of the frequencies that there are, those that hold sound.
constexpr double kWhitenedPartOfBand = 0.9;

class PlaceSums {
  public:
    /// Of one window, what it had in the cells before.
    struct Heard {
        std::int64_t start = 0;  ///< Of the window in the take, samples, a multiple of kPlaceCell.
        double chance = 0;       ///< Power of what it has in common with any other sound, a lag.
        // Of cells that are being filled.
        std::optional<std::int64_t> next;  // the cell that continues them
        float before = 0;                  // power of the last whole one
        std::array<float, 2> standing{};   // of the two spans before
    };

    /// Lengths in samples at kWhitenedRate.
    PlaceSums(std::int64_t takeLength, std::int64_t recordingLength);

    /// \param firstLag  of `lags`, a multiple of kPlaceCell, as their number is.
    void add(Heard& w, std::int64_t firstLag, std::span<const float> lags);

    /// First and one behind the last place.
    [[nodiscard]] std::int64_t first() const { return first_; }
    [[nodiscard]] std::int64_t end() const {
        return first_ + static_cast<std::int64_t>(sums_.size());
    }
    /// Deviations that all its windows stand out together; 0 where none was put.
    [[nodiscard]] float at(std::int64_t cell) const { return sums_[index(cell)]; }
    /// How many windows were put there.
    [[nodiscard]] int windowsAt(std::int64_t cell) const { return windows_[index(cell)]; }

  private:
    [[nodiscard]] std::size_t index(std::int64_t cell) const {
        return static_cast<std::size_t>(cell - first_);
    }
    void put(Heard& w, std::int64_t cell, float here);

    std::int64_t first_;
    std::vector<float> sums_;
    std::vector<std::uint8_t> windows_;
};

}  // namespace brisk
