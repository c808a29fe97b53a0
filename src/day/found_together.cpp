// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/found_together.h"

#include <algorithm>

namespace brisk {

std::vector<const Tether*> foundAndStanding(const std::vector<Tether>& found,
                                            const ShootState& state) {
    std::vector<const Tether*> out;
    for (const Tether& t : found) out.push_back(&t);
    for (const Tether& t : state.tethers) {
        const bool again = std::any_of(found.begin(), found.end(),
                                       [&](const Tether& f) { return f.take == t.take; });
        if (!again) out.push_back(&t);
    }
    return out;
}

bool sharesItsLine(const Tether& t, const std::vector<Tether>& found) {
    return std::any_of(found.begin(), found.end(), [&](const Tether& o) {
        return o.take == t.take && o.recording != t.recording && !o.beside && !t.beside;
    });
}

}  // namespace brisk
