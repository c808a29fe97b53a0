// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The way of listening through a take: at which speed, in which direction, round which loop. Turns
/// a mix into what the loudspeakers get, and tells where in the take each moment of that is.
///
///     Transport t(std::move(mix));
///     t.seek(frame);
///     auto block = t.read(hearing, {.speed = 0.5}, 1024);   // half speed, pitch kept
#pragma once

#include <memory>
#include <optional>
#include <vector>

#include "core/time_ranges.h"
#include "core/units.h"
#include "render/listening_mix.h"

namespace brisk {

/// How to go on.
struct Travel {
    /// 1 plays as it is; 0.5 and 2 keep the pitch; any other, negative ones too, shuttles: short
    /// pieces one after the other, each the right way round.
    double speed = 1;
    std::optional<TimeRange> loop = {};  ///< Take time; at least 50 ms, or it is not kept to.
    /// Only these are heard, one after the other, in order; empty = all of the take. After the last
    /// of them it goes on.
    TimeRanges kept = {};

    friend bool operator==(const Travel&, const Travel&) = default;
};

class Transport {
  public:
    static constexpr SampleRate kRate{48000};

    /// Interleaved stereo, and where its first frame is in the take.
    struct Block {
        std::vector<float> stereo;
        Seconds at;
        double speed = 1;  ///< Take seconds in a second of it.
    };

    explicit Transport(ListeningMix mix);
    Transport(Transport&&) noexcept;
    Transport& operator=(Transport&&) noexcept;
    ~Transport();

    /// To a frame of the take at 48 kHz.
    Result<void> seek(std::int64_t frame);
    /// The next stretch, of about `frames`. Errors: CannotRead.
    Result<Block> read(Hearing hearing, const Travel& travel, std::size_t frames);
    [[nodiscard]] ListeningMix& mix() { return mix_; }

    /// A short piece around a frame, fading in and out: what scrubbing sounds like.
    Result<std::vector<float>> grain(std::int64_t frame, Hearing hearing);

  private:
    struct Stretcher;
    Result<Block> plain(Hearing hearing, const Travel& travel, std::size_t frames);
    Result<Block> stretched(Hearing hearing, const Travel& travel, std::size_t frames);
    Result<Block> shuttled(Hearing hearing, double speed);
    Result<void> jumpTo(std::int64_t frame);
    /// Reads on, jumping where the loop ends or a piece does.
    Result<void> readOn(Hearing hearing, const Travel& travel, std::span<float> stereo);

    ListeningMix mix_;
    std::int64_t frame_ = 0;
    std::unique_ptr<Stretcher> stretcher_;
};

/// The take's own sound, and what it will sound like, at matched loudness.
/// \param plan  none: only the camera is heard.
/// Errors: CannotRead.
Result<Transport> openTransport(const std::shared_ptr<const SoundScan>& take,
                                const std::optional<TakeSoundPlan>& plan);

}  // namespace brisk
