// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where every take could lie on every recording. Of a take of several minutes the most telling
/// minute is looked for first: where it surely lies on one recording, the others, on which that
/// minute shows no more than chance, need not be asked about the rest.
///
///     PairNominations nominations(takes, recordings, 2, nullptr);
///     nominations.nominateAll(job);
///     for (std::size_t r : nominations.likeliestFirst(t)) ...
#pragma once

#include <memory>
#include <mutex>
#include <optional>
#include <vector>

#include "align/assemble/known_pairs.h"
#include "align/assemble/match_methods.h"

namespace brisk {

/// One recording made ready for searching: by the first take that needs it, until the last is done.
/// Threads: any.
class SharedSearch {
  public:
    std::shared_ptr<CoarseRecording> use(const SoundScan& recording);
    void expect(std::size_t takes) { takesLeft_ = takes; }
    void done();

  private:
    std::mutex lock_;
    std::shared_ptr<CoarseRecording> ready_;
    std::size_t takesLeft_ = 0;
};

class PairNominations {
  public:
    /// All must outlive this. \param threads  0 = one for each core; answers do not depend on it.
    /// \param known  what was found out before; may be null.
    PairNominations(const std::vector<const SoundScan*>& takes,
                    const std::vector<const SoundScan*>& recordings, int threads,
                    KnownPairs* known);

    void nominateAll(const JobControl& job);

    /// Whether the whole take was looked for there; if not, nothing but chance is to be expected.
    [[nodiscard]] bool asked(std::size_t take, std::size_t recording) const {
        return whole_[at(take, recording)].has_value();
    }
    /// Only where it was asked.
    [[nodiscard]] const Result<Nominated>& of(std::size_t take, std::size_t recording) const {
        return *whole_[at(take, recording)];
    }
    /// Asks the recordings that were not asked about the whole take; true if there were any.
    /// Threads: one for each take.
    bool askTheRest(std::size_t take, const JobControl& job);

    /// The recordings in the order in which the take is likely to lie on them; where that is equal,
    /// by name: never in the order in which they were given.
    [[nodiscard]] std::vector<std::size_t> likeliestFirst(std::size_t take) const;

  private:
    [[nodiscard]] std::size_t at(std::size_t t, std::size_t r) const {
        return r * takes_.size() + t;
    }
    using Look = CoarseTake::Look;
    struct Pair {
        std::size_t take, recording;  // the take among some
    };

    [[nodiscard]] std::vector<std::size_t> allTakes() const;
    /// Those together that by their minutes lie on the same recording: it is transformed for as
    /// many of them at once.
    [[nodiscard]] std::vector<std::size_t> byLikeliest() const;
    /// Some takes at a time, whose transforms are held, and for these one recording after the
    /// other.
    void askAll(Look look, const JobControl& job);
    void askSome(const std::vector<std::size_t>& takes, Look look, const JobControl& job);
    [[nodiscard]] std::vector<Pair> pairsOf(const std::vector<std::size_t>& takes, Look look);
    void askOne(std::size_t t, std::size_t r, const CoarseTake& seen, CoarseRecording& searched,
                Look look, const JobControl& job);
    [[nodiscard]] bool wanted(std::size_t t, std::size_t r, Look look) const;
    void recallMinutes();
    /// Takes over what the whole take showed before, if it was asked.
    bool askedBefore(std::size_t t, std::size_t r);

    const std::vector<const SoundScan*>& takes_;
    const std::vector<const SoundScan*>& recordings_;
    int threads_;
    KnownPairs* known_;
    std::vector<SharedSearch> searches_;
    // A pair each, see at().
    std::vector<std::optional<Result<Nominated>>> whole_;
    std::vector<std::optional<double>> minute_;  // best score of the most telling one
};

}  // namespace brisk
