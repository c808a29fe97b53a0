// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The truth about a simulated pair: what take time is which recording time, through lost samples
/// on either side, a clock that changes with warmth, and the way of the sound.
#pragma once

#include <utility>
#include <vector>

#include "core/clock_line.h"

namespace brisk::bench {

/// Samples that one side lost, or had twice.
struct Loss {
    bool inTake = false;
    double at = 0;        ///< World time.
    double seconds = 0;   ///< Negative = repeated.
    bool silent = false;  ///< Honest time stamps: silence stands in its place, nothing moves.
};

/// Values at world times, straight in between, level beyond.
using Course = std::vector<std::pair<double, double>>;
double valueAt(const Course& course, double time);
std::pair<double, double> extremes(const Course& course);

struct TruthSegment {
    double takeStart = 0;
    double takeEnd = 0;
    ClockLine line;
    bool jumpsHere = false;  ///< Something was lost or repeated at its start.
};

/// A recorder's clock: world time to seconds it has counted, both from its start.
class RecorderClock {
  public:
    /// \param ppm  always there.   \param warmth  ppm more, over world time.
    RecorderClock(double ppm, const Course& warmth, double seconds);
    [[nodiscard]] double counted(double world) const;
    [[nodiscard]] double world(double counted) const;
    [[nodiscard]] bool steady() const { return steady_; }

  private:
    double ppm_;
    bool steady_;
    std::vector<double> extra_;  // seconds counted beyond `ppm`, ten a second
};

struct TruthSpec {
    double takeStart = 0;  ///< World time of the take's first sample.
    double takeSeconds = 0;
    double recordingSeconds = 0;  ///< World time.
    double air = 0;               ///< Seconds that the sound comes later to the camera.
};

/// Over what both sides share, in order of take time.
std::vector<TruthSegment> truthOf(const TruthSpec& spec, const std::vector<Loss>& losses,
                                  const RecorderClock& clock);

}  // namespace brisk::bench
