// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/fourier.h"

#include <fftw3.h>
#include <cassert>
#include <map>
#include <mutex>

namespace brisk {

namespace {

struct Plans {
    fftwf_plan forward = nullptr;
    fftwf_plan inverse = nullptr;
};

/// FFTW's own allocation: all of it is aligned alike, so that a plan serves any of it.
struct Buffers {
    explicit Buffers(int n)
        : time(fftwf_alloc_real(static_cast<std::size_t>(n) + 2)),
          spectrum(fftwf_alloc_complex(static_cast<std::size_t>(n) / 2 + 1)) {}
    ~Buffers() {
        fftwf_free(time);
        fftwf_free(spectrum);
    }
    Buffers(const Buffers&) = delete;
    Buffers& operator=(const Buffers&) = delete;

    float* time;
    fftwf_complex* spectrum;
};

/// Kept until the program ends: planning a transform costs as much as running it four times, and
/// there are a dozen sizes.
const Plans& plansOf(int n) {
    static std::mutex lock;  // FFTW's planner is not thread-safe; its execution is
    static auto& known = *new std::map<int, Plans>;  // whoever runs last may still need it
    const std::lock_guard hold(lock);
    Plans& p = known[n];
    if (!p.forward) {
        const Buffers b(n);
        // Measured planning takes seconds for long transforms; the estimate is good enough.
        p.forward =
            fftwf_plan_dft_r2c_1d(n, b.time, b.spectrum, FFTW_ESTIMATE | FFTW_PRESERVE_INPUT);
        p.inverse = fftwf_plan_dft_c2r_1d(n, b.spectrum, b.time, FFTW_ESTIMATE);
    }
    return p;
}

}  // namespace

struct RealFourier::State {
    explicit State(int size) : n(size), buffers(size), plans(plansOf(size)) {
        assert(size > 0 && size % 2 == 0);
    }

    int n;
    Buffers buffers;
    const Plans& plans;  // a map's, which stay where they are
};

RealFourier::RealFourier(int n) : state_(std::make_unique<State>(n)) {}
RealFourier::RealFourier(RealFourier&&) noexcept = default;
RealFourier& RealFourier::operator=(RealFourier&&) noexcept = default;
RealFourier::~RealFourier() = default;

int RealFourier::size() const {
    return state_->n;
}

std::span<float> RealFourier::time() {
    return {state_->buffers.time, static_cast<std::size_t>(state_->n)};
}

std::span<std::complex<float>> RealFourier::spectrum() {
    return {reinterpret_cast<std::complex<float>*>(state_->buffers.spectrum),
            static_cast<std::size_t>(state_->n) / 2 + 1};
}

void RealFourier::forward() {
    fftwf_execute_dft_r2c(state_->plans.forward, state_->buffers.time, state_->buffers.spectrum);
}

void RealFourier::inverse() {
    fftwf_execute_dft_c2r(state_->plans.inverse, state_->buffers.spectrum, state_->buffers.time);
    const float k = 1.0f / static_cast<float>(state_->n);
    for (float& v : time()) v *= k;
}

int powerOfTwoAtLeast(long long n) {
    int p = 1;
    while (p < n) p *= 2;
    return p;
}

}  // namespace brisk
