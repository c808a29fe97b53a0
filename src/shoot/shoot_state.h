// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The model as plain data: which files, which belong together, and how. Small enough that every
/// step of the history keeps a whole copy.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "align/tether_estimate.h"
#include "media/fingerprint.h"
#include "media/media_info.h"

namespace brisk {

/// Where a take stands.
enum class TetherState {
    Loose,       ///< No place known.
    Offered,     ///< Found by the program, confirmed by nobody.
    NeedsAnEar,  ///< Found, but the evidence is thin or contradicts.
    Tethered,    ///< Confirmed and locked.
};

/// "loose", "offered", "needs an ear", "tethered".
const char* stateText(TetherState s);

struct MediaItem {
    int id = 0;
    std::string path;
    MediaKind role = MediaKind::Recording;  ///< What it is used as.
    Fingerprint fingerprint;
};

/// The relation of one take to one recording.
struct Tether {
    int take = 0;
    int recording = 0;
    TetherEstimate found;  ///< What the engine said, kept as it was.
    ClockLine line;        ///< In force; differs from found.line after a move by hand.
    int polarity = 1;
    bool locked = false;

    [[nodiscard]] TetherState state() const;
    [[nodiscard]] bool movedByHand() const { return !(line == found.line); }
};

struct ShootState {
    std::vector<MediaItem> media;
    std::vector<Tether> tethers;
    int nextId = 1;

    [[nodiscard]] const MediaItem* item(int id) const;
    [[nodiscard]] const Tether* tetherOf(int take) const;
    [[nodiscard]] std::vector<int> ids(MediaKind role) const;
    [[nodiscard]] TetherState stateOf(int take) const;
};

}  // namespace brisk
