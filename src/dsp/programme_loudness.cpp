// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/programme_loudness.h"
#include "core/decibels.h"

#include <ebur128.h>

#include <algorithm>
#include <cmath>

namespace brisk {

struct ProgrammeLoudness::State {
    ebur128_state* meter = nullptr;
    unsigned channels = 1;
    ~State() {
        if (meter) ebur128_destroy(&meter);
    }
};

ProgrammeLoudness::ProgrammeLoudness(SampleRate rate, int channels)
    : state_(std::make_unique<State>()) {
    state_->channels = static_cast<unsigned>(channels);
    // Mono goes to both ears: as loud as it is heard, not as one channel of two.
    state_->meter = ebur128_init(state_->channels, static_cast<unsigned long>(rate.hertz),
                                 EBUR128_MODE_I | EBUR128_MODE_TRUE_PEAK);
    if (state_->meter && channels == 1) {
        ebur128_set_channel(state_->meter, 0, EBUR128_DUAL_MONO);
    }
}

ProgrammeLoudness::ProgrammeLoudness(ProgrammeLoudness&&) noexcept = default;
ProgrammeLoudness::~ProgrammeLoudness() = default;

void ProgrammeLoudness::push(std::span<const float> in) {
    if (state_->meter) {
        ebur128_add_frames_float(state_->meter, in.data(), in.size() / state_->channels);
    }
}

double ProgrammeLoudness::lufs() const {
    double v = -70;
    const bool known = state_->meter &&
                       ebur128_loudness_global(state_->meter, &v) == EBUR128_SUCCESS &&
                       std::isfinite(v);
    return known ? std::max(-70.0, v) : -70.0;
}

double ProgrammeLoudness::truePeakDb() const {
    double most = 0;
    for (unsigned c = 0; state_->meter && c < state_->channels; ++c) {
        double peak = 0;
        if (ebur128_true_peak(state_->meter, c, &peak) == EBUR128_SUCCESS) {
            most = std::max(most, peak);
        }
    }
    return most > 0 ? std::max(-120.0, dbOfRatio(most)) : -120;
}

}  // namespace brisk
