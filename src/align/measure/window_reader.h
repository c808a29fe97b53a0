// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads short windows of a take and a recording, both at 48 kHz mono, the recording along a line.
/// Opens each file once, however many places are looked at.
///
///     auto reader = WindowReader::open(take, recording);
///     auto w = reader->read(line, {12.5}, 1 << 16);   // from recording second 12.5 on
#pragma once

#include <memory>
#include <vector>

#include "core/clock_line.h"
#include "core/result.h"
#include "features/held_sound.h"

namespace brisk {

struct SoundWindow {
    Seconds middle;  ///< Scratch time.
    /// To add to a measured lag: windows begin on whole samples, lines do not.
    Seconds lagCorrection;
    std::vector<float> scratch;
    std::vector<float> clean;
};

class WindowReader {
  public:
    static constexpr int kRate = 48000;

    /// Both scans must outlive this. Errors: CannotRead.
    static Result<WindowReader> open(const SoundScan& take, const SoundScan& recording);
    /// The same of a take that is held already, for another recording. Threads: what shares a take
    /// runs one at a time.
    static Result<WindowReader> open(std::shared_ptr<HeldSound> take, const SoundScan& recording);
    WindowReader(std::shared_ptr<HeldSound> take, std::shared_ptr<HeldSound> recording)
        : scratch_(std::move(take)), clean_(std::move(recording)) {}

    /// A window that begins at `cleanStart` of the recording, as `line` (scratch seconds to clean
    /// seconds) lays it on the take. Outside a sound there is silence. Errors: CannotRead.
    Result<SoundWindow> read(ClockLine line, Seconds cleanStart, int size);

    [[nodiscard]] HeldSound& takeSound() { return *scratch_; }
    [[nodiscard]] HeldSound& recordingSound() { return *clean_; }
    [[nodiscard]] const SoundScan& take() const { return scratch_->scan(); }
    [[nodiscard]] const SoundScan& recording() const { return clean_->scan(); }
    /// Scratch time that both sounds cover when laid along `line`.
    [[nodiscard]] TimeRange overlap(ClockLine line) const;

  private:
    std::shared_ptr<HeldSound> scratch_, clean_;
    std::vector<float> before_;  // what is read, before it is resampled
};

}  // namespace brisk
