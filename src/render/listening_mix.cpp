// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/listening_mix.h"

#include <algorithm>
#include <cmath>

namespace brisk {

ListeningMix::ListeningMix(PlacedSound camera, std::optional<PlacedSound> clean, float cameraGain)
    : camera_(std::move(camera)), clean_(std::move(clean)), cameraGain_(cameraGain) {}

Result<void> ListeningMix::seek(std::int64_t frame) {
    if (auto sought = camera_.seek(frame); !sought) return sought;
    return clean_ ? clean_->seek(frame) : Result<void>();
}

void ListeningMix::add(std::span<const float> in, int channels, float gain,
                       std::span<float> stereo) {
    for (std::size_t n = 0; n < stereo.size() / 2; ++n) {
        const float left = in[n * static_cast<std::size_t>(channels)];
        const float right = channels == 2 ? in[n * 2 + 1] : left;
        stereo[n * 2] += gain * left;
        stereo[n * 2 + 1] += gain * right;
    }
}

Result<void> ListeningMix::read(std::span<float> stereo, Listen listen) {
    std::fill(stereo.begin(), stereo.end(), 0.0f);
    const std::size_t frames = stereo.size() / 2;
    const float each = listen == Listen::Both ? 0.7f : 1.0f;
    const auto play = [&](PlacedSound& sound, float gain) -> Result<void> {
        block_.resize(frames * static_cast<std::size_t>(sound.channels()));
        if (auto read = sound.read(block_); !read) return read;
        if (gain != 0.0f) add(block_, sound.channels(), gain, stereo);
        return {};
    };
    if (auto done = play(camera_, listen == Listen::Clean ? 0.0f : each * cameraGain_); !done) {
        return done;
    }
    if (clean_) {
        if (auto done = play(*clean_, listen == Listen::Camera ? 0.0f : each); !done) return done;
    }
    for (float& v : stereo) v = std::clamp(v, -1.0f, 1.0f);
    return {};
}

float loudnessGain(const SoundScan& take, const SoundScan& recording) {
    const double db = recording.level.integratedLufs - take.level.integratedLufs;
    return static_cast<float>(std::pow(10.0, std::clamp(db, -30.0, 30.0) / 20));
}

}  // namespace brisk
