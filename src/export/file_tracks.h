// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sounds that one written file holds, in order: the clean sound, other microphones, the
/// camera's own. What is written and what is read back and checked both come from here.
#pragma once

#include <string>
#include <vector>

#include "render/take_sound.h"

namespace brisk {

struct FileTrack {
    std::string title;    ///< As the file names it.
    std::string words;    ///< "camera sound", for a sentence.
    TakeSoundPlan sound;  ///< What it sounds like, on the time of the whole take.
};

/// At least one; the first is the one that plays by itself.
std::vector<FileTrack> fileTracks(const TakeSoundPlan& plan);

}  // namespace brisk
