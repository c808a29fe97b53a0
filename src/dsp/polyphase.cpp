// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: a windowed sinc of 64 taps is kept at 4096 phases between two samples; the taps for a
// position are found on the straight line between two neighbouring phases. A clock that is 20 ppm
// off moves through the phases so slowly that the same two are used for thousands of samples.
// (Moving by the missing part of a sample first and resampling by a general library afterwards
// gives the same sound for twice the time.)
// Source: Smith & Gossett 1984, "A flexible sampling-rate conversion method", with a window after
// Kaiser 1974.
#include "dsp/polyphase.h"

#include <algorithm>
#include <cassert>
#include <cmath>
#include <cstring>

#include "dsp/fast_loop.h"
#include "dsp/phase_table.h"

namespace brisk {
namespace {

constexpr std::size_t kTableTaps = std::size_t{2} * PolyphaseInterpolator::kReach;
constexpr std::size_t kPhases = 4096;
constexpr double kTableBeta = 14.5;  // 136 dB and more from 0 to 20 kHz, at 48 kHz

using Taps = PhaseTaps<kTableTaps>;

const std::vector<Taps>& table() {
    static const std::vector<Taps> all = phaseTable<kTableTaps>(kPhases, kTableBeta);
    return all;
}

/// Sixteen numbers side by side; processors that hold fewer take them in parts.
constexpr std::size_t kLanes = 16;
using Lanes = float __attribute__((vector_size(kLanes * sizeof(float))));
using Half = float __attribute__((vector_size(kLanes / 2 * sizeof(float))));
using Quarter = float __attribute__((vector_size(kLanes / 4 * sizeof(float))));

/// out[k * outStep] = the line at `first` + k * step, for positions that have all their taps.
BRISK_FAST_LOOP void interpolate(const Taps* phases, const float* line, double first, double step,
                                 std::size_t frames, float* out, std::size_t outStep) {
    static_assert(kTableTaps % kLanes == 0);
    for (std::size_t k = 0; k < frames; ++k) {
        const double at = first + static_cast<double>(k) * step;
        const auto whole = static_cast<std::int64_t>(at);
        const double phase = (at - static_cast<double>(whole)) * static_cast<double>(kPhases);
        const auto p = static_cast<std::int64_t>(phase);
        const auto b = static_cast<float>(phase - static_cast<double>(p));
        const float* before = phases[p].data();
        const float* after = phases[p + 1].data();
        const float* oldest = line + whole - (PolyphaseInterpolator::kReach - 1);
        // Both phases side by side: sums that do not wait for each other.
        Lanes here = {}, next = {};
        for (std::size_t i = 0; i < kTableTaps; i += kLanes) {
            Lanes x, t, u;
            std::memcpy(&x, oldest + i, sizeof x);
            std::memcpy(&t, before + i, sizeof t);
            std::memcpy(&u, after + i, sizeof u);
            here += t * x;
            next += u * x;
        }
        const Lanes s = here + b * (next - here);
        // In halves, as so many numbers are added fastest.
        Half low, high;
        std::memcpy(&low, &s, sizeof low);
        std::memcpy(&high, reinterpret_cast<const char*>(&s) + sizeof low, sizeof high);
        const Half h = low + high;
        Quarter first4, last4;
        std::memcpy(&first4, &h, sizeof first4);
        std::memcpy(&last4, reinterpret_cast<const char*>(&h) + sizeof first4, sizeof last4);
        const Quarter q = first4 + last4;
        out[k * outStep] = (q[0] + q[2]) + (q[1] + q[3]);
    }
}

}  // namespace

PolyphaseInterpolator::PolyphaseInterpolator(double step, double start, int channels)
    : step_(step),
      start_(start),
      channels_(static_cast<std::size_t>(channels)),
      lines_(static_cast<std::size_t>(channels)) {
    assert(std::fabs(step - 1) <= kMaxDrift && start >= kReach - 1 && channels > 0);
}

void PolyphaseInterpolator::push(std::span<const float> in, std::vector<float>& out) {
    const std::size_t frames = in.size() / channels_;
    for (std::size_t c = 0; c < channels_; ++c) {
        std::vector<float>& line = lines_[c];
        const std::size_t had = line.size();
        line.resize(had + frames);
        for (std::size_t n = 0; n < frames; ++n) line[had + n] = in[n * channels_ + c];
    }
    // In the frames that are kept; as exact after a day as at the start.
    const double first =
        (start_ - static_cast<double>(dropped_)) + static_cast<double>(given_) * step_;
    const double last = static_cast<double>(lines_.front().size()) - kReach - 1;
    if (last < first) return;
    const auto ready = static_cast<std::size_t>(std::floor((last - first) / step_)) + 1;
    const std::size_t had = out.size();
    out.resize(had + ready * channels_);
    for (std::size_t c = 0; c < channels_; ++c) {
        interpolate(table().data(), lines_[c].data(), first, step_, ready, out.data() + had + c,
                    channels_);
    }
    given_ += static_cast<std::int64_t>(ready);
    const double next = first + static_cast<double>(ready) * step_;
    const auto gone =
        std::min(static_cast<std::size_t>(next) - (kReach - 1), lines_.front().size());
    for (auto& line : lines_) line.erase(line.begin(), line.begin() + static_cast<long>(gone));
    dropped_ += static_cast<std::int64_t>(gone);
}

}  // namespace brisk
