// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Finds linear timecode among the channels of a sound: time of day as a signal, which some cameras
/// and recorders are given on a track of its own.
///
///     TimecodeListener listener(rate, channels);
///     listener.push(interleaved);              // all of the file, from its first sample
///     if (auto t = listener.found()) ...       // t->channel carries it
#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <span>
#include <vector>

#include "core/units.h"
#include "media/read/media_info.h"

namespace brisk {

/// Which channels of a short stretch carry timecode. Shape: interleaved.   Threads: safe.
std::vector<bool> timecodeChannels(std::span<const float> interleaved, std::size_t channels);

/// Source: SMPTE ST 12-1, decoded by libltc. Threads: one at a time.
class TimecodeListener {
  public:
    TimecodeListener(SampleRate rate, int channels);
    TimecodeListener(TimecodeListener&&) noexcept;
    ~TimecodeListener();

    /// Whole frames, going on from those before. Listens to every channel now and then, and to all
    /// of the one on which there is timecode.
    void push(std::span<const float> interleaved);
    /// What was heard; nothing where no channel carries timecode, or too little of it to be sure.
    [[nodiscard]] std::optional<TimecodeInSound> found() const;

  private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace brisk
