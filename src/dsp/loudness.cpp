// SPDX-License-Identifier: GPL-3.0-or-later
// Source: EBU R 128 and ITU-R BS.1770, as implemented by libebur128.
#include "dsp/loudness.h"

#include <ebur128.h>

#include <algorithm>
#include <cmath>

#include "core/mono_mix.h"
#include "dsp/block_sums.h"

namespace brisk {

namespace {
constexpr float kFull = 0.9995f;
constexpr float kBeyondFull = 1.001f;
constexpr int kRun = 3;  // samples in a row that no wave has by itself
constexpr Seconds kOneStretch{0.02};
constexpr std::size_t kMaxStretches = 5000;

/// Adds stretches, in any order but none long before the last, to those that are known.
void addStretches(std::vector<TimeRange> more, std::vector<TimeRange>& known) {
    std::sort(more.begin(), more.end(),
              [](const TimeRange& a, const TimeRange& b) { return a.start < b.start; });
    for (const TimeRange& r : more) {
        if (!known.empty() && r.start - known.back().end < kOneStretch) {
            known.back().start = std::min(known.back().start, r.start);
            known.back().end = std::max(known.back().end, r.end);
        } else if (known.size() < kMaxStretches) {
            known.push_back(r);
        }
    }
}
}  // namespace

struct LevelMeter::State {
    ebur128_state* meter = nullptr;
    std::size_t channels = 1;
    std::vector<double> power;
    std::vector<int> run;
    std::int64_t frames = 0;
    std::int64_t clipped = 0;
    SampleRate rate;
    float peak = 0;
    bool hasHeadroom = false;
    std::vector<TimeRange> stretches;
    std::vector<float> one;  // channel
    ~State() {
        if (meter) ebur128_destroy(&meter);
    }
};

LevelMeter::LevelMeter(SampleRate rate, int channels, bool withLoudness, bool hasHeadroom)
    : state_(std::make_unique<State>()) {
    state_->channels = static_cast<std::size_t>(channels);
    state_->rate = rate;
    state_->hasHeadroom = hasHeadroom;
    state_->power.resize(state_->channels);
    state_->run.resize(state_->channels);
    // The histogram mode keeps memory flat over a whole day.
    if (withLoudness) {
        state_->meter =
            ebur128_init(static_cast<unsigned>(channels), static_cast<unsigned long>(rate.hertz),
                         EBUR128_MODE_I | EBUR128_MODE_HISTOGRAM);
    }
}

LevelMeter::LevelMeter(LevelMeter&&) noexcept = default;
LevelMeter::~LevelMeter() = default;

void LevelMeter::push(std::span<const float> in) {
    State& s = *state_;
    const std::size_t frames = in.size() / s.channels;
    if (s.meter) ebur128_add_frames_float(s.meter, in.data(), frames);
    s.one.resize(frames);
    std::vector<TimeRange> found;
    for (std::size_t c = 0; c < s.channels; ++c) {
        mixToMono(in, s.channels, static_cast<int>(c), s.one);
        s.power[c] += sumOfSquares(s.one);
        const float largest = largestOf(s.one);
        s.peak = std::max(s.peak, largest);
        if (largest < kFull) {
            s.run[c] = 0;
            continue;
        }
        const std::size_t ofOthers = found.size();
        for (std::size_t n = 0; n < frames; ++n) {
            s.run[c] = std::fabs(s.one[n]) >= kFull ? s.run[c] + 1 : 0;
            if (s.run[c] < kRun) continue;
            s.clipped += s.run[c] == kRun ? kRun : 1;
            const std::int64_t end = s.frames + static_cast<std::int64_t>(n) + 1;
            const TimeRange r{s.rate.seconds(end - s.run[c]), s.rate.seconds(end)};
            if (s.run[c] > kRun && found.size() > ofOthers) {
                found.back().end = r.end;
            } else {
                found.push_back(r);
            }
        }
    }
    addStretches(std::move(found), s.stretches);
    s.frames += static_cast<std::int64_t>(frames);
}

LevelReport LevelMeter::report() const {
    const State& s = *state_;
    LevelReport r;
    r.samplePeak = s.peak;
    // What goes on above full scale was not stopped there.
    if (!s.hasHeadroom || s.peak < kBeyondFull) {
        r.clippedSamples = s.clipped;
        r.clipped = s.stretches;
    }
    for (const double p : s.power) {
        r.channelRmsDb.push_back(
            10 * std::log10(p / static_cast<double>(std::max<std::int64_t>(1, s.frames)) + 1e-12));
    }
    double lufs = -70;
    if (s.meter && ebur128_loudness_global(s.meter, &lufs) == EBUR128_SUCCESS &&
        std::isfinite(lufs)) {
        r.integratedLufs = std::max(-70.0, lufs);
    }
    return r;
}

int LevelReport::onlyChannel() const {
    if (channelRmsDb.size() < 2) return -1;
    const auto best = std::max_element(channelRmsDb.begin(), channelRmsDb.end());
    for (auto it = channelRmsDb.begin(); it != channelRmsDb.end(); ++it) {
        if (it != best && *it > *best - 40) return -1;
    }
    return static_cast<int>(best - channelRmsDb.begin());
}

}  // namespace brisk
