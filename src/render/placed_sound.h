// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A sound file laid onto take time by a line, at any output rate, drift corrected by resampling.
/// What is heard while listening and what is written to files both come from here.
///
///     auto clean = PlacedSound::open(recordingScan, tether.line, {48000});
///     clean->seek(0); clean->read(block);      // from the first picture on
///
/// Output frame n is the sound at take time n / rate, exact to a small part of a sample. Outside
/// the file there is silence.
#pragma once

#include <cstdint>
#include <memory>
#include <span>

#include "core/clock_line.h"
#include "core/result.h"
#include "features/sound_scan.h"
#include "render/sound_choice.h"

namespace brisk {

class PlacedSound {
  public:
    /// As recorded, one-sided and many-channelled files come out as mono, stereo as stereo.
    /// \param line  from take time to the file's own time (0 = its first presented sample).
    static Result<PlacedSound> open(const SoundScan& scan, ClockLine line, SampleRate outputRate,
                                    int polarity = 1, const HeardChannels& heard = {});
    PlacedSound(PlacedSound&&) noexcept;
    PlacedSound& operator=(PlacedSound&&) noexcept;
    ~PlacedSound();

    [[nodiscard]] int channels() const;
    /// Goes to output frame `n` (may be negative). Errors: CannotRead.
    Result<void> seek(std::int64_t n);
    /// Fills the whole span, interleaved. Errors: CannotRead.
    Result<void> read(std::span<float> interleaved);

  private:
    struct State;
    explicit PlacedSound(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// The line that lays a take's own scratch sound onto take time.
ClockLine scratchLine(const SoundScan& take);

/// Channels that PlacedSound will give for a file.
int placedChannels(const SoundScan& scan, const HeardChannels& heard = {});

}  // namespace brisk
