// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Single decoded pictures of a take, for looking at. Not for export: that copies packets.
///
///     auto reader = PictureReader::open("press-02.mp4");
///     auto picture = reader->at(Seconds{8.48}, 640);
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <optional>
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
    Seconds end;       ///< Take time at which the next one does; the take's end for the last.
    std::vector<std::uint32_t> pixels;
};

/// What happens on the way from a key frame to the picture that is wanted.
struct PictureWay {
    /// Pictures from here on are told of when they are passed; none where it is empty.
    std::optional<Seconds> tellFrom;
    /// Told of the key frame too, at once, before the long way to the picture itself.
    bool tellKeyFrame = false;
    std::function<void(Picture)> passed;
    /// Asked between pictures: true gives up.
    std::function<bool()> stop;
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
    /// The same, telling of what it passes. Errors: also Cancelled.
    Result<Picture> at(Seconds t, int maxWidth, const PictureWay& way);
    /// The key frame at or before `t`: quick, however long the way from one to the next.
    Result<Picture> keyFrameBefore(Seconds t, int maxWidth);

  private:
    struct State;
    explicit PictureReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk
