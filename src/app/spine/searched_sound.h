// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a person wants a file to be listened to by a search: by which channel, and what is left of
/// it where its ends were trimmed away.
///
///     SearchedSound s(item, scan);
///     s.kept = view.trimmedTo();
///     auto sound = sounds.of(s, problems, job);
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "features/sound_scan.h"
#include "shoot/shoot_state.h"

namespace brisk::app {

struct SearchedSound {
    int id = 0;
    std::shared_ptr<const SoundScan> scan;
    std::optional<int> channel;  ///< Another than the one that was found best.
    std::optional<TimeRange> kept = std::nullopt;

    SearchedSound(const MediaItem& m, const std::shared_ptr<const SoundScan>& s)
        : id(m.id), scan(s) {
        if (m.searchedBy != kBestChannel) channel = m.searchedBy;
    }
    friend bool operator==(const SearchedSound&, const SearchedSound&) = default;
};

/// A scan that was made, or one of the same file by another channel.   Threads: safe.
Result<std::shared_ptr<const SoundScan>> heardBy(const std::shared_ptr<const SoundScan>& scan,
                                                 std::optional<int> channel, const JobControl& job);

/// Sounds that were made ready: each once, and kept, so that what is known of one stays known.
/// Threads: one at a time.
class SearchedSounds {
  public:
    /// What cannot be listened to as wished is a problem, and is searched as it is.
    std::shared_ptr<const SoundScan> of(const SearchedSound& wished, std::vector<Error>& problems,
                                        const JobControl& job);

  private:
    struct Ready {
        SearchedSound as;
        std::shared_ptr<const SoundScan> sound;
    };
    std::map<int, std::vector<Ready>> ready_;  // by file; as it was wished, one after the other
};

}  // namespace brisk::app
