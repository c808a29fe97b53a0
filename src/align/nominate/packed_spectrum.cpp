// SPDX-License-Identifier: GPL-3.0-or-later
// Sixteen bits a value are enough where the result is normalised by its own deviation. Why not
// eight: a block of four hours has onsets 50 dB apart, and eight bits would round the weak ones
// away.
#include "align/nominate/packed_spectrum.h"

#include <algorithm>
#include <array>
#include <cassert>
#include <cmath>

#include "dsp/fast_loop.h"

namespace brisk {
namespace {
/// Two products of this size still fit into 32 bits together.
constexpr float kLargest = 16383.0f;
/// Bins of which the sums stay in the nearest cache, however many are added up.
constexpr std::size_t kBinsAtOnce = 1024;

BRISK_FAST_LOOP void addProducts(const PackedSpectrum& a, const PackedSpectrum& b, std::size_t from,
                                 std::size_t n, float* re, float* im) {
    const float scale = a.scale * b.scale;
    const std::int16_t* ar = a.re.data() + from;
    const std::int16_t* ai = a.im.data() + from;
    const std::int16_t* br = b.re.data() + from;
    const std::int16_t* bi = b.im.data() + from;
    for (std::size_t k = 0; k < n; ++k) {
        re[k] += scale * static_cast<float>(ar[k] * br[k] + ai[k] * bi[k]);
        im[k] += scale * static_cast<float>(ai[k] * br[k] - ar[k] * bi[k]);
    }
}
}  // namespace

PackedSpectrum packSpectrum(std::span<const std::complex<float>> spectrum) {
    float largest = 0;
    for (const auto& v : spectrum) {
        largest = std::max({largest, std::fabs(v.real()), std::fabs(v.imag())});
    }
    PackedSpectrum p;
    p.re.resize(spectrum.size());
    p.im.resize(spectrum.size());
    p.scale = largest / kLargest;
    if (largest <= 0) return p;
    const float gain = kLargest / largest;
    for (std::size_t k = 0; k < spectrum.size(); ++k) {
        p.re[k] = static_cast<std::int16_t>(std::lrint(spectrum[k].real() * gain));
        p.im[k] = static_cast<std::int16_t>(std::lrint(spectrum[k].imag() * gain));
    }
    return p;
}

void sumOfProducts(std::span<const PackedSpectrum> a, std::span<const PackedSpectrum> b,
                   std::span<std::complex<float>> out) {
    assert(a.size() == b.size());
    std::array<float, kBinsAtOnce> re, im;
    for (std::size_t from = 0; from < out.size(); from += kBinsAtOnce) {
        const std::size_t n = std::min(kBinsAtOnce, out.size() - from);
        re.fill(0);
        im.fill(0);
        for (std::size_t i = 0; i < a.size(); ++i) {
            addProducts(a[i], b[i], from, n, re.data(), im.data());
        }
        for (std::size_t k = 0; k < n; ++k) out[from + k] = {re[k], im[k]};
    }
}

}  // namespace brisk
