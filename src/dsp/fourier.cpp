// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/fourier.h"

#include <fftw3.h>
#include <cassert>

#include <mutex>

namespace brisk {

namespace {
std::mutex& planLock() {
    static std::mutex m;  // FFTW's planner is not thread-safe; its execution is
    return m;
}
}  // namespace

struct RealFourier::State {
    explicit State(int size)
        : n(size),
          time(fftwf_alloc_real(static_cast<std::size_t>(size) + 2)),
          spectrum(fftwf_alloc_complex(static_cast<std::size_t>(size) / 2 + 1)) {
        assert(size > 0 && size % 2 == 0);
        const std::lock_guard lock(planLock());
        // Measured planning takes seconds for long transforms; the estimate is good enough.
        forward = fftwf_plan_dft_r2c_1d(n, time, spectrum, FFTW_ESTIMATE | FFTW_PRESERVE_INPUT);
        inverse = fftwf_plan_dft_c2r_1d(n, spectrum, time, FFTW_ESTIMATE);
    }
    ~State() {
        const std::lock_guard lock(planLock());
        fftwf_destroy_plan(forward);
        fftwf_destroy_plan(inverse);
        fftwf_free(time);
        fftwf_free(spectrum);
    }
    State(const State&) = delete;
    State& operator=(const State&) = delete;

    int n;
    float* time;
    fftwf_complex* spectrum;
    fftwf_plan forward = nullptr;
    fftwf_plan inverse = nullptr;
};

RealFourier::RealFourier(int n) : state_(std::make_unique<State>(n)) {}
RealFourier::RealFourier(RealFourier&&) noexcept = default;
RealFourier& RealFourier::operator=(RealFourier&&) noexcept = default;
RealFourier::~RealFourier() = default;

int RealFourier::size() const {
    return state_->n;
}

std::span<float> RealFourier::time() {
    return {state_->time, static_cast<std::size_t>(state_->n)};
}

std::span<std::complex<float>> RealFourier::spectrum() {
    return {reinterpret_cast<std::complex<float>*>(state_->spectrum),
            static_cast<std::size_t>(state_->n) / 2 + 1};
}

void RealFourier::forward() {
    fftwf_execute(state_->forward);
}

void RealFourier::inverse() {
    fftwf_execute(state_->inverse);
    const float k = 1.0f / static_cast<float>(state_->n);
    for (float& v : time()) v *= k;
}

int powerOfTwoAtLeast(long long n) {
    int p = 1;
    while (p < n) p *= 2;
    return p;
}

}  // namespace brisk
