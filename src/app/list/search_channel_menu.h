// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// By which channel of the selected files a search listens: as the program finds it, one of them,
/// or the mean of all.
#pragma once

#include <vector>

#include "app/spine/session.h"

class QMenu;
class QWidget;

namespace brisk::app {

/// Choosing is one step of the history, for all of these files.
QMenu* searchChannelMenu(Session& session, const std::vector<int>& media, QWidget* parent);

/// The most channels that one of these files has; 0 where none was looked at.
int mostChannels(const Session& session, const std::vector<int>& media);

}  // namespace brisk::app
