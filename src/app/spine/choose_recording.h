// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which recording is meant: the only one there is, or the one that is chosen from a menu.
#pragma once

#include <functional>

class QWidget;

namespace brisk::app {

class Session;

/// \param below  where the menu opens.
void chooseRecording(const Session& session, QWidget* below,
                     const std::function<void(int)>& chosen);

}  // namespace brisk::app
