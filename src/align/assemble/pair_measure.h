// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Measures takes on recordings, whose files stay open from one take to the next.
///
///     PairMeasure measure(takes, recordings, nullptr);
///     std::shared_ptr<HeldSound> held;      // of take 2, for all its recordings
///     auto found = measure.once(held, 2, 0, nominated, job);
#pragma once

#include <functional>
#include <memory>
#include <mutex>
#include <vector>

#include "align/assemble/known_pairs.h"
#include "align/assemble/match_methods.h"

namespace brisk {

/// A second place that scores half of a sure one could be another playing of the same music.
constexpr double kWorthALook = 0.5;

/// True where nothing of the take is left for other files of the same recorder.
bool settles(const TetherEstimate& e, const SoundScan& take, const SoundScan& recording);

/// Threads: any, several at a time; one at a time for each take.
class PairMeasure {
  public:
    /// All must outlive this. \param known  what was found out before; may be null.
    PairMeasure(const std::vector<const SoundScan*>& takes,
                const std::vector<const SoundScan*>& recordings, KnownPairs* known);

    /// As it was measured before, if it was.
    /// \param held  the take's sound, opened if it is null. Errors: CannotRead, Cancelled.
    Result<TetherEstimate> once(std::shared_ptr<HeldSound>& held, std::size_t take,
                                std::size_t recording, const Nominated& n, const JobControl& job);

    using Ask = std::function<Result<TetherEstimate>(WindowReader&)>;
    /// Asks a pair whose sounds are open. Errors: CannotRead, and those of `ask`.
    Result<TetherEstimate> with(std::shared_ptr<HeldSound>& held, std::size_t take,
                                std::size_t recording, const Ask& ask);

  private:
    /// One recording, which the takes use one after the other.
    struct Opened {
        std::mutex lock;
        std::shared_ptr<HeldSound> idle;
    };
    Result<std::shared_ptr<HeldSound>> borrow(std::size_t recording);
    void giveBack(std::size_t recording, std::shared_ptr<HeldSound> sound);

    const std::vector<const SoundScan*>& takes_;
    const std::vector<const SoundScan*>& recordings_;
    KnownPairs* known_;
    std::vector<Opened> opened_;
};

}  // namespace brisk
