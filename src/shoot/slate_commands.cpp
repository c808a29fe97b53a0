// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/slate_commands.h"

#include <algorithm>

#include "shoot/change_state.h"

namespace brisk {

Slate SlateChange::on(Slate s) const {
    s.name = name.value_or(s.name);
    s.scene = scene.value_or(s.scene);
    s.take = take.value_or(s.take);
    s.note = note.value_or(s.note);
    s.verdict = verdict.value_or(s.verdict);
    return s;
}

namespace commands {
namespace {

/// Changes these files, under the name of the first or their number.
Command ofFiles(const ShootState& now, const std::vector<int>& media, const std::string& one,
                const std::string& several, std::function<void(MediaItem&)> change) {
    const Fact label = media.size() == 1 ? Fact{one, {{"file", nameOf(now, media.front())}}}
                                         : Fact{several, {{"files", media.size()}}};
    return {label, [media, change = std::move(change)](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (std::find(media.begin(), media.end(), m.id) != media.end()) change(m);
                }
            }};
}

}  // namespace

Command describe(const ShootState& now, const std::vector<int>& media, const SlateChange& change) {
    return ofFiles(now, media, "describe-file", "describe-files",
                   [change](MediaItem& m) { m.slate = change.on(m.slate); });
}

Command searchBy(const ShootState& now, const std::vector<int>& media, int channel) {
    return ofFiles(now, media, "search-file-by", "search-files-by",
                   [channel](MediaItem& m) { m.searchedBy = channel; });
}

}  // namespace commands
}  // namespace brisk
