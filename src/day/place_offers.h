// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Places that a person can try one after the other: those that came near in a search, or the ways
/// to lay marks or claps of both sounds upon each other.
#pragma once

#include <optional>
#include <vector>

#include "align/measure/mark_fit.h"
#include "core/fact.h"
#include "features/sound_scan.h"
#include "shoot/shoot_state.h"

namespace brisk {

struct PlaceOffer {
    ClockLine line;
    Fact where;  ///< "best-place", "weaker-place", "mark-pairs".
};

/// The found place and those that came near, best first. Empty where nothing came near.
std::vector<PlaceOffer> offersOf(const TetherEstimate& found);

/// Ways to lay marks upon each other, best first, and what is to be said of the first: how far
/// apart what is left of it, whether its drift was measured, how many others fit as well.
struct MarkOffers {
    std::vector<PlaceOffer> places;
    Facts said;
};
MarkOffers offersOf(const std::vector<MarkFit>& fits);

/// A person's marks on a file, in order of time; or its claps, at most so many, the strongest.
/// \param start  where the file's sound begins on the time that its marks count by.
std::vector<Seconds> marksOf(const ShootState& state, int media);
std::vector<Seconds> clapsOf(const SoundScan& scan, Seconds start, std::size_t most);

/// The moment nearest to `t` that is not farther away than `reach`; nothing where there is none.
std::optional<Seconds> nearest(const std::vector<Seconds>& moments, Seconds t, Seconds reach);

}  // namespace brisk
