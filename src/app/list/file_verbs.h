// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be done with the files that are selected in the list: verbs, taught once, shown in the
/// list's menu where they can be done.
#pragma once

#include <functional>
#include <vector>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QWidget;

namespace brisk::app {

/// `selected` gives the ids of the files; `dialogParent` is what questions are asked over.
void teachFileVerbs(Session& session, Verbs& verbs, std::function<std::vector<int>()> selected,
                    QWidget* dialogParent);

/// In the order of the menu.
const std::vector<Verb>& fileVerbs();

}  // namespace brisk::app
