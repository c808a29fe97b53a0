// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The ways to narrow down a search for one take.
#pragma once

#include <QMenu>
#include <functional>

#include "app/spine/session.h"

namespace brisk::app {

struct SearchScope {
    enum Kind { Nearby, ThisStretch, ThisStretchNearby, Claps, TakeChannel, RecordingChannel };
    Kind kind = Nearby;
    int channel = 0;  ///< Counted from 0, for the last two.
};

/// What can be narrowed down for this pair; the caller shows and deletes it.
QMenu* searchMenu(const PlacedPair& pair, QWidget* parent,
                  const std::function<void(SearchScope)>& chosen);

}  // namespace brisk::app
