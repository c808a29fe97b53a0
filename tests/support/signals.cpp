// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/signals.h"

#include <cmath>
#include <numbers>

#include "sim/noise.h"

namespace brisk::test {

std::vector<float> babble(double seconds, int rate, std::uint64_t seed) {
    sim::NoiseSource random(seed);
    std::vector<float> out(static_cast<std::size_t>(seconds * rate));
    std::size_t n = 0;
    while (n < out.size()) {
        // One syllable: two resonances, a quick rise, a slower fall.
        const auto length = static_cast<std::size_t>((0.08 + 0.25 * random.uniform()) * rate);
        const double f1 = 250 + 600 * random.uniform();
        const double f2 = 900 + 2600 * random.uniform();
        const double level = 0.1 + 0.4 * random.uniform();
        constexpr double kRing = 0.985;
        const double c1 = 2 * kRing * std::cos(2 * std::numbers::pi * f1 / rate);
        const double c2 = 2 * kRing * std::cos(2 * std::numbers::pi * f2 / rate);
        double y1 = 0, y2 = 0, z1 = 0, z2 = 0;
        const auto resonate = [](double in, double c, double& a, double& b) {
            const double v = in + c * a - kRing * kRing * b;
            b = a;
            a = v;
            return v;
        };
        for (std::size_t i = 0; i < length && n < out.size(); ++i, ++n) {
            const double u = static_cast<double>(i) / static_cast<double>(length);
            const double shape = std::min(1.0, u / 0.08) * (1 - u) * std::sqrt(1 - u);
            const double white = random.normal();
            const double v = resonate(white, c1, y1, y2) + resonate(white, c2, z1, z2) + white;
            out[n] = static_cast<float>(0.04 * level * shape * v);
        }
        const double pause = random.uniform() < 0.15 ? 0.7 : 0.12;
        n += static_cast<std::size_t>(pause * random.uniform() * rate);
    }
    float peak = 1e-6f;
    for (const float v : out) peak = std::max(peak, std::fabs(v));
    for (float& v : out) v *= 0.5f / peak;
    return out;
}

std::vector<float> whiteNoise(double seconds, int rate, double deviation, std::uint64_t seed) {
    sim::NoiseSource random(seed);
    std::vector<float> out(static_cast<std::size_t>(seconds * rate));
    for (float& v : out) v = static_cast<float>(deviation) * random.normal();
    return out;
}

std::vector<float> sine(double seconds, int rate, double hertz) {
    std::vector<float> out(static_cast<std::size_t>(seconds * rate));
    for (std::size_t n = 0; n < out.size(); ++n) {
        out[n] = static_cast<float>(
            0.5 * std::sin(2 * std::numbers::pi * hertz * static_cast<double>(n) / rate));
    }
    return out;
}

std::vector<float> onFastClock(const std::vector<float>& in, double ppm) {
    // Output sample n is the input at n / (1 + ppm): a fast clock makes more samples.
    const double speed = 1 + ppm * 1e-6;
    std::vector<float> out(static_cast<std::size_t>(static_cast<double>(in.size()) * speed));
    constexpr int kHalf = 24;
    for (std::size_t n = 0; n < out.size(); ++n) {
        const double at = static_cast<double>(n) / speed;
        const auto whole = static_cast<std::int64_t>(std::floor(at));
        const double part = at - static_cast<double>(whole);
        const double sine = std::sin(std::numbers::pi * part);
        double sum = part < 1e-12 && whole < static_cast<std::int64_t>(in.size())
                         ? in[static_cast<std::size_t>(whole)]
                         : 0;
        for (std::int64_t k = whole - kHalf + 1; sine > 1e-12 && k <= whole + kHalf; ++k) {
            if (k < 0 || k >= static_cast<std::int64_t>(in.size())) continue;
            const double x = at - static_cast<double>(k);
            // sin(pi x) only changes its sign from tap to tap.
            const double s = ((whole - k) % 2 == 0 ? sine : -sine) / (std::numbers::pi * x);
            const double r = x / (kHalf + 1);
            sum += in[static_cast<std::size_t>(k)] * s * (1 - r * r) * (1 - r * r);
        }
        out[n] = static_cast<float>(sum);
    }
    return out;
}

std::vector<float> onChannels(const std::vector<float>& mono, int channels) {
    std::vector<float> out;
    out.reserve(mono.size() * static_cast<std::size_t>(channels));
    for (const float v : mono) out.insert(out.end(), static_cast<std::size_t>(channels), v);
    return out;
}

}  // namespace brisk::test
