// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Outlines of a sound at every zoom: minimum, maximum and RMS over 256 samples, and over groups of
/// four of those, and so on. Fills while the file is read; may be drawn meanwhile.
///
///     pyramid->push(mono);                               // reading thread
///     auto columns = pyramid->columns(from, perPixel, width);   // drawing thread
#pragma once

#include <cstdint>
#include <mutex>
#include <span>
#include <vector>

#include "store/byte_stream.h"

namespace brisk {

/// Extremes and RMS of one stretch, full scale = 1. `known` is false where nothing was read.
struct PeakColumn {
    float low = 0;
    float high = 0;
    float rms = 0;
    bool known = false;
};

class PeakPyramid {
  public:
    static constexpr int kBaseSamples = 256;

    PeakPyramid();
    void push(std::span<const float> mono);
    void finish();

    /// `count` columns of `samplesPerColumn` each, the first beginning at sample `first` (which may
    /// be negative). Any number of samples a column; below 256 columns repeat their base entry.
    [[nodiscard]] std::vector<PeakColumn> columns(double first, double samplesPerColumn,
                                                  int count) const;
    /// The largest magnitude so far.
    [[nodiscard]] float largest() const;
    [[nodiscard]] std::int64_t samples() const;

    /// The finest level, from which the others are made again.
    void save(ByteWriter& out) const;
    /// Into a new pyramid. False where the bytes hold no pyramid.
    bool load(ByteReader& in);
    /// Becomes the other, which may not be in use.
    void take(PeakPyramid&& other);

  private:
    struct Entry {
        std::int16_t low = 0;
        std::int16_t high = 0;
        std::uint16_t rms = 0;
    };
    void closeBase();
    void append(std::size_t level, Entry e);
    static Entry join(std::span<const Entry> four);

    mutable std::mutex mutex_;
    std::vector<std::vector<Entry>> levels_;
    std::int64_t samples_ = 0;
    int inBase_ = 0;
    float low_ = 0;
    float high_ = 0;
    double power_ = 0;
    float largest_ = 0;
};

}  // namespace brisk
