// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/edit_commands.h"

#include <algorithm>

#include "shoot/change_state.h"
#include "shoot/sound_change.h"

namespace brisk::commands {

Command setShootSound(const ShootState& now, const SoundChoice& choice, const Fact& what) {
    const Fact change = what.empty() ? soundChange(now.sound, choice) : what;
    return {{"sound-for-all", {{"what", change}}}, [choice](ShootState& s) { s.sound = choice; }};
}

Command setTakeSound(const ShootState& now, const std::vector<int>& takes,
                     const std::optional<SoundChoice>& choice) {
    const Fact what =
        choice ? soundChange(now.soundOf(takes.front()), *choice) : Fact{"sound-as-for-all"};
    const Fact label =
        takes.size() == 1
            ? Fact{"sound-for-take", {{"take", nameOf(now, takes.front())}, {"what", what}}}
            : Fact{"sound-for-takes", {{"takes", takes.size()}, {"what", what}}};
    return {label, [takes, choice](ShootState& s) {
                for (const int take : takes) {
                    changeEdit(s, take, [&](TakeEdit& e) { e.sound = choice; });
                }
            }};
}

Command keep(const ShootState& now, int take, const TimeRanges& kept, TimeRange whole,
             const std::string& what) {
    const bool all = kept.size() == 1 && kept.front() == whole;
    return {{what, {{"take", nameOf(now, take)}}}, [take, kept, all](ShootState& s) {
                changeEdit(s, take, [&](TakeEdit& e) { e.kept = all ? TimeRanges{} : kept; });
            }};
}

Command quiet(const ShootState& now, int take, const QuietStretch& stretch) {
    const Fact what{stretch.db >= 0 ? "heard-stretch" : "quiet-stretch",
                    {{"take", nameOf(now, take)}, {"at", stretch.range.start}}};
    return {what, [take, stretch](ShootState& s) {
                changeEdit(s, take, [&](TakeEdit& e) {
                    std::erase_if(e.quiet, [&](const QuietStretch& q) {
                        return q.side == stretch.side && q.range.start >= stretch.range.start &&
                               q.range.end <= stretch.range.end;
                    });
                    const auto after = std::find_if(
                        e.quiet.begin(), e.quiet.end(),
                        [&](const QuietStretch& q) { return q.range.start > stretch.range.start; });
                    e.quiet.insert(after, stretch);
                });
            }};
}

Command notQuiet(const ShootState& now, int take, TimeRange stretch) {
    return {{"not-quiet", {{"take", nameOf(now, take)}, {"at", stretch.start}}},
            [take, stretch](ShootState& s) {
                changeEdit(s, take, [&](TakeEdit& e) {
                    std::erase_if(e.quiet, [&](const QuietStretch& q) {
                        return q.range.start <= stretch.end && stretch.start <= q.range.end;
                    });
                });
            }};
}

Command backToTether(const ShootState& now, int take) {
    return {{"back-to-tether", {{"take", nameOf(now, take)}}}, [take](ShootState& s) {
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
