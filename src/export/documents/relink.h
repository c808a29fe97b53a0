// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// An edit that was begun on takes with scratch sound, laid on the files with clean sound: an
/// OpenTimelineIO timeline in which every clip of a take points at what was written of it, at the
/// same pictures. All else in it stays as it is.
///
///     auto edit = relinked(text, "edits/", targets, "out/");
///     edit->text, edit->clips, edit->leftAlone
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "export/documents/handed_take.h"
#include "export/documents/timeline.h"

namespace brisk {

/// One take, and what was written of it.
struct RelinkTake {
    std::string path;      ///< The take's own file.
    Seconds clock;         ///< What its own clock says at its first picture; 0 = it has none.
    Rational rate{25, 1};  ///< Of its pictures.
    std::vector<WrittenFile> videos, sounds;  ///< Each with what it holds.
};

/// The takes of a hand-over of which something was written.
std::vector<RelinkTake> relinkTakes(const std::vector<HandedTake>& takes,
                                    const std::vector<WrittenTake>& written);

struct Relinked {
    std::string text;
    std::size_t clips = 0;  ///< That point at new files now.
    Facts leftAlone;        ///< Clips of takes that were not, each with why.
};

/// A clip is a take's by its path or, where no take has that path, by the name of the file. Its
/// video becomes the video that was written; of a take of which only sound was, clips on sound
/// tracks become that.
/// \param from  the folder of the timeline: paths in it count from there.   \param to  where the
/// new one will lie.
/// Errors: CannotRead, where the text is no such timeline.   Threads: safe.
Result<Relinked> relinked(const std::string& text, const std::filesystem::path& from,
                          const std::vector<RelinkTake>& takes, const std::filesystem::path& to);

}  // namespace brisk
