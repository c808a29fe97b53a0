// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/read_so_far.h"

namespace brisk {
namespace {
constexpr Seconds kFirst{180};
}

ReadSoFar::ReadSoFar(SampleRate rate, Seconds wait)
    : next_(rate.samples(kFirst)),
      from_(std::chrono::steady_clock::now() +
            std::chrono::duration_cast<std::chrono::steady_clock::duration>(
                std::chrono::duration<double>(wait.value))) {}

bool ReadSoFar::due(std::int64_t samples) {
    if (samples < next_ || std::chrono::steady_clock::now() < from_) return false;
    next_ = 2 * samples;
    return true;
}

}  // namespace brisk
