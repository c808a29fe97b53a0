// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A sound of which every moment and every frequency is as strong as the next: what is faint under
/// something else counts as much as what is loud. 4 kHz, from 100 to 1900 Hz; less would say little
/// in a room, more is lost as soon as two clocks drift.
///
///     auto part = whitened(*heldSound, first, 16000);  // first: a multiple of kWhitenedStep
///     auto all = recording.whole(*heldSound, job);     // made once, shared by many takes
#pragma once

#include <cstdint>
#include <mutex>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "features/held_sound.h"

namespace brisk {

constexpr int kWhitenedRate = 4000;
/// Half a frame of the transform that whitens: 64 ms.
constexpr std::int64_t kWhitenedStep = 256;

/// Samples [first, first + count) at kWhitenedRate, about 1 strong wherever there is any sound, and
/// silent where there is none. \param first  a multiple of kWhitenedStep. Errors: CannotRead.
Result<std::vector<float>> whitened(HeldSound& sound, std::int64_t first, std::int64_t count);

/// Threads: safe.
class WhitenedRecording {
  public:
    /// Of a longer recording only so much: 14 MB an hour.
    static constexpr double kLongestHours = 12;
    /// What one step of a kept sample is worth.
    static constexpr float kStep = 1.0f / 24;

    /// All of it, in steps. The first caller waits until it is made, and so do those that come
    /// meanwhile. Errors: CannotRead, Cancelled.
    Result<const std::vector<std::int8_t>*> whole(HeldSound& sound, const JobControl& job);

  private:
    std::mutex lock_;
    std::vector<std::int8_t> kept_;
    bool made_ = false;
};

}  // namespace brisk
