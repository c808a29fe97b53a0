// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/listening_mix.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

constexpr float kStep = 1.0f / 480;    // of full gain a frame: 10 ms from nothing to all
constexpr std::size_t kFade = 960;     // frames between two places of the clean sound
constexpr std::int64_t kBeat = 24000;  // frames until Flip changes sides
constexpr float kEachOfBoth = 0.7f;

/// Reads `sound` and lays it out for two ears.
template <class Sound>
Result<void> readStereo(Sound& sound, std::size_t frames, std::vector<float>& block,
                        std::vector<float>& stereo) {
    const auto channels = static_cast<std::size_t>(sound.channels());
    block.resize(frames * channels);
    stereo.resize(frames * 2);
    if (auto read = sound.read(block); !read) return read;
    for (std::size_t n = 0; n < frames; ++n) {
        stereo[n * 2] = block[n * channels];
        stereo[n * 2 + 1] = channels == 2 ? block[n * 2 + 1] : block[n * channels];
    }
    return {};
}

}  // namespace

ListeningMix::ListeningMix(PlacedSound camera, std::optional<TakeSound> clean, float cameraGain)
    : camera_(std::move(camera)),
      clean_(std::move(clean)),
      cameraGain_(cameraGain),
      cameraGainNow_(cameraGain) {}

void ListeningMix::EarGains::towards(EarGains target, float step) {
    left += std::clamp(target.left - left, -step, step);
    right += std::clamp(target.right - right, -step, step);
}

Result<void> ListeningMix::seek(std::int64_t frame) {
    frame_ = frame;
    now_.reset();
    leaving_.reset();
    if (auto sought = camera_.seek(frame); !sought) return sought;
    return clean_ ? clean_->seek(frame) : Result<void>();
}

Result<void> ListeningMix::replaceClean(TakeSound clean) {
    if (auto sought = clean.seek(frame_); !sought) return sought;
    leaving_ = std::move(clean_);
    clean_ = std::move(clean);
    faded_ = 0;
    return {};
}

ListeningMix::Parts ListeningMix::partsAt(const Hearing& hearing, std::int64_t frame) {
    const EarGains none, all{1, 1};
    switch (hearing.what) {
        case Listen::Camera:
            return {all, none};
        case Listen::Clean:
            return {none, all};
        case Listen::Both: {
            // In the middle each as loud; towards a side the other one goes, and this one grows to
            // what it is alone.
            const float b = std::clamp(hearing.balance, -1.0f, 1.0f);
            const auto part = [](float towards) {
                return towards < 0 ? kEachOfBoth * (1 + towards)
                                   : kEachOfBoth + (1 - kEachOfBoth) * towards;
            };
            return {{part(-b), part(-b)}, {part(b), part(b)}};
        }
        case Listen::Split:
            return {{1, 0}, {0, 1}};
        case Listen::Flip:
            break;
    }
    return frame / kBeat % 2 == 0 ? Parts{all, none} : Parts{none, all};
}

Result<void> ListeningMix::readClean(std::size_t frames) {
    cleanStereo_.assign(frames * 2, 0.0f);
    if (!clean_) return {};
    if (auto read = readStereo(*clean_, frames, block_, cleanStereo_); !read) return read;
    if (!leaving_) return {};
    std::vector<float> old;
    if (auto read = readStereo(*leaving_, frames, block_, old); !read) return read;
    for (std::size_t n = 0; n < frames; ++n) {
        const float in = std::min(1.0f, static_cast<float>(faded_ + n) / kFade);
        for (std::size_t ear = 0; ear < 2; ++ear) {
            float& v = cleanStereo_[n * 2 + ear];
            v = in * v + (1 - in) * old[n * 2 + ear];
        }
    }
    faded_ += frames;
    if (faded_ >= kFade) leaving_.reset();
    return {};
}

void ListeningMix::fadeIn(std::size_t frames) {
    fadeFrames_ = frames;
    fadedIn_ = 0;
}

Result<void> ListeningMix::read(std::span<float> stereo, Hearing hearing) {
    const float wanted = hearing.loudnessMatched ? cameraGain_ : 1.0f;
    const float gainStep = kStep * std::max(1.0f, cameraGain_);
    const std::size_t frames = stereo.size() / 2;
    if (auto done = readStereo(camera_, frames, block_, cameraStereo_); !done) return done;
    if (auto done = readClean(frames); !done) return done;
    if (!now_) {
        now_ = partsAt(hearing, frame_);
        cameraGainNow_ = wanted;
        volumeNow_ = hearing.volume;
    }
    // In one ear there is room for one channel only: both of the file's, then.
    const auto mono = [](const std::vector<float>& s, std::size_t n) {
        return 0.5f * (s[n * 2] + s[n * 2 + 1]);
    };
    for (std::size_t n = 0; n < frames; ++n) {
        const Parts target = partsAt(hearing, frame_ + static_cast<std::int64_t>(n));
        now_->camera.towards(target.camera, kStep);
        now_->clean.towards(target.clean, kStep);
        cameraGainNow_ += std::clamp(wanted - cameraGainNow_, -gainStep, gainStep);
        volumeNow_ += std::clamp(hearing.volume - volumeNow_, -kStep, kStep);
        float fade = volumeNow_;
        if (fadedIn_ < fadeFrames_) {
            fade *= static_cast<float>(fadedIn_++) / static_cast<float>(fadeFrames_);
        }
        for (std::size_t ear = 0; ear < 2; ++ear) {
            const bool apart = hearing.what == Listen::Split;
            const float camera = apart ? mono(cameraStereo_, n) : cameraStereo_[n * 2 + ear];
            const float clean = apart ? mono(cleanStereo_, n) : cleanStereo_[n * 2 + ear];
            const float a = ear == 0 ? now_->camera.left : now_->camera.right;
            const float b = ear == 0 ? now_->clean.left : now_->clean.right;
            stereo[n * 2 + ear] =
                fade * std::clamp(a * cameraGainNow_ * camera + b * clean, -1.0f, 1.0f);
        }
    }
    frame_ += static_cast<std::int64_t>(frames);
    return {};
}

}  // namespace brisk
