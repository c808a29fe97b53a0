// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A spectrum in half the memory of floats, for a search that walks through many of them: sixteen
/// bits a value, real and imaginary parts apart, one scale for all.
///
///     auto a = packSpectrum(fourier.spectrum());
///     SpectrumSum sum(a.size()); sum.add(a, b); sum.writeTo(fourier.spectrum());
///
/// Shape: kept values are within 1 / 16383 of the largest one, 84 dB below it. For onset patterns,
/// whose search is normalised by deviations, that is far below chance.
#pragma once

#include <complex>
#include <cstdint>
#include <span>
#include <vector>

namespace brisk {

struct PackedSpectrum {
    std::vector<std::int16_t> re, im;
    float scale = 0;  ///< What one step is worth.

    [[nodiscard]] std::size_t size() const { return re.size(); }
};

PackedSpectrum packSpectrum(std::span<const std::complex<float>> spectrum);

/// Adds up products. Threads: one object a thread.
class SpectrumSum {
  public:
    explicit SpectrumSum(std::size_t size) : re_(size), im_(size) {}
    void clear();
    /// sum += a × conj(b); both as long as the sum.
    void add(const PackedSpectrum& a, const PackedSpectrum& b);
    void writeTo(std::span<std::complex<float>> out) const;

  private:
    std::vector<float> re_, im_;
};

}  // namespace brisk
