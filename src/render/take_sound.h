// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a take sounds like in the end: the clean sound routed, levelled, filled, faded, its claps
/// quiet. What is heard and what is written both come from here.
///
///     TakeSoundPlan plan{.take = scan, .clean = pieces, .choice = choice};
///     auto level = resolveLevel(plan, job);          // where a loudness is asked for
///     auto sound = TakeSound::open(plan, {48000});
///     sound->seek(0); sound->read(block);            // on the time of the whole take
#pragma once

#include "render/clean_sound.h"
#include "render/level_plan.h"
#include "render/quiet_stretch.h"
#include "render/sound_choice.h"

namespace brisk {

/// Nothing shorter can be kept of a take: one picture, and 10 ms where there is none.
Seconds shortestPiece(const SoundScan& take);

struct TakeSoundPlan {
    std::shared_ptr<const SoundScan> take;
    CleanPieces clean;  ///< Where it is heard; at least one.
    SoundChoice choice = {};
    LevelPlan level = {};
    /// TimeRanges of the take that are kept, in order; empty = all of it.
    std::vector<TimeRange> kept = {};
    /// Only what is covered is kept, and no recording covers any of it: there is nothing to write.
    bool nothingCovered = false;
    /// Claps to be quiet, each from its onset to where it has died away; in order.
    std::vector<TimeRange> claps = {};
    /// Other stretches to be quieter; in order.
    std::vector<QuietStretch> quiet = {};
    /// Of other microphones, in place beside it; each has at least one piece.
    std::vector<CleanPieces> beside = {};

    /// From the first picture to the end of the last.
    [[nodiscard]] TimeRange wholeTake() const;
    /// The kept stretches, or the whole take as one.
    [[nodiscard]] std::vector<TimeRange> stretches() const;
    /// Length of what is kept.
    [[nodiscard]] Seconds length() const;
    friend bool operator==(const TakeSoundPlan&, const TakeSoundPlan&) = default;
};

/// What another microphone alone sounds like in the take: as recorded, with the same pieces kept
/// and the same claps quiet, on the picture's clock if the clean sound is.
TakeSoundPlan besideAlone(const TakeSoundPlan& plan, std::size_t beside);

class TakeSound {
  public:
    /// Errors: CannotRead.
    static Result<TakeSound> open(const TakeSoundPlan& plan, SampleRate outputRate);
    TakeSound(TakeSound&&) noexcept;
    TakeSound& operator=(TakeSound&&) noexcept;
    ~TakeSound();

    [[nodiscard]] int channels() const;
    /// To an output frame of the take (may be negative).
    Result<void> seek(std::int64_t frame);
    /// Fills the whole span, interleaved. Outside of what is kept: silence. Errors: CannotRead.
    Result<void> read(std::span<float> interleaved);

  private:
    struct State;
    explicit TakeSound(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// What is left at a moment of the clean sound, or of the camera's, where claps or other stretches
/// are quiet: 1 elsewhere. \param side  Clean or Camera.
double quietGain(const TakeSoundPlan& plan, Seconds takeTime, QuietSide side);

/// The gain that brings the take's loudness to the recording's, within ±30 dB.
float loudnessGain(const SoundScan& take, const SoundScan& recording);

/// The clean sound as it would be with the recorder's own speed: each piece fits where it begins
/// and drifts away from there.
CleanPieces withoutDrift(CleanPieces pieces);

}  // namespace brisk
