// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shape of each state, so that colour is never alone: an open ring, a dotted ring, a
/// half-filled ring with a dot, a closed knot.
#pragma once

#include <QPainter>

#include "shoot/shoot_state.h"

namespace brisk::app {

/// Draws into a square of about 14 pixels.
void drawStateMark(QPainter& painter, QRectF square, TetherState state);

}  // namespace brisk::app
