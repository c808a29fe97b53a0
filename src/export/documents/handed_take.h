// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One take of a shoot with all that a hand-over says of it.
#pragma once

#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "day/take_plan.h"
#include "export/documents/file_names.h"

namespace brisk {

struct HandedTake {
    int id = 0;
    std::shared_ptr<const SoundScan> scan;
    TakeSoundPlan sound;
    std::vector<Tether> tethers;          ///< Heard ones first.
    std::vector<std::string> recordings;  ///< Their files, one for each tether.
    TetherState state = TetherState::Loose;
    std::optional<Seconds> slippedBy;
    NameFacts names;
    Slate slate;
    std::vector<Mark>
        marks;    ///< On take time, in order: its own, and those of what it is heard by.
    Seconds day;  ///< When its first picture was, on the shoot's axis.
};

/// Why nothing can be written of a take at all; empty where something can.
Fact nothingToWrite(const TakeSoundPlan& sound);

/// How a take sounds; nothing while it has no place.
using SoundPlanOf = std::function<std::optional<TakeSoundPlan>(int take)>;

/// Those of these takes that have a place and whose files are known, in the order of the day; they
/// are numbered in it.   Threads: safe.
std::vector<HandedTake> handedTakes(const ShootState& state, const std::vector<int>& takes,
                                    const ScanOf& scanOf, const SoundPlanOf& soundOf);

}  // namespace brisk
