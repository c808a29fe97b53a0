// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Renders sound in a thread of its own, a few seconds ahead of who writes it, so that rendering
/// and copying pictures cost the longer of the two and not the sum.
///
///     SoundAhead ahead(pull, 2, 48000 * 60);
///     while (!(*(block = ahead.next())).empty()) write(*block);
#pragma once

#include <condition_variable>
#include <cstdint>
#include <deque>
#include <functional>
#include <mutex>
#include <optional>
#include <span>
#include <thread>
#include <vector>

#include "core/result.h"

namespace brisk {

/// Fills interleaved samples of a new sound, always the whole span.
using SoundPull = std::function<Result<void>(std::span<float>)>;

class SoundAhead {
  public:
    /// \param pull  called in the other thread only, until this is gone.
    SoundAhead(SoundPull pull, int channels, std::int64_t frames);
    ~SoundAhead();
    SoundAhead(const SoundAhead&) = delete;
    SoundAhead& operator=(const SoundAhead&) = delete;

    /// The next block; empty after the last. Valid until the next call. Errors: those of `pull`.
    Result<std::span<const float>> next();

  private:
    void render(std::int64_t frames);

    SoundPull pull_;
    std::size_t channels_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<std::vector<float>> ready_;
    std::vector<std::vector<float>> spare_;
    std::vector<float> given_;
    std::optional<Error> error_;
    bool ended_ = false, unwanted_ = false;
    std::thread thread_;
};

}  // namespace brisk
