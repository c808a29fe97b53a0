// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything that can be done to a shoot. Each is named for what a person meant by it.
#pragma once

#include "align/assemble/copy_fit.h"
#include "shoot/continued_take.h"
#include "shoot/shoot.h"

namespace brisk {

/// A file of the shoot that was found elsewhere.
struct MovedFile {
    int media = 0;
    std::string path;
};

}  // namespace brisk

namespace brisk::commands {

/// Adds files; ids are given here. Files already there are left out.
Command addMedia(std::vector<MediaItem> items);

/// Takes files where they are now; all that is known of them stays.
Command findMoved(std::vector<MovedFile> files);

/// A recording's repaired copy in its place: what is known of it is laid on the copy.
/// \param path, print  of the copy.   \param fit  of the copy on the old file.
Command swapRecording(const ShootState& now, int media, const std::string& path,
                      const FileIdentity& print, const CopyFit& fit);

/// Removes a file and the tethers that name it. The file itself is not touched.
Command removeMedia(const ShootState& now, int id);

/// Takes in what a search found for these takes, in the place of what was known; locked takes stay
/// as they are. Several tethers for one take come heard ones first.
Command takeMatches(std::vector<Tether> found);

/// Everything as it was in a snapshot; files that were added since stay.
Command backToSnapshot(const Snapshot& snapshot);
/// One take's tether and marks as they were in a snapshot.
Command takeAsInSnapshot(const ShootState& now, int take, const Snapshot& snapshot);

/// "Find matches for 3 takes".
Fact findMatchesLabel(std::size_t takes);

/// Confirms and locks.
Command lock(const ShootState& now, int take);
/// The same for several in one step.
Command lockAll(const std::vector<int>& takes);
/// What a file is used as: "only its sound is wanted". Its tethers go with its old use.
Command setRole(const ShootState& now, int media, MediaKind role);
/// Names the camera that takes are from; empty: as their files tell.
Command setCamera(const std::vector<int>& takes, const std::string& name);
/// Takes that a camera cut into files become one: what is done to one's place is done to all. The
/// one that was measured over the longer stretch gives the others its line.
Command joinTakes(const ShootState& now, const std::vector<ContinuedTake>& joins);
/// Each for itself again; places stay.
Command partTakes(const ShootState& now, int take);

/// Unlocks; the place stays, and is remembered as what was tethered.
Command unlock(const ShootState& now, int take);

/// Which microphone a take is heard by: the recordings of it, the first one named; all others are
/// kept beside.
Command hear(const ShootState& now, int take, const std::vector<int>& recordings);

/// Moves the clean sound of an unlocked take; positive = it is heard later in the take.
Command moveClean(const ShootState& now, int take, Seconds by);
/// Puts an unlocked take on a line that a person chose. \param where  "at-moment", "mark-pairs".
Command place(const ShootState& now, int take, ClockLine line, const Fact& where);
/// Lays a take on a recording, whatever a search said of it.
Command layOn(const ShootState& now, int take, int recording, Seconds offset);
/// Back to the place the search found.
Command backToFound(const ShootState& now, int take);
/// How long the sound was on its way to the camera; 0 takes it back.
Command setSoundDelay(const ShootState& now, int take, Seconds delay);

}  // namespace brisk::commands
