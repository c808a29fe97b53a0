// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Loudness and true peak of what is handed over, to a hundredth.
///
///     ProgrammeLoudness m({48000}, 2);  m.push(block);  m.lufs(), m.truePeakDb()
#pragma once

#include <memory>
#include <span>

#include "core/units.h"

namespace brisk {

/// Source: EBU R 128 and ITU-R BS.1770 annex 2 (four times oversampled), by libebur128. Memory
/// grows by some 80 bytes a second.   Threads: one object a thread.
class ProgrammeLoudness {
  public:
    ProgrammeLoudness(SampleRate rate, int channels);
    ProgrammeLoudness(ProgrammeLoudness&&) noexcept;
    ~ProgrammeLoudness();
    void push(std::span<const float> interleaved);
    /// Integrated; -70 where there is nothing to measure.
    [[nodiscard]] double lufs() const;
    /// Of the loudest channel, re full scale; -120 for silence.
    [[nodiscard]] double truePeakDb() const;

  private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace brisk
