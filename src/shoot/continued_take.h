// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Two files of one take, which a camera cut without stopping. day/continued_takes.h finds them.
#pragma once

#include "core/units.h"

namespace brisk {

struct ContinuedTake {
    int before = 0;
    int after = 0;
    Seconds length;         ///< Of `before`: take time of `after` is this much less.
    bool measured = false;  ///< By the places of both on one recording; else by their stamps only.
};

}  // namespace brisk
