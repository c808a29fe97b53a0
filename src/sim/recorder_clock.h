// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a recorder counts time that passes.
#pragma once

#include <vector>

#include "sim/course.h"

namespace brisk::sim {

/// World time to seconds it has counted, both from its start.
class RecorderClock {
  public:
    /// \param ppm  always there.   \param warmth  ppm more, over world time.
    /// \param seconds  for which it is asked.
    RecorderClock(double ppm, const Course& warmth, double seconds);
    [[nodiscard]] double counted(double world) const;
    [[nodiscard]] double world(double counted) const;
    [[nodiscard]] bool steady() const { return steady_; }

  private:
    double ppm_;
    bool steady_;
    std::vector<double> extra_;  // seconds counted beyond `ppm`, ten a second
};

}  // namespace brisk::sim
