// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A spectrum in half the memory of floats, for a search that walks through many of them: sixteen
/// bits a value, real and imaginary parts apart, one scale for all.
///
///     auto a = packSpectrum(fourier.spectrum());
///     sumOfProducts(recordingBands, takeBands, fourier.spectrum());
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

/// out = the sum of a[i] × conj(b[i]), bin by bin. \param out  as long as each of them.
void sumOfProducts(std::span<const PackedSpectrum> a, std::span<const PackedSpectrum> b,
                   std::span<std::complex<float>> out);

}  // namespace brisk
