// SPDX-License-Identifier: GPL-3.0-or-later
// About one byte for every 30 samples: 8 MB for two hours.
#include "features/peak_pyramid.h"

#include <algorithm>
#include <cmath>

#include "dsp/block_sums.h"

namespace brisk {
namespace {
constexpr std::size_t kLevels = 9;  // the top entry covers 256 × 4^8 samples, six minutes
constexpr std::size_t kFan = 4;

std::int16_t toShort(float v) {
    return static_cast<std::int16_t>(std::lround(std::clamp(v, -1.0f, 1.0f) * 32767.0f));
}
}  // namespace

PeakPyramid::PeakPyramid() : levels_(kLevels) {}

void PeakPyramid::push(std::span<const float> mono) {
    const std::lock_guard lock(mutex_);
    samples_ += static_cast<std::int64_t>(mono.size());
    while (!mono.empty()) {
        const auto part =
            mono.first(std::min(mono.size(), static_cast<std::size_t>(kBaseSamples - inBase_)));
        mono = mono.subspan(part.size());
        const Extremes e = extremesOf(part);
        low_ = inBase_ == 0 ? e.low : std::min(low_, e.low);
        high_ = inBase_ == 0 ? e.high : std::max(high_, e.high);
        power_ += sumOfSquares(part);
        inBase_ += static_cast<int>(part.size());
        if (inBase_ == kBaseSamples) closeBase();
    }
}

void PeakPyramid::finish() {
    const std::lock_guard lock(mutex_);
    if (inBase_ > 0) closeBase();
    for (auto& l : levels_) l.shrink_to_fit();
}

void PeakPyramid::closeBase() {
    Entry e{toShort(low_), toShort(high_), 0};
    e.rms = static_cast<std::uint16_t>(
        std::lround(std::min(1.0, std::sqrt(power_ / inBase_)) * 65535.0));
    largest_ = std::max({largest_, -low_, high_});
    inBase_ = 0;
    power_ = 0;
    append(0, e);
}

void PeakPyramid::append(std::size_t level, Entry e) {
    auto& l = levels_[level];
    l.push_back(e);
    if (level + 1 < kLevels && l.size() % kFan == 0) {
        append(level + 1, join(std::span(l).last(kFan)));
    }
}

PeakPyramid::Entry PeakPyramid::join(std::span<const Entry> four) {
    Entry out = four.front();
    double power = 0;
    for (const auto& e : four) {
        out.low = std::min(out.low, e.low);
        out.high = std::max(out.high, e.high);
        power += static_cast<double>(e.rms) * e.rms;
    }
    out.rms = static_cast<std::uint16_t>(std::lround(std::sqrt(power / four.size())));
    return out;
}

std::vector<PeakColumn> PeakPyramid::columns(double first, double perColumn, int count) const {
    const std::lock_guard lock(mutex_);
    std::vector<PeakColumn> out(static_cast<std::size_t>(std::max(0, count)));
    // The coarsest level that still has at least two entries a column.
    std::size_t level = 0;
    double entrySamples = kBaseSamples;
    while (level + 1 < kLevels && entrySamples * kFan * 2 <= perColumn) {
        entrySamples *= kFan;
        ++level;
    }
    const auto& entries = levels_[level];
    const auto have = static_cast<std::int64_t>(entries.size());
    for (std::size_t i = 0; i < out.size(); ++i) {
        const double from = first + static_cast<double>(i) * perColumn;
        auto a = static_cast<std::int64_t>(std::floor(from / entrySamples));
        auto b = static_cast<std::int64_t>(std::ceil((from + perColumn) / entrySamples));
        a = std::max<std::int64_t>(a, 0);
        b = std::min(std::max(b, a + 1), have);
        if (a >= b || from + perColumn <= 0) continue;
        const Entry e = join(std::span(entries).subspan(static_cast<std::size_t>(a),
                                                        static_cast<std::size_t>(b - a)));
        out[i] = {static_cast<float>(e.low) / 32767.0f, static_cast<float>(e.high) / 32767.0f,
                  static_cast<float>(e.rms) / 65535.0f, true};
    }
    return out;
}

void PeakPyramid::save(ByteWriter& out) const {
    const std::lock_guard lock(mutex_);
    out.put(samples_);
    out.put(largest_);
    out.put(levels_.front());
}

bool PeakPyramid::load(ByteReader& in) {
    const std::lock_guard lock(mutex_);
    if (!in.get(samples_) || !in.get(largest_) || !in.get(levels_.front())) return false;
    for (std::size_t l = 0; l + 1 < kLevels; ++l) {
        const std::span<const Entry> finer = levels_[l];
        levels_[l + 1].reserve(finer.size() / kFan);
        for (std::size_t i = 0; i + kFan <= finer.size(); i += kFan) {
            levels_[l + 1].push_back(join(finer.subspan(i, kFan)));
        }
    }
    return true;
}

void PeakPyramid::take(PeakPyramid&& other) {
    const std::lock_guard lock(mutex_);
    levels_ = std::move(other.levels_);
    samples_ = other.samples_;
    largest_ = other.largest_;
    inBase_ = 0;
}

float PeakPyramid::largest() const {
    const std::lock_guard lock(mutex_);
    return largest_;
}

std::int64_t PeakPyramid::samples() const {
    const std::lock_guard lock(mutex_);
    return samples_;
}

}  // namespace brisk
