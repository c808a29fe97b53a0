// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A take of this window in a drag: from the list or the map, onto the map or a recording.
#pragma once

#include <QMimeData>
#include <memory>

namespace brisk::app {

/// \param grip  how far into the take it was taken hold of, in seconds.
std::unique_ptr<QMimeData> dragOf(int take, double grip = 0);

/// 0 where no take of this program's window is dragged.
int draggedTake(const QMimeData& dragged);
double draggedGrip(const QMimeData& dragged);

}  // namespace brisk::app
