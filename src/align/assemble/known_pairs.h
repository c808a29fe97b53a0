// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a search has found out about pairs of files, for one that asks them again because more
/// files have come. It asks nothing twice, and says the same.
///
///     KnownPairs known;
///     matchAhead(takes, recordings, 0, job, told, known);            // some of them
///     AllMatches m = matchAll(all, recordings, {}, 0, job, told, &known);
#pragma once

#include <map>
#include <mutex>
#include <optional>
#include <utility>

#include "align/assemble/match_methods.h"
#include "features/sound_scan.h"

namespace brisk {

/// Pairs are known by the scans themselves, which live as long.   Threads: any.
class KnownPairs {
  public:
    [[nodiscard]] std::optional<Nominated> nominated(const SoundScan& take,
                                                     const SoundScan& recording) const {
        return in(nominated_, take, recording);
    }
    /// The best score of the take's most telling minute.
    [[nodiscard]] std::optional<double> minute(const SoundScan& take,
                                               const SoundScan& recording) const {
        return in(minutes_, take, recording);
    }
    /// What measuring the nominated places showed.
    [[nodiscard]] std::optional<TetherEstimate> measured(const SoundScan& take,
                                                         const SoundScan& recording) const {
        return in(measured_, take, recording);
    }
    void keepMinute(const SoundScan& take, const SoundScan& recording, double score) {
        const std::scoped_lock hold(lock_);
        minutes_.insert_or_assign({&take, &recording}, score);
    }
    void keep(const SoundScan& take, const SoundScan& recording, const Nominated& n) {
        const std::scoped_lock hold(lock_);
        nominated_.insert_or_assign({&take, &recording}, n);
    }
    void keep(const SoundScan& take, const SoundScan& recording, const TetherEstimate& e) {
        const std::scoped_lock hold(lock_);
        measured_.insert_or_assign({&take, &recording}, e);
    }

  private:
    template <class T>
    using ByPair = std::map<std::pair<const SoundScan*, const SoundScan*>, T>;

    template <class T>
    std::optional<T> in(const ByPair<T>& pairs, const SoundScan& take,
                        const SoundScan& recording) const {
        const std::scoped_lock hold(lock_);
        const auto it = pairs.find({&take, &recording});
        return it == pairs.end() ? std::nullopt : std::optional<T>(it->second);
    }

    mutable std::mutex lock_;
    ByPair<double> minutes_;
    ByPair<Nominated> nominated_;
    ByPair<TetherEstimate> measured_;
};

}  // namespace brisk
