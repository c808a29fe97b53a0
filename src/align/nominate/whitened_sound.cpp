// SPDX-License-Identifier: GPL-3.0-or-later
// Frames that overlap by half, each bin divided by its own size. Why not by the spectrum of a long
// window: one clap or one loud word would outweigh a minute of what lies under it.
// Source: Knapp and Carter 1976, phase transform; Allen and Rabiner 1977, overlapping frames.
#include "align/nominate/whitened_sound.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "dsp/fourier.h"
#include "dsp/half_band_decimator.h"
#include "dsp/resampler.h"

namespace brisk {
namespace {

constexpr int kFrame = 2 * kWhitenedStep;
constexpr double kLowestHz = 100, kHighestHz = 1900;
constexpr int kLeastHalved = 8000;  // hertz: the halving filter keeps what is wanted from here on
constexpr std::int64_t kSettle = 256;      // samples on both sides, for the filters
constexpr double kGathered = 0.75;         // a frame's shape gathers what it holds in its middle
constexpr float kNothing = 1e-6f;          // of a bin: digital silence
constexpr std::int64_t kAtOnce = 1 << 14;  // samples of a long recording: what caches hold

/// Samples [first, first + count) at kWhitenedRate, to within half a sample of the file.
Result<std::vector<float>> slowed(HeldSound& sound, std::int64_t first, std::int64_t count) {
    const double ratio = static_cast<double>(sound.scan().rate.hertz) / kWhitenedRate;
    const auto from = std::llround(static_cast<double>(first - kSettle) * ratio);
    std::vector<float> now(
        static_cast<std::size_t>(std::ceil(static_cast<double>(count + 2 * kSettle) * ratio)));
    if (auto read = sound.read(from, now); !read) return tl::unexpected(read.error());
    double rate = sound.scan().rate.hertz;
    while (rate >= 2.0 * kLeastHalved) {
        HalfBandDecimator halver;
        std::vector<float> half;
        halver.push(now, half);
        halver.finish(half);
        now = std::move(half);
        rate /= 2;
    }
    auto out = resampleBlock(now, rate, kWhitenedRate, StreamResampler::Quality::Measuring);
    out.resize(static_cast<std::size_t>(count + 2 * kSettle), 0.0f);
    return std::vector<float>(out.begin() + kSettle, out.begin() + kSettle + count);
}

/// The root of a raised cosine: applied twice, frames that overlap by half add up to 1.
std::array<float, kFrame> frameShape() {
    std::array<float, kFrame> out;
    for (int i = 0; i < kFrame; ++i) {
        out[static_cast<std::size_t>(i)] =
            static_cast<float>(std::sin(std::numbers::pi * (i + 0.5) / kFrame));
    }
    return out;
}

}  // namespace

Result<std::vector<float>> whitened(HeldSound& sound, std::int64_t first, std::int64_t count) {
    const std::int64_t frames = (count + kWhitenedStep - 1) / kWhitenedStep + 1;
    auto in = slowed(sound, first - kWhitenedStep, (frames + 1) * kWhitenedStep);
    if (!in) return in;
    static const std::array<float, kFrame> shape = frameShape();
    RealFourier fourier(kFrame);
    constexpr double binHz = static_cast<double>(kWhitenedRate) / kFrame;
    const auto low = static_cast<std::size_t>(std::ceil(kLowestHz / binHz));
    const auto high = static_cast<std::size_t>(kHighestHz / binHz);
    // So many bins of this size are a sound of strength 1.
    const auto size =
        static_cast<float>(kGathered * kFrame / std::sqrt(2.0 * static_cast<double>(high - low)));
    std::vector<float> out(static_cast<std::size_t>((frames + 1) * kWhitenedStep), 0.0f);
    for (std::int64_t f = 0; f < frames; ++f) {
        const auto at = static_cast<std::size_t>(f * kWhitenedStep);
        auto time = fourier.time();
        for (std::size_t i = 0; i < time.size(); ++i) time[i] = (*in)[at + i] * shape[i];
        fourier.forward();
        auto bins = fourier.spectrum();
        for (std::size_t b = 0; b < bins.size(); ++b) {
            const float there = std::sqrt(std::norm(bins[b]));
            const bool counts = b >= low && b < high && there > kNothing;
            bins[b] = counts ? bins[b] * (size / there) : std::complex<float>{};
        }
        fourier.inverse();
        for (std::size_t i = 0; i < time.size(); ++i) out[at + i] += time[i] * shape[i];
    }
    out.erase(out.begin(), out.begin() + kWhitenedStep);
    out.resize(static_cast<std::size_t>(count));
    return out;
}

Result<const std::vector<std::int8_t>*> WhitenedRecording::whole(HeldSound& sound,
                                                                 const JobControl& job) {
    const std::scoped_lock hold(lock_);
    if (made_) return &kept_;
    const double seconds = std::min(sound.scan().length().value, kLongestHours * 3600);
    const auto count = static_cast<std::int64_t>(seconds * kWhitenedRate);
    kept_.clear();
    kept_.reserve(static_cast<std::size_t>(count));
    for (std::int64_t first = 0; first < count; first += kAtOnce) {
        if (job.stopRequested()) return cancelled();
        auto part = whitened(sound, first, std::min(kAtOnce, count - first));
        if (!part) return tl::unexpected(part.error());
        for (const float v : *part) {
            kept_.push_back(
                static_cast<std::int8_t>(std::lrint(std::clamp(v / kStep, -127.0f, 127.0f))));
        }
    }
    made_ = true;
    return &kept_;
}

}  // namespace brisk
