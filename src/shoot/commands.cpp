// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/commands.h"

#include <algorithm>
#include <filesystem>

#include "core/time_text.h"

namespace brisk::commands {
namespace {

std::string nameOf(const ShootState& s, int id) {
    const MediaItem* m = s.item(id);
    return m ? std::filesystem::path(m->path).filename().string() : std::string("a file");
}

Tether* find(ShootState& s, int take) {
    const auto it = std::find_if(s.tethers.begin(), s.tethers.end(),
                                 [&](const Tether& t) { return t.take == take; });
    return it == s.tethers.end() ? nullptr : &*it;
}

std::string counted(std::size_t n, const std::string& one, const std::string& many) {
    return std::to_string(n) + " " + (n == 1 ? one : many);
}

}  // namespace

Command addMedia(std::vector<MediaItem> items) {
    const std::string label =
        items.size() == 1 ? "Add " + std::filesystem::path(items.front().path).filename().string()
                          : "Add " + counted(items.size(), "file", "files");
    return {label, [items = std::move(items)](ShootState& s) {
                for (MediaItem m : items) {
                    const bool known =
                        std::any_of(s.media.begin(), s.media.end(),
                                    [&](const MediaItem& other) { return other.path == m.path; });
                    if (known) continue;
                    m.id = s.nextId++;
                    s.media.push_back(std::move(m));
                }
            }};
}

Command findMoved(std::vector<MovedFile> files) {
    return {"Find " + counted(files.size(), "moved file", "moved files"),
            [files = std::move(files)](ShootState& s) {
                for (const MovedFile& f : files) {
                    for (MediaItem& m : s.media) {
                        if (m.id == f.media) m.path = f.path;
                    }
                }
            }};
}

Command removeMedia(const ShootState& now, int id) {
    return {"Remove " + nameOf(now, id), [id](ShootState& s) {
                std::erase_if(s.media, [&](const MediaItem& m) { return m.id == id; });
                std::erase_if(s.marks, [&](const Mark& m) { return m.media == id; });
                std::erase_if(s.tethers,
                              [&](const Tether& t) { return t.take == id || t.recording == id; });
            }};
}

Command backToSnapshot(const Snapshot& snapshot) {
    return {"Back to \"" + snapshot.name + "\"", [then = snapshot.state](ShootState& s) {
                const ShootState now = s;
                s = *then;
                for (const MediaItem& m : now.media) {
                    if (!s.item(m.id)) s.media.push_back(m);
                }
                s.nextId = std::max(s.nextId, now.nextId);
            }};
}

Command takeAsInSnapshot(const ShootState& now, int take, const Snapshot& snapshot) {
    return {nameOf(now, take) + " as in \"" + snapshot.name + "\"",
            [take, then = snapshot.state](ShootState& s) {
                std::erase_if(s.tethers, [&](const Tether& t) { return t.take == take; });
                std::erase_if(s.marks, [&](const Mark& m) { return m.media == take; });
                const Tether* t = then->tetherOf(take);
                if (t && s.item(t->recording)) s.tethers.push_back(*t);
                for (const Mark& m : then->marksOf(take)) s.marks.push_back(m);
                s.nextId = std::max(s.nextId, then->nextId);
            }};
}

std::string findMatchesLabel(std::size_t takes) {
    return "Find matches for " + counted(takes, "take", "takes");
}

Command takeMatches(std::vector<Tether> found) {
    const std::string label = findMatchesLabel(found.size());
    return {label, [found = std::move(found)](ShootState& s) {
                for (const Tether& t : found) {
                    Tether* old = find(s, t.take);
                    if (old && old->locked) continue;
                    if (old) {
                        // How far the camera stood does not change by listening again.
                        const Seconds delay = old->soundDelay;
                        *old = t;
                        old->soundDelay = delay;
                    } else {
                        s.tethers.push_back(t);
                    }
                }
            }};
}

Command lock(const ShootState& now, int take) {
    return {"Tether " + nameOf(now, take), [take](ShootState& s) {
                if (Tether* t = find(s, take)) t->locked = true;
            }};
}

Command lockAll(const std::vector<int>& takes) {
    return {"Tether " + counted(takes.size(), "take", "takes"), [takes](ShootState& s) {
                for (const int take : takes) {
                    if (Tether* t = find(s, take)) t->locked = true;
                }
            }};
}

Command setRole(const ShootState& now, int media, MediaKind role) {
    return {"Use " + nameOf(now, media) + " as a " + kindText(role), [media, role](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (m.id == media) m.role = role;
                }
                std::erase_if(s.tethers, [&](const Tether& t) {
                    return t.take == media || t.recording == media;
                });
            }};
}

Command setCamera(const std::vector<int>& takes, const std::string& name) {
    return {"Name the camera of " + counted(takes.size(), "take", "takes"),
            [takes, name](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (std::find(takes.begin(), takes.end(), m.id) != takes.end()) {
                        m.camera = name;
                    }
                }
            }};
}

Command unlock(const ShootState& now, int take) {
    return {"Un-tether " + nameOf(now, take), [take](ShootState& s) {
                if (Tether* t = find(s, take)) t->locked = false;
            }};
}

Command moveClean(const ShootState& now, int take, Seconds by) {
    return {"Move the clean sound of " + nameOf(now, take) + " by " + slipText(by),
            [take, by](ShootState& s) {
                Tether* t = find(s, take);
                if (t && !t->locked) t->line.offset = t->line.offset - by;
            }};
}

Command place(const ShootState& now, int take, ClockLine line, const std::string& how) {
    return {"Place the clean sound of " + nameOf(now, take) + " " + how,
            [take, line](ShootState& s) {
                Tether* t = find(s, take);
                if (t && !t->locked) t->line = line;
            }};
}

Command layOn(const ShootState& now, int take, int recording, Seconds offset) {
    return {"Lay " + nameOf(now, take) + " on " + nameOf(now, recording),
            [take, recording, offset](ShootState& s) {
                Tether* t = find(s, take);
                if (t && t->locked) return;
                Tether laid;
                laid.take = take;
                laid.recording = recording;
                laid.line.offset = offset;
                laid.found.line = laid.line;
                laid.placedByHand = true;
                if (t) {
                    *t = laid;
                } else {
                    s.tethers.push_back(laid);
                }
            }};
}

Command backToFound(const ShootState& now, int take) {
    return {"Back to the found place of " + nameOf(now, take), [take](ShootState& s) {
                Tether* t = find(s, take);
                if (t && !t->locked) t->line = t->found.line;
            }};
}

Command setSoundDelay(const ShootState& now, int take, Seconds delay) {
    const std::string what = delay.value == 0
                                 ? "Forget the distance to the camera of " + nameOf(now, take)
                                 : "Let the clean sound of " + nameOf(now, take) + " come " +
                                       slipText(delay) + " earlier, as the picture has it";
    return {what, [take, delay](ShootState& s) {
                Tether* t = find(s, take);
                if (t && !t->locked) t->soundDelay = delay;
            }};
}

}  // namespace brisk::commands
