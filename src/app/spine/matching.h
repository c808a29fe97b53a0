// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A person's wish that all takes be matched, from the moment it is said until every file was
/// asked. Files may still be coming: what is read is searched in rounds, each by itself, and the
/// last one, when all is read, decides.
#pragma once

#include <cstddef>
#include <map>
#include <optional>
#include <set>
#include <vector>

#include "align/assemble/known_pairs.h"
#include "app/spine/searched_sound.h"
#include "core/result.h"
#include "shoot/shoot_state.h"

namespace brisk::app {

struct Matching {
    // Of the round that runs; nobody else touches them then.
    KnownPairs known;
    SearchedSounds sounds;
    std::vector<Error> deaf;  ///< What could not be listened to as wished.

    // Of the interface thread.
    bool running = false;
    bool stopped = false;
    std::set<const SoundScan*> seen;  ///< What a round had; `sounds` keeps it.
    std::map<int, Tether> ahead;      ///< What was told while files were still to come, by take.
    /// The step of the history that the results are gathered in, and whose they are.
    std::optional<std::size_t> step;
    std::set<int> takes;
};

/// What one round searches.
struct MatchRound {
    std::vector<SearchedSound> takes, recordings;
    bool last = false;  ///< No file is still to come.

    [[nodiscard]] bool empty() const { return takes.empty() || recordings.empty(); }
};

/// Whether a place that was told ahead is no longer said by what was found with all files.
bool withdrawn(const Tether& ahead, const std::vector<Tether>& found);

}  // namespace brisk::app
