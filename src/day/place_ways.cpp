// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/place_ways.h"

#include "align/nominate/stamp_place.h"
#include "shoot/commands.h"

namespace brisk {

std::optional<Command> layBy(PlaceWay way, const ShootState& now, int take, int recording,
                             const SoundScan& takeScan, const SoundScan& recordingScan) {
    Seconds offset{0};
    Fact reason;
    switch (way) {
        case PlaceWay::Stamps: {
            const auto stamps = stampPlace(takeScan.info, recordingScan.info);
            if (!stamps) return std::nullopt;
            offset = stamps->line.offset;
            reason = {"stamps-alone", {{"stamps", stamps->sources}}};
            break;
        }
        case PlaceWay::BothStarts:
            reason = {"laid-by-starts"};
            break;
        case PlaceWay::BothEnds:
            offset = recordingScan.length() - takeScan.endOfTake();
            reason = {"laid-by-ends"};
            break;
    }
    Command c = commands::layOn(now, take, recording, offset);
    c.change = [lay = std::move(c.change), take, reason](ShootState& s) {
        lay(s);
        for (Tether& t : s.tethers) {
            if (t.take == take && t.placedByHand && !t.locked) t.found.reason = {reason};
        }
    };
    return c;
}

}  // namespace brisk
