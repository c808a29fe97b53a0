// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads short windows of a take and a recording, both at 48 kHz mono, the recording along a line.
/// Opens each file once, however many places are looked at.
///
///     auto reader = WindowReader::open(take, recording);
///     auto w = reader->read(line, {12.5}, 1 << 16);   // from recording second 12.5 on
#pragma once

#include <vector>

#include "core/clock_line.h"
#include "core/result.h"
#include "features/sound_scan.h"

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

    /// A window that begins at `cleanStart` of the recording, as `line` (scratch seconds to clean
    /// seconds) lays it on the take. Outside a sound there is silence. Errors: CannotRead.
    Result<SoundWindow> read(ClockLine line, Seconds cleanStart, int size);

    [[nodiscard]] const SoundScan& take() const { return *take_; }
    [[nodiscard]] const SoundScan& recording() const { return *recording_; }
    /// Scratch time that both sounds cover when laid along `line`.
    [[nodiscard]] TimeRange overlap(ClockLine line) const;

  private:
    WindowReader(const SoundScan& take, const SoundScan& recording, SoundReader a, SoundReader r);

    const SoundScan* take_;
    const SoundScan* recording_;
    SoundReader scratch_;
    SoundReader clean_;
};

}  // namespace brisk
