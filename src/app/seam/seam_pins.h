// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Pins on the seam: the claps that were found, faint, and the marks that a person put. A pair in
/// place meets at the line.
#pragma once

#include <QPainter>
#include <optional>
#include <vector>

#include "app/seam/time_axis.h"
#include "app/spine/session.h"

namespace brisk::app {

struct SeamPin {
    int mark = 0;   ///< Id of the mark; 0 = a clap that was found.
    int media = 0;  ///< The file it is on.
    bool onClean = false;
    Seconds takeTime;  ///< Where it is drawn.
    Seconds fileTime;  ///< As marks count it.
    double strengthDb = 0;
    QString name;
};

/// All pins of a take and of its recording, with the clean sound moved by `dragged`.
std::vector<SeamPin> seamPins(const Session& session, int take, Seconds dragged);

/// Where pins are drawn: heads near the far ends, stems to the line.
struct PinPlaces {
    const TimeAxis* axis = nullptr;
    double top = 0, seamY = 0, bottom = 0;
    [[nodiscard]] QPointF head(const SeamPin& pin) const;
};

/// \param chosen  the mark that is worked on, 0 = none.
void paintPins(QPainter& p, const std::vector<SeamPin>& pins, const PinPlaces& places, int chosen);

/// The pin whose head is under the pointer; marks before claps.
std::optional<SeamPin> pinAt(const std::vector<SeamPin>& pins, const PinPlaces& places,
                             QPointF pointer);

}  // namespace brisk::app
