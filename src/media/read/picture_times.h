// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// When each picture frame of a take is shown, from the container's time stamps. The only way from
/// frame numbers to times: a variable frame rate has no formula.
///
///     PictureTimes times(std::move(pts), info.video->timeBase, info.video->firstPts);
///     times.frameAt(playhead);   // 212
///     times.timeOf(212);         // take time of its first instant
#pragma once

#include <cstdint>
#include <vector>

#include "core/rational.h"
#include "core/units.h"
#include "store/byte_stream.h"

namespace brisk {

/// One coded picture as the container tells of it.
struct PictureStamp {
    std::int64_t pts = 0;
    bool key = false;  ///< Can be decoded by itself.
};

class PictureTimes {
  public:
    PictureTimes() = default;
    /// \param stamps in any order, in `timeBase`; those before `firstPts` are never shown and
    ///               dropped.
    PictureTimes(const std::vector<PictureStamp>& stamps, Rational timeBase, std::int64_t firstPts);

    [[nodiscard]] std::int64_t count() const { return static_cast<std::int64_t>(ticks_.size()); }
    [[nodiscard]] bool empty() const { return ticks_.empty(); }

    /// Take time at which frame `n` appears; clamped to the frames there are.
    [[nodiscard]] Seconds timeOf(std::int64_t n) const;
    /// The frame on screen at `t`; clamped.
    [[nodiscard]] std::int64_t frameAt(Seconds t) const;
    /// The last frame at or before frame `n` that can be decoded by itself; clamped.
    [[nodiscard]] std::int64_t keyFrameBefore(std::int64_t n) const;
    /// Take time at which the last frame ends.
    [[nodiscard]] Seconds end() const;

    void save(ByteWriter& out) const;
    /// False where the bytes hold no picture times.
    bool load(ByteReader& in);

  private:
    std::vector<std::int64_t> ticks_;  // sorted, 0 = first picture
    std::vector<std::int64_t> keys_;   // those of them that are key frames, sorted
    Rational timeBase_{1, 1};
};

}  // namespace brisk
