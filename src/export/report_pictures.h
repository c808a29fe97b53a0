// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The report's pictures, as SVG: both sounds face to face, close up where they were checked, and
/// the slip along the take.
#pragma once

#include <string>

#include "export/documents/handed_take.h"

namespace brisk {

/// The whole take: the camera's sound above the line, the clean sound below.
std::string seamPicture(const HandedTake& take);

/// Five close-ups of 80 ms from the start of what both heard to its end, each with the slip that
/// was measured there. Reads some samples of both files; empty where it cannot.
std::string spotCheckPictures(const HandedTake& take);

/// The slips that were measured, over the take; empty where there are none.
std::string slipPicture(const HandedTake& take);

}  // namespace brisk
