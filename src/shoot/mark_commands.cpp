// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/mark_commands.h"

#include <algorithm>
#include <filesystem>

namespace brisk::commands {
namespace {

std::string markName(const ShootState& s, int mark) {
    const Mark* m = s.mark(mark);
    return m ? m->name : std::string();
}

/// A change to one mark, if it is still there.
Command changed(Fact label, int mark, std::function<void(Mark&)> change) {
    return {std::move(label), [mark, change = std::move(change)](ShootState& s) {
                for (Mark& m : s.marks) {
                    if (m.id == mark) change(m);
                }
            }};
}

}  // namespace

Command addMark(const ShootState& now, int media, Seconds time, std::string name) {
    if (name.empty()) name = "mark " + std::to_string(now.marksOf(media).size() + 1);
    const MediaItem* item = now.item(media);
    const std::string on =
        item ? std::filesystem::path(item->path).filename().string() : std::string();
    return {{"put-mark", {{"mark", name}, {"file", on}}}, [media, time, name](ShootState& s) {
                s.marks.push_back({s.nextId++, media, time, name});
            }};
}

Command moveMark(const ShootState& now, int mark, Seconds time) {
    return changed({"move-mark", {{"mark", markName(now, mark)}}}, mark,
                   [time](Mark& m) { m.time = time; });
}

Command renameMark(const ShootState& now, int mark, std::string name) {
    return changed({"rename-mark", {{"mark", markName(now, mark)}, {"name", name}}}, mark,
                   [name](Mark& m) { m.name = name; });
}

Command removeMark(const ShootState& now, int mark) {
    return {{"remove-mark", {{"mark", markName(now, mark)}}}, [mark](ShootState& s) {
                std::erase_if(s.marks, [&](const Mark& m) { return m.id == mark; });
            }};
}

}  // namespace brisk::commands
