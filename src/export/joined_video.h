// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The kept pieces of a take as one video without gaps. Each piece is written and read back like a
/// file of its own, then all are put into one and that is read back, too.
#pragma once

#include "export/video_export.h"

namespace brisk {

/// The plan of one piece on its way into a joined file: every piece coded alike, with sounds that
/// lost nothing.
VideoExportPlan planOfJoinedPiece(const VideoExportPlan& joined, std::size_t piece);

/// As exportVideo. For a while the disk holds the pieces, too.
Result<WrittenVideo> exportJoined(const VideoExportPlan& plan, const JobControl& job);

}  // namespace brisk
