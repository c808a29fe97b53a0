// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/place_ways.h"

#include "align/nominate/stamp_place.h"
#include "shoot/commands.h"

namespace brisk {

Command layAt(const ShootState& now, int take, int recording, Seconds offset, const Fact& reason) {
    Command c = commands::layOn(now, take, recording, offset);
    c.change = [lay = std::move(c.change), take, reason](ShootState& s) {
        lay(s);
        for (Tether& t : s.tethers) {
            if (t.take == take && t.placedByHand && !t.locked) t.found.reason = {reason};
        }
    };
    return c;
}

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
    return layAt(now, take, recording, offset, reason);
}

int stampedRecording(const SoundScan& take, const KnownRecordings& recordings) {
    int best = 0;
    Seconds most{0};
    for (const auto& [id, scan] : recordings) {
        const auto stamps = stampPlace(take.info, scan->info);
        if (!stamps) continue;
        const Seconds from = stamps->line.offset;
        const TimeRange shared =
            TimeRange{from, from + take.endOfTake()}.intersect({{0}, scan->length()});
        if (shared.length() <= most) continue;
        most = shared.length();
        best = id;
    }
    return best;
}

Command together(std::vector<Command> each) {
    if (each.size() == 1) return std::move(each.front());
    const Fact label{"lay-several", {{"count", static_cast<std::int64_t>(each.size())}}};
    return {label, [each = std::move(each)](ShootState& s) {
                for (const Command& c : each) c.change(s);
            }};
}

}  // namespace brisk
