// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A take that has a place, with its sounds read: what is measured, drawn and heard of it.
#pragma once

#include <memory>

#include "day/take_pieces.h"
#include "features/sound_scan.h"
#include "shoot/shoot_state.h"

namespace brisk {

struct PlacedPair {
    Tether tether;  ///< The first that is heard: what is worked on.
    std::shared_ptr<const SoundScan> take;
    std::shared_ptr<const SoundScan> recording;  ///< The tether's.
    /// By the acoustic match, where there is more than the tether's one line.
    CleanPieces more = {};

    /// All that the clean sound is made of; at least one.
    [[nodiscard]] CleanPieces pieces() const;
    /// The same pair as it is around a moment: on the recording and the line that hold there.
    [[nodiscard]] PlacedPair at(Seconds takeTime) const;
    /// Take time that both sounds cover; from the first to the last moment where there are gaps.
    [[nodiscard]] TimeRange overlap() const;
    /// True where the same is heard and measured.
    [[nodiscard]] bool sameSound(const PlacedPair& other) const;
};

}  // namespace brisk
