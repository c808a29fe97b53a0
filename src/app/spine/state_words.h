// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a take stands, in words that say what there is to do: "found: check it".
#pragma once

#include <QString>

#include "app/spine/session.h"
#include "shoot/shoot_state.h"

namespace brisk::app {

QString stateWords(const ShootState& state, int take);
/// The same while takes are being matched, which one that has no tether yet may wait for.
QString stateWords(const Session& session, int take);

}  // namespace brisk::app
