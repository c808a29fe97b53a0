// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/world_sound.h"

#include <algorithm>
#include <cmath>

#include "sim/noise.h"
#include "sim/script.h"

namespace brisk::sim {
namespace {
constexpr int kEnvelopeSamples = WorldSound::kRate / 100;
constexpr double kHush = 0.35;  // nobody speaks this close to a clap
}  // namespace

WorldSound::WorldSound(const Scene& scene, std::uint64_t seed)
    : scene_(scene), seed_(seed), random_(seed) {
    pause_ = static_cast<std::int64_t>(random_() % kRate);
}

Result<void> WorldSound::beginSentence() {
    Voice voice = scene_.voice;
    voice.wordsPerMinute += static_cast<int>(random_() % 30) - 15;
    auto said = speak(nextSentence(random_), voice);
    if (!said) return tl::unexpected(said.error());
    sentence_ = std::move(*said);
    const float gain = 0.5f + static_cast<float>(random_() % 1000) / 1000.0f;
    for (float& v : sentence_) v *= gain;
    spoken_ = 0;
    const double share = std::clamp(scene_.speechShare, 0.01, 0.99);
    const double rest = static_cast<double>(sentence_.size()) * (1 - share) / share;
    pause_ = static_cast<std::int64_t>(
        rest * (0.3 + 1.4 * static_cast<double>(random_() % 1000) / 1000.0));
    return {};
}

Result<std::vector<float>> WorldSound::next(std::size_t count) {
    std::vector<float> block(count, 0.0f);
    for (std::size_t n = 0; n < count; ++n) {
        float v = 0;
        if (pause_ > 0) {
            --pause_;
        } else {
            if (spoken_ >= sentence_.size()) {
                if (scene_.speechShare > 0) {
                    if (auto begun = beginSentence(); !begun) return tl::unexpected(begun.error());
                } else {
                    pause_ = kRate;
                }
            }
            if (pause_ == 0 && spoken_ < sentence_.size()) v = sentence_[spoken_++];
        }
        const double t = static_cast<double>(at_ + static_cast<std::int64_t>(n)) / kRate;
        for (const Seconds c : scene_.claps) {
            const double near = std::fabs(t - c.value);
            if (near < kHush) v *= static_cast<float>(std::max(0.0, (near - 0.25) / 0.1));
        }
        for (const TimeRange& h : scene_.hush) {
            if (t >= h.start.value && t < h.end.value) v = 0;
        }
        block[n] = v;
        power_ += static_cast<double>(v) * v;
        if (++inEnvelope_ == kEnvelopeSamples) {
            envelope_.push_back(static_cast<float>(std::sqrt(power_ / kEnvelopeSamples)));
            inEnvelope_ = 0;
            power_ = 0;
        }
    }
    addClaps(block);
    at_ += static_cast<std::int64_t>(count);
    return block;
}

void WorldSound::addClaps(std::vector<float>& block) const {
    for (std::size_t i = 0; i < scene_.claps.size(); ++i) {
        const std::int64_t onset = std::llround(scene_.claps[i].value * kRate);
        if (onset > at_ + static_cast<std::int64_t>(block.size()) || onset + 4000 < at_) continue;
        const auto clap = handClap(seed_ + i);
        for (std::size_t k = 0; k < clap.size(); ++k) {
            const std::int64_t n = onset + static_cast<std::int64_t>(k) - at_;
            if (n >= 0 && n < static_cast<std::int64_t>(block.size())) {
                block[static_cast<std::size_t>(n)] += clap[k];
            }
        }
    }
}

double WorldSound::mouthOpening(Seconds t) const {
    const auto i = static_cast<std::int64_t>(t.value * 100);
    if (i < 0 || i >= static_cast<std::int64_t>(envelope_.size())) return 0;
    return std::min(1.0, 9.0 * static_cast<double>(envelope_[static_cast<std::size_t>(i)]));
}

}  // namespace brisk::sim
