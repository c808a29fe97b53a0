// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The benchmark's groups of pairs: what is varied, drawn from seeds.
#pragma once

#include <string>
#include <vector>

#include "bench/pair_maker.h"

namespace brisk::bench {

struct Group {
    std::string name;
    std::string about;  ///< One line for the table.
    std::vector<PairSpec> pairs;
    bool mustRefuse = false;  ///< Nothing decides between places: a match is only right by chance.
};

/// Every group with about `share` of its full number of pairs.
/// \param loopShare  of the loops: refusals are promised over many, however few of the others are
///                   asked for.
std::vector<Group> pairGroups(SourceSet set, double share, double loopShare = 1);

}  // namespace brisk::bench
