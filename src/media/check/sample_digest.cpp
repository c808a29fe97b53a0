// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/check/sample_digest.h"

#include <xxhash.h>

#include <algorithm>

namespace brisk {
namespace {
constexpr std::int64_t kBlock = 48000;  // frames
}

struct SampleDigest::State {
    XXH3_state_t* hash = XXH3_createState();
    State() { XXH3_64bits_reset(hash); }
    ~State() { XXH3_freeState(hash); }
    State(const State&) = delete;
    State& operator=(const State&) = delete;
};

SampleDigest::SampleDigest(int channels)
    : channels_(static_cast<std::size_t>(channels)), state_(std::make_unique<State>()) {}
SampleDigest::SampleDigest(SampleDigest&&) noexcept = default;
SampleDigest& SampleDigest::operator=(SampleDigest&&) noexcept = default;
SampleDigest::~SampleDigest() = default;

void SampleDigest::add(std::span<const std::int32_t> samples) {
    while (!samples.empty()) {
        const std::int64_t room = kBlock - frames_ % kBlock;
        const std::size_t n = std::min(samples.size(), static_cast<std::size_t>(room) * channels_);
        XXH3_64bits_update(state_->hash, samples.data(), n * sizeof(std::int32_t));
        samples = samples.subspan(n);
        frames_ += static_cast<std::int64_t>(n / channels_);
        if (frames_ % kBlock == 0) {
            seconds_.push_back(XXH3_64bits_digest(state_->hash));
            XXH3_64bits_reset(state_->hash);
        }
    }
}

void SampleDigest::finish() {
    if (frames_ % kBlock != 0) seconds_.push_back(XXH3_64bits_digest(state_->hash));
    state_.reset();
}

std::optional<std::int64_t> SampleDigest::firstDifference(const SampleDigest& other) const {
    const auto [mine, theirs] = std::mismatch(seconds_.begin(), seconds_.end(),
                                              other.seconds_.begin(), other.seconds_.end());
    if (mine == seconds_.end() && theirs == other.seconds_.end()) return std::nullopt;
    const std::int64_t at = (mine - seconds_.begin()) * kBlock;
    return std::min({at, frames_, other.frames_});
}

}  // namespace brisk
