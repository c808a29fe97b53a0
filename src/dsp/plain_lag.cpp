// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/plain_lag.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <complex>
#include <vector>

#include "core/parabolic_peak.h"
#include "dsp/fourier.h"

namespace brisk {

PlainLag measureLag(std::span<const float> a, std::span<const float> b, int maxLag) {
    assert(maxLag >= 0);
    const std::size_t n = std::min(a.size(), b.size());
    double ea = 0, eb = 0;
    for (std::size_t i = 0; i < n; ++i) {
        ea += static_cast<double>(a[i]) * a[i];
        eb += static_cast<double>(b[i]) * b[i];
    }
    if (ea <= 0 || eb <= 0) return {};
    RealFourier f(powerOfTwoAtLeast(static_cast<long long>(n) + maxLag + 1));
    const auto load = [&](std::span<const float> x) {
        auto t = f.time();
        std::fill(t.begin(), t.end(), 0.0f);
        std::copy_n(x.begin(), n, t.begin());
        f.forward();
    };
    load(a);
    const std::vector<std::complex<float>> sa(f.spectrum().begin(), f.spectrum().end());
    load(b);
    auto s = f.spectrum();
    for (std::size_t k = 0; k < s.size(); ++k) s[k] *= std::conj(sa[k]);
    f.inverse();
    const auto t = f.time();
    const auto at = [&](int lag) {
        return static_cast<double>(t[static_cast<std::size_t>((lag + f.size()) % f.size())]);
    };
    int best = 0;
    for (int lag = -maxLag; lag <= maxLag; ++lag) {
        if (at(lag) > at(best)) best = lag;
    }
    const double part = peakBetween(at(best - 1), at(best), at(best + 1));
    return {best + part, at(best) / std::sqrt(ea * eb)};
}

}  // namespace brisk
