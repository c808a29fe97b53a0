// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which of a file's sound tracks are read as one sound, and what its channels are called. Many
/// recorders and cameras write one track with many channels, others many tracks with one each; from
/// here on both are the same.
///
///     HeardSound s = heardSound(info);   // s.channels == 3, s.names == {"Ines", "Bench", ""}
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/fact.h"
#include "media/read/media_info.h"

namespace brisk {

struct HeardSound {
    std::vector<std::size_t> sounds;  ///< Indices into MediaInfo::sounds; the first is always 0.
    std::vector<int> streams;         ///< The same tracks as the container counts them.
    int channels = 0;                 ///< Of all of them, in the order of the tracks.
    /// One for each channel, some empty: as the recorder was told, else the title of its track.
    std::vector<std::string> names;
    /// Channels of the tracks that a player plays unless it is told otherwise. Never empty.
    std::vector<std::size_t> playing;
};

/// Of a recording all tracks that run at the first one's rate; of a take only those of them that
/// play by themselves and speak the same language, because the others are no scratch sound (clean
/// sound handed over earlier, a commentary). Empty where there is no sound.   Errors: none.
HeardSound heardSound(const MediaInfo& info);

/// What to tell a person about tracks beyond the first: nothing where there is only one.
std::optional<Fact> tracksFact(const MediaInfo& info);

}  // namespace brisk
