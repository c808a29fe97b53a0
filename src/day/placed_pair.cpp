// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/placed_pair.h"

namespace brisk {

CleanPieces PlacedPair::pieces() const {
    return more.empty() ? CleanPieces{{recording, tether.line, tether.polarity}} : more;
}

PlacedPair PlacedPair::at(Seconds t) const {
    PlacedPair there = *this;
    there.more.clear();
    const CleanPiece* best = nullptr;
    for (const CleanPiece& p : more) {
        if (!best || p.range().start <= t) best = &p;
    }
    if (best) {
        there.recording = best->recording;
        there.tether.line = best->line;
        there.tether.polarity = best->polarity;
    }
    return there;
}

TimeRange PlacedPair::overlap() const {
    const CleanPieces all = pieces();
    return take->onTake().intersect({all.front().range().start, all.back().range().end});
}

bool PlacedPair::sameSound(const PlacedPair& o) const {
    return take == o.take && pieces() == o.pieces();
}

}  // namespace brisk
