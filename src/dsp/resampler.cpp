// SPDX-License-Identifier: GPL-3.0-or-later
#include "dsp/resampler.h"

#include <soxr.h>

#include <cassert>
#include <cmath>
#include <cstddef>

namespace brisk {

struct StreamResampler::State {
    soxr_t soxr = nullptr;
    double ratio = 1;
    std::size_t channels = 1;
    ~State() { soxr_delete(soxr); }

    void run(const float* in, std::size_t frames, std::vector<float>& out) {
        const std::size_t room =
            static_cast<std::size_t>(std::ceil(static_cast<double>(frames) / ratio)) + 4096;
        for (;;) {
            const std::size_t had = out.size();
            out.resize(had + room * channels);
            std::size_t used = 0;
            std::size_t made = 0;
            soxr_process(soxr, in, frames, &used, out.data() + had, room, &made);
            out.resize(had + made * channels);
            if (in) {
                in += used * channels;
                frames -= used;
                if (frames == 0) return;
            } else if (made == 0) {
                return;
            }
        }
    }
};

StreamResampler::StreamResampler(double inRate, double outRate, int channels, Quality quality)
    : state_(std::make_unique<State>()) {
    assert(inRate > 0 && outRate > 0 && channels > 0);
    soxr_error_t error = nullptr;
    const soxr_io_spec_t io = soxr_io_spec(SOXR_FLOAT32_I, SOXR_FLOAT32_I);
    const soxr_quality_spec_t q =
        soxr_quality_spec(quality == Quality::Mastering ? SOXR_VHQ : SOXR_MQ, 0);
    state_->soxr =
        soxr_create(inRate, outRate, static_cast<unsigned>(channels), &error, &io, &q, nullptr);
    assert(!error);
    state_->ratio = inRate / outRate;
    state_->channels = static_cast<std::size_t>(channels);
}

StreamResampler::StreamResampler(StreamResampler&&) noexcept = default;
StreamResampler::~StreamResampler() = default;

void StreamResampler::push(std::span<const float> in, std::vector<float>& out) {
    if (!in.empty()) state_->run(in.data(), in.size() / state_->channels, out);
}

void StreamResampler::finish(std::vector<float>& out) {
    state_->run(nullptr, 0, out);
}

std::vector<float> resampleBlock(std::span<const float> mono, double inRate, double outRate,
                                 StreamResampler::Quality quality) {
    std::vector<float> out;
    StreamResampler r(inRate, outRate, 1, quality);
    r.push(mono, out);
    r.finish(out);
    return out;
}

}  // namespace brisk
