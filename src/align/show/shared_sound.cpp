// SPDX-License-Identifier: GPL-3.0-or-later
// In each band the onsets of both are multiplied; what only one of them has falls away. Why not
// the two outlines: a lavalier and a camera 20 m away look nothing alike where they say the same.
#include "align/show/shared_sound.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "features/onset_flux.h"

namespace brisk {
namespace {

constexpr std::int64_t kBlock = 1 << 13;  // band frames, about a minute
constexpr double kAround = 60;            // seconds of clean sound on either side
constexpr std::int64_t kSmooth = 5;       // band frames either way: 40 ms
constexpr double kMinAlike = 0.04;        // of a band that says nothing alike

using Weights = std::array<double, kBands>;

struct Overlap {
    const OnsetFlux& scratch;
    const OnsetFlux& clean;
    ClockLine line;

    [[nodiscard]] std::int64_t cleanFrame(std::int64_t scratchFrame) const {
        const Seconds t{static_cast<double>(scratchFrame) / kBandFramesPerSecond};
        return std::llround(line.toRecording(t).value * kBandFramesPerSecond);
    }
};

/// What begins, by a triangle: an echo smears when things begin, and the eye compares shapes, not
/// single frames.
std::vector<float> smoothed(const std::vector<float>& v) {
    std::vector<float> out(v.size());
    const auto count = static_cast<std::int64_t>(v.size());
    for (std::int64_t n = 0; n < count; ++n) {
        float sum = 0;
        for (std::int64_t k = -kSmooth; k <= kSmooth; ++k) {
            const std::int64_t at = std::clamp<std::int64_t>(n + k, 0, count - 1);
            sum += static_cast<float>(kSmooth + 1 - std::abs(k)) * v[static_cast<std::size_t>(at)];
        }
        out[static_cast<std::size_t>(n)] = std::max(0.0f, sum / ((kSmooth + 1) * (kSmooth + 1)));
    }
    return out;
}

/// How much each band counts, from a sample of blocks along the overlap: its correlation, squared.
Result<Weights> bandWeights(const Overlap& o, const JobControl& job) {
    std::array<double, kBands> product{}, scratchPower{}, cleanPower{};
    constexpr std::int64_t kBlocks = 16;
    const std::int64_t frames = o.scratch.frames();
    const std::int64_t length = std::min(kBlock, frames);
    const std::int64_t blocks = std::min(kBlocks, std::max<std::int64_t>(1, frames / kBlock));
    std::vector<float> a(kBands * static_cast<std::size_t>(length)), b(a.size());
    for (std::int64_t i = 0; i < blocks; ++i) {
        if (job.stopRequested()) return cancelled();
        const std::int64_t at = blocks == 1 ? 0 : (frames - length) * i / (blocks - 1);
        o.scratch.compute(at, length, a);
        o.clean.compute(o.cleanFrame(at), length, b);
        for (std::size_t n = 0; n < a.size(); ++n) {
            const std::size_t band = n / static_cast<std::size_t>(length);
            product[band] += static_cast<double>(a[n]) * b[n];
            scratchPower[band] += static_cast<double>(a[n]) * a[n];
            cleanPower[band] += static_cast<double>(b[n]) * b[n];
        }
    }
    Weights w{};
    for (std::size_t band = 0; band < kBands; ++band) {
        const double power = std::sqrt(scratchPower[band] * cleanPower[band]);
        // A band that is empty in one of them tells nothing at all.
        if (power <= 0) continue;
        const double alike = std::max(kMinAlike, product[band] / power);
        w[band] = alike * alike;
    }
    return w;
}

Result<OnsetCurve> curveOf(const OnsetFlux& flux, std::int64_t first, std::int64_t end,
                           const Weights& weights, const JobControl& job) {
    OnsetCurve curve;
    curve.first = std::clamp<std::int64_t>(first, 0, flux.frames());
    const std::int64_t last = std::clamp(end, curve.first, flux.frames());
    double sum = 0;
    for (const double w : weights) sum += w;
    curve.values.assign(static_cast<std::size_t>(last - curve.first), 0.0f);
    if (sum <= 0) return curve;
    std::vector<float> rows(kBands * static_cast<std::size_t>(kBlock));
    for (std::int64_t at = curve.first; at < last; at += kBlock) {
        if (job.stopRequested()) return cancelled();
        const auto count = static_cast<std::size_t>(std::min(kBlock, last - at));
        const std::span<float> block(rows.data(), kBands * count);
        flux.compute(at, static_cast<std::int64_t>(count), block);
        for (std::size_t n = 0; n < count; ++n) {
            double v = 0;
            for (std::size_t b = 0; b < kBands; ++b) v += weights[b] * block[b * count + n];
            curve.values[static_cast<std::size_t>(at - curve.first) + n] =
                static_cast<float>(v / sum);
        }
    }
    curve.values = smoothed(curve.values);
    return curve;
}

}  // namespace

Result<SharedSound> sharedSound(const BandLevels& scratch, const BandLevels& clean, ClockLine line,
                                const JobControl& job) {
    const OnsetFlux a(scratch), b(clean);
    const Overlap overlap{a, b, line};
    const auto weights = bandWeights(overlap, job);
    if (!weights) return tl::unexpected(weights.error());
    constexpr auto around = static_cast<std::int64_t>(kAround * kBandFramesPerSecond);
    auto above = curveOf(a, 0, a.frames(), *weights, job);
    if (!above) return tl::unexpected(above.error());
    auto below = curveOf(b, overlap.cleanFrame(0) - around, overlap.cleanFrame(a.frames()) + around,
                         *weights, job);
    if (!below) return tl::unexpected(below.error());
    return SharedSound{std::move(*above), std::move(*below)};
}

}  // namespace brisk
