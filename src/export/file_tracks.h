// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sounds that one written file holds, in order: the clean sound, other microphones, the
/// camera's own. What is written and what is read back and checked both come from here.
#pragma once

#include <string>
#include <vector>

#include "core/fact.h"
#include "render/headroom.h"
#include "render/take_sound.h"

namespace brisk {

struct FileTrack {
    std::string title;    ///< As the file names it.
    Fact what;            ///< "camera sound", within a sentence.
    TakeSoundPlan sound;  ///< What it sounds like, on the time of the whole take.
};

/// At least one; the first is the one that plays by itself.
std::vector<FileTrack> fileTracks(const TakeSoundPlan& plan);

/// A track with the level with which its peaks fit. What is not known of them is measured.
/// Errors: CannotRead, Cancelled.
Result<FileTrack> fittedTrack(FileTrack track, Coding coding, OverFull how, const JobControl& job);
/// All tracks of a file, each fitted. Errors: as above.
Result<std::vector<FileTrack>> fittedTracks(const TakeSoundPlan& plan, Coding coding, OverFull how,
                                            const JobControl& job);

/// What became of samples that did not fit; empty where all did.
struct Clipped {
    Facts problem;  ///< Nobody meant that.
    Facts chosen;
};
Clipped clippedFacts(std::int64_t samples, const FileTrack& track, OverFull how);

}  // namespace brisk
