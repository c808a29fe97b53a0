// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether windows agree with each other: what each of them says by itself, searched freely over
/// ±36 ms, is looked up in the stack of all the others. In a room the windows point at the direct
/// sound or at one of a few strong reflections; the stack holds them all.
#pragma once

#include <span>
#include <vector>

#include "align/measure/slope_search.h"

namespace brisk {

class WindowAgreement {
  public:
    /// \param lags  where each curve should agree, seconds; NaN leaves it out of the stack.
    WindowAgreement(std::span<const Curve> curves, std::span<const double> lags, int polarity);

    /// One of the curves, or another. Also adds to the chance that a window which says nothing
    /// would seem to agree.
    bool agrees(const Curve& c, double lag);

    /// That chance, as a mean over the windows asked.
    [[nodiscard]] double chance() const;

  private:
    [[nodiscard]] double value(const std::vector<double>& v, int k) const;
    int polarity_;
    std::vector<double> all_;
    double chance_ = 0;
    int asked_ = 0;
};

/// Of each curve, whether it agrees with all the others.
/// \param lags    of each, as above.
/// \param chance  if given, that one would by luck.
std::vector<bool> whichAgree(const std::vector<Curve>& curves, const std::vector<double>& lags,
                             int polarity, double* chance = nullptr);

/// How many of them do along the line that they share.
int agreeingAlong(const std::vector<Curve>& curves, const CommonLine& line);

}  // namespace brisk
