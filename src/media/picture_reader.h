// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Single decoded pictures of a take, for looking at. Not for export: that copies packets.
///
///     auto reader = PictureReader::open("press-02.mp4");
///     auto picture = reader->at(Seconds{8.48}, 640);
#pragma once

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

#include "core/result.h"
#include "core/units.h"

namespace brisk {

/// 32-bit pixels, 0xffRRGGBB, rows without padding, not yet rotated.
struct Picture {
    int width = 0;
    int height = 0;
    int rotation = 0;  ///< Clockwise degrees to turn it for display.
    Seconds time;      ///< Take time at which it appears.
    std::vector<std::uint32_t> pixels;
};

class PictureReader {
  public:
    static Result<PictureReader> open(const std::string& path);
    PictureReader(PictureReader&&) noexcept;
    PictureReader& operator=(PictureReader&&) noexcept;
    ~PictureReader();

    /// The picture on screen at take time `t`, scaled to at most `maxWidth`; the first or last one
    /// outside the take. Errors: CannotRead.   Threads: one at a time.
    Result<Picture> at(Seconds t, int maxWidth);

  private:
    struct State;
    explicit PictureReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk
