// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A timeline as an edit decision list in the form of SMPTE ST 258: one picture track, whole
/// frames. What it cannot say is listed, so that nobody has to find out.
#pragma once

#include <string>
#include <vector>

#include "export/timeline.h"

namespace brisk {

struct EditList {
    std::string text;
    std::vector<std::string> cannotSay;  ///< Sentences; empty where it says everything.
};

/// At the rate of the first picture track; frames are counted without dropping numbers.
EditList editList(const Timeline& timeline);

}  // namespace brisk
