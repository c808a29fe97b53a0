// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The clean sound of a whole take, whatever it is made of: one recording, several that continue
/// each other, one that jumps. What is heard while listening and what is written to files.
///
///     auto clean = CleanSound::open({{scan, line}}, {48000});
///     clean->seek(0); clean->read(block);      // from the first picture on
#pragma once

#include <memory>
#include <optional>
#include <span>
#include <vector>

#include "render/placed_sound.h"

namespace brisk {

/// How long a piece fades at a cut. Two that are cut into each other overlap by it.
constexpr Seconds kCutFade{0.004};

/// One recording on one line. Without cuts it sounds from the file's first sample to its last:
/// files that continue each other to the sample then add up to one sound, because laying them onto
/// take time is linear.
struct CleanPiece {
    std::shared_ptr<const SoundScan> recording;
    ClockLine line;
    int polarity = 1;
    /// Take time within which it is heard where it is cut inside the recording: it fades in after
    /// `from` and is gone at `until`.
    std::optional<Seconds> from = std::nullopt;
    std::optional<Seconds> until = std::nullopt;

    /// Take time that it covers.
    [[nodiscard]] TimeRange range() const;
    friend bool operator==(const CleanPiece&, const CleanPiece&) = default;
};

/// In order of take time.
using CleanPieces = std::vector<CleanPiece>;

/// What of a stretch of take time no piece covers, in order.
std::vector<TimeRange> uncovered(const CleanPieces& pieces, TimeRange stretch);

/// Where the recordings were too hot, on take time, in order, within a stretch of it.
std::vector<TimeRange> clippedIn(const CleanPieces& pieces, TimeRange stretch);

/// Channels that the pieces make together: 2 where one of them is stereo. 1 for none.
int cleanChannels(const CleanPieces& pieces, const HeardChannels& heard = {});

class CleanSound {
  public:
    /// Files are opened here. Errors: CannotRead.
    static Result<CleanSound> open(const CleanPieces& pieces, SampleRate outputRate,
                                   const HeardChannels& heard = {});
    CleanSound(CleanSound&&) noexcept;
    CleanSound& operator=(CleanSound&&) noexcept;
    ~CleanSound();

    [[nodiscard]] int channels() const;
    /// Goes to output frame `n` (may be negative).
    Result<void> seek(std::int64_t n);
    /// Fills the whole span, interleaved; silence where there is no piece. Errors: CannotRead.
    Result<void> read(std::span<float> interleaved);

  private:
    struct State;
    explicit CleanSound(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk
