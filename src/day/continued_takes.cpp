// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/continued_takes.h"

#include <cmath>
#include <optional>

#include "align/nominate/stamp_place.h"
#include "shoot/tethers_by_take.h"

namespace brisk {
namespace {

constexpr double kStampDoubt = 1.0;  // seconds: creation times are whole ones
constexpr double kHalfAFrame = 0.5;

/// Whether the places of both on one recording meet; nothing where they do not lie on one.
std::optional<bool> placesMeet(const TethersByTake& s, int before, int after, Seconds length,
                               double frame) {
    for (const Tether* a : s.of(before)) {
        for (const Tether* b : s.of(after)) {
            if (a->recording != b->recording || a->state() == TetherState::Loose ||
                b->state() == TetherState::Loose) {
                continue;
            }
            const Seconds off = b->line.offset - a->line.toRecording(length);
            return std::fabs(off.value) < kHalfAFrame * frame;
        }
    }
    return std::nullopt;
}

bool stampsMeet(const MediaInfo& before, const MediaInfo& after, Seconds length) {
    const auto a = isoSeconds(before.stamps.creationTime),
               b = isoSeconds(after.stamps.creationTime);
    return a && b && std::fabs((*b - *a - length).value) < kStampDoubt;
}

}  // namespace

std::vector<ContinuedTake> continuedTakes(const ShootState& state, const std::vector<Shot>& all,
                                          const std::function<DayFacts(int)>& factsOf) {
    const TethersByTake tethers(state);
    std::vector<ContinuedTake> out;
    for (std::size_t i = 0; i + 1 < all.size(); ++i) {
        const Shot& a = all[i];
        const Shot& b = all[i + 1];
        if (a.series != b.series || a.number + 1 != b.number) continue;
        const DayFacts before = factsOf(a.take), after = factsOf(b.take);
        if (!before.info || !after.info || !before.info->video) continue;
        const double frame = 1 / before.info->video->rate.value();
        const auto meet = placesMeet(tethers, a.take, b.take, before.length, frame);
        if (meet ? *meet : stampsMeet(*before.info, *after.info, before.length)) {
            out.push_back({a.take, b.take, before.length, meet.has_value()});
        }
    }
    return out;
}

std::vector<ContinuedTake> joinsWithin(const std::vector<ContinuedTake>& continued,
                                       const ShootState& state, const std::vector<int>& takes) {
    const auto among = [&](int id) {
        return std::find(takes.begin(), takes.end(), id) != takes.end();
    };
    std::vector<ContinuedTake> out;
    for (const ContinuedTake& c : continued) {
        // One of the two is enough: the other is its neighbour.
        const bool chosen = takes.size() == 1 ? among(c.before) || among(c.after)
                                              : among(c.before) && among(c.after);
        const MediaItem* after = state.item(c.after);
        if (chosen && after && after->goesOnFrom != c.before) out.push_back(c);
    }
    return out;
}

}  // namespace brisk
