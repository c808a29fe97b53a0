// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/state_words.h"

#include <QObject>
#include <cmath>

#include "app/spine/words.h"
#include "core/time_text.h"

namespace brisk::app {

QString stateWords(const ShootState& s, int take) {
    const Tether* t = s.tetherOf(take);
    if (!t) return QObject::tr("not searched");
    switch (s.stateOf(take)) {
        case TetherState::Slipped: {
            const auto by = s.slippedBy(take);
            if (!by) return QObject::tr("moved: onto another recording than its tether");
            return (by->value >= 0 ? QObject::tr("moved: %1 later than its tether")
                                   : QObject::tr("moved: %1 earlier than its tether"))
                .arg(slipWords({std::fabs(by->value)}));
        }
        case TetherState::Tethered:
            return QObject::tr("tethered");
        case TetherState::Offered:
            return QObject::tr("found: check it");
        case TetherState::NeedsAnEar:
            return t->movedByHand()  ? QObject::tr("unsure: moved by hand, listen first")
                   : t->placedByHand ? QObject::tr("unsure: placed by hand, listen first")
                   : t->found.status == MatchStatus::Matched ? QObject::tr("jumps: listen there")
                                                             : QObject::tr("unsure: listen first");
        case TetherState::Loose:
            break;
    }
    return QObject::tr("no place found");
}

QString stateWords(const Session& session, int take) {
    const bool waits = session.matching() && !session.state().tetherOf(take);
    return waits ? QObject::tr("being searched") : stateWords(session.state(), take);
}

}  // namespace brisk::app
