// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// When a long recording that is still being read is worth searching as far as it is known.
///
///     ReadSoFar soFar(rate, Seconds{2});
///     while (read()) if (soFar.due(samples)) tell(...);
#pragma once

#include <chrono>
#include <cstdint>

#include "core/units.h"

namespace brisk {

class ReadSoFar {
  public:
    /// \param wait  a file that is read within that time is not worth it.
    ReadSoFar(SampleRate rate, Seconds wait);

    /// First after some minutes of sound, and then each time it has doubled: all that is searched
    /// anew is then no more than the whole once.
    bool due(std::int64_t samples);

  private:
    std::int64_t next_;
    std::chrono::steady_clock::time_point from_;
};

}  // namespace brisk
