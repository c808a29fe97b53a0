// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How much two sounds have in common, band by band, all windows together: what a room does to a
/// frequency is the same in each of them, what somebody else says or what rustles is not.
///
///     BandCoherence shared(correlator.bins());
///     for (...) shared.add(scratch, clean, lag);
///     const auto worth = shared.worth();
///     correlator.correlate(scratch, clean, {floor, worth}, curve);
#pragma once

#include <complex>
#include <vector>

#include "align/measure/gcc_phat.h"

namespace brisk {

/// Threads: one object a thread.
class BandCoherence {
  public:
    explicit BandCoherence(WindowBins bins) : bins_(bins) {}

    /// One more window, in which the clean sound has to be moved `lag` seconds later.
    void add(const WindowSpectrum& scratch, const WindowSpectrum& clean, double lag);

    /// What each block of a window's spectrum is worth: how long the mean of the unit vectors is, 0
    /// (nothing in common) to 1. Directions whose spread is about the same count best by their mean
    /// (a matched filter). Source: Knapp & Carter 1976, the generalized correlation method.
    [[nodiscard]] std::vector<float> worth() const;

  private:
    WindowBins bins_;
    std::vector<std::complex<float>> sum_;  // of unit vectors, a bin each
    int windows_ = 0;
};

}  // namespace brisk
