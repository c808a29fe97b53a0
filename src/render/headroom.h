// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Peaks over full scale: known before anything is written, and never cut unless somebody said so.
/// A recorder that writes floating point keeps peaks of shouts that lie far above full scale; gain
/// and mixing make such peaks, too. Only floating point holds them.
///
///     if (!surelyFits(plan)) plan.level = *resolveLevel(plan, job);     // measured
///     plan.level = fittedInto(plan.level, Coding::Integer, OverFull::TurnDown);
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>

#include "core/fact.h"
#include "render/level_plan.h"

namespace brisk {

/// What a written sound can hold.
enum class Coding {
    Float,    ///< Whatever there is.
    Integer,  ///< Samples up to full scale.
    Lossy,    ///< The same, and what lies between samples comes back, too: true peaks count.
};

/// What becomes of peaks that do not fit.
enum class OverFull {
    TurnDown,  ///< The whole take is made quieter.
    Limit,     ///< Only the peaks are, for some milliseconds each.
    Clip,      ///< They are cut.
};

/// For the command line and what is remembered.
constexpr std::array<std::pair<OverFull, std::string_view>, 3> kOverFullNames{
    {{OverFull::TurnDown, "turn-down"}, {OverFull::Limit, "limit"}, {OverFull::Clip, "clip"}}};
std::optional<OverFull> overFullNamed(std::string_view name);

/// Whether its peaks stay below full scale whatever happens on the way: told from what is known of
/// the files, without reading them.   Threads: safe.
bool surelyFits(const TakeSoundPlan& plan);

/// Whether a level must be measured before it is written: a loudness is asked for, or peaks may not
/// fit.
bool needsMeasuring(const TakeSoundPlan& plan, Coding coding);

/// By how many dB measured peaks go over what a coding holds; 0 where they do not, or are not
/// known.
double overBy(const LevelPlan& level, Coding coding);

/// The level with which it is written. Turned down or limited, true peaks stay under its ceiling.
LevelPlan fittedInto(LevelPlan level, Coding coding, OverFull how);

/// "; peaks would go 4.3 dB over full scale, so the whole take is turned down by 5.3 dB"; nothing
/// where all fits.
Facts headroomFacts(const TakeSoundPlan& plan, Coding coding, OverFull how);

}  // namespace brisk
