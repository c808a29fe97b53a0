// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/edit_commands.h"

#include <algorithm>

#include "shoot/change_state.h"

namespace brisk::commands {
namespace {

std::string takesNamed(const ShootState& now, const std::vector<int>& takes) {
    return takes.size() == 1 ? nameOf(now, takes.front()) : counted(takes.size(), "take", "takes");
}

}  // namespace

Command setShootSound(const SoundChoice& choice, const std::string& what) {
    return {"For all takes: " + what, [choice](ShootState& s) { s.sound = choice; }};
}

Command setTakeSound(const ShootState& now, const std::vector<int>& takes,
                     const std::optional<SoundChoice>& choice, const std::string& what) {
    return {"For " + takesNamed(now, takes) + ": " + what, [takes, choice](ShootState& s) {
                for (const int take : takes) {
                    changeEdit(s, take, [&](TakeEdit& e) { e.sound = choice; });
                }
            }};
}

Command keep(const ShootState& now, int take, const TimeRanges& kept, TimeRange whole,
             const std::string& what) {
    const bool all = kept.size() == 1 && kept.front() == whole;
    return {what + " " + nameOf(now, take), [take, kept, all](ShootState& s) {
                changeEdit(s, take, [&](TakeEdit& e) { e.kept = all ? TimeRanges{} : kept; });
            }};
}

Command backToTether(const ShootState& now, int take) {
    return {"Back to the tether of " + nameOf(now, take), [take](ShootState& s) {
                for (const auto& [id, at] : s.oneWith(take)) {
                    const TakeEdit* e = s.editOf(id);
                    if (!e || e->tethered.empty()) continue;
                    const std::vector<Tether> was = e->tethered;
                    // One on a recording that was removed since has nowhere to come back to.
                    if (was.empty()) continue;
                    replaceTethers(s, id, was);
                    changeEdit(s, id, [](TakeEdit& edit) { edit.tethered.clear(); });
                }
            }};
}

}  // namespace brisk::commands
