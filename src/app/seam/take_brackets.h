// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Brackets above a recording by itself: where takes lie on it.
#pragma once

#include <QPainter>
#include <vector>

#include "app/seam/time_axis.h"
#include "app/spine/session.h"

namespace brisk::app {

struct TakeBracket {
    int take = 0;
    TimeRange range;  ///< Of the recording.
    int row = 0;      ///< 0 = nearest to the recording; takes that overlap are one above another.
};

/// In order of time.
std::vector<TakeBracket> takeBrackets(const Session& session, int recording);

/// Where brackets are drawn: from the line upwards.
struct BracketPlaces {
    const TimeAxis* axis = nullptr;
    double top = 0, seamY = 0;
    [[nodiscard]] QRectF box(const TakeBracket& bracket) const;
};

void paintBrackets(QPainter& p, const Session& session, const std::vector<TakeBracket>& brackets,
                   const BracketPlaces& places);

/// The take whose bracket is under the pointer; 0 = none.
int bracketAt(const std::vector<TakeBracket>& brackets, const BracketPlaces& places,
              QPointF pointer);

}  // namespace brisk::app
