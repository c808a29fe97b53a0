// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/sound_ahead.h"

#include <algorithm>

namespace brisk {
namespace {
constexpr std::int64_t kBlock = 4800;   // frames: a tenth of a second
constexpr std::size_t kMostReady = 30;  // blocks: memory stays flat
}  // namespace

SoundAhead::SoundAhead(SoundPull pull, int channels, std::int64_t frames)
    : pull_(std::move(pull)),
      channels_(static_cast<std::size_t>(channels)),
      thread_([this, frames] { render(frames); }) {}

SoundAhead::~SoundAhead() {
    {
        const std::lock_guard lock(mutex_);
        unwanted_ = true;
    }
    changed_.notify_all();
    thread_.join();
}

void SoundAhead::render(std::int64_t frames) {
    while (frames > 0) {
        std::vector<float> block;
        {
            std::unique_lock lock(mutex_);
            changed_.wait(lock, [&] { return unwanted_ || ready_.size() < kMostReady; });
            if (unwanted_) return;
            if (!spare_.empty()) {
                block = std::move(spare_.back());
                spare_.pop_back();
            }
        }
        const std::int64_t n = std::min(kBlock, frames);
        block.resize(static_cast<std::size_t>(n) * channels_);
        const auto pulled = pull_(block);
        frames -= n;
        const std::lock_guard lock(mutex_);
        if (!pulled) {
            error_ = pulled.error();
            frames = 0;
        } else {
            ready_.push_back(std::move(block));
        }
        changed_.notify_all();
    }
    const std::lock_guard lock(mutex_);
    ended_ = true;
    changed_.notify_all();
}

Result<std::span<const float>> SoundAhead::next() {
    std::unique_lock lock(mutex_);
    changed_.wait(lock, [&] { return ended_ || error_ || !ready_.empty(); });
    if (ready_.empty()) {
        if (error_) return tl::unexpected(*error_);
        return std::span<const float>{};
    }
    if (given_.capacity() > 0) spare_.push_back(std::move(given_));
    given_ = std::move(ready_.front());
    ready_.pop_front();
    changed_.notify_all();
    return std::span<const float>(given_);
}

}  // namespace brisk
