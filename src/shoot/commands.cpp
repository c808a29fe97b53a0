// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/commands.h"

#include <algorithm>
#include <filesystem>

#include "shoot/change_state.h"
#include "shoot/one_line.h"

namespace brisk::commands {
namespace {

/// What a take's tethers are told, all of them, and those of takes that are one with it.
template <class Change>
void forTethers(ShootState& s, int take, Change change) {
    for (const auto& [id, at] : s.oneWith(take)) {
        for (Tether& t : s.tethers) {
            if (t.take == id) change(t);
        }
    }
}

/// Moves the take's clean sound so that its first tether is on a line. Recordings that continue
/// each other go together; other microphones stay, for they have places of their own.
void moveTo(ShootState& s, int take, const std::function<ClockLine(const Tether&)>& target) {
    const Tether* first = s.tetherOf(take);
    if (!first || first->locked) return;
    const ClockLine from = first->line, to = target(*first);
    const auto all = s.oneWith(take);
    const Seconds mine = startIn(all, take);
    forTethers(s, take, [&](Tether& t) {
        const Seconds later = startIn(all, t.take) - mine;
        if (&t == first) {
            t.line = to;  // to the last bit
        } else if (!t.beside && !t.locked) {
            t.line = movedAlong(t.line, from.from(later), to.from(later));
        }
    });
}

/// A take whose heard microphone is gone is heard by the next.
void hearWhatIsLeft(ShootState& s) {
    for (Tether& t : s.tethers) {
        if (t.beside && !s.tetherOf(t.take)) t.beside = false;
    }
}

bool isLocked(const ShootState& s, int take) {
    return s.stateOf(take) == TetherState::Tethered;
}

}  // namespace

Command addMedia(std::vector<MediaItem> items) {
    const Fact label =
        items.size() == 1
            ? Fact{"add-file",
                   {{"file", std::filesystem::path(items.front().path).filename().string()}}}
            : Fact{"add-files", {{"files", items.size()}}};
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
    return {{"find-moved", {{"files", files.size()}}}, [files = std::move(files)](ShootState& s) {
                for (const MovedFile& f : files) {
                    for (MediaItem& m : s.media) {
                        if (m.id == f.media) m.path = f.path;
                    }
                }
            }};
}

Command swapRecording(const ShootState& now, int media, const std::string& path,
                      const FileIdentity& print, const CopyFit& fit) {
    return {{"swap-recording",
             {{"recording", nameOf(now, media)},
              {"copy", std::filesystem::path(path).filename().string()}}},
            [media, path, print, fit](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (m.id != media) continue;
                    m.path = path;
                    m.identity = print;
                }
                for (Mark& m : s.marks) {
                    if (m.media == media) m.time = fit.line.toTake(m.time);
                }
                const auto relay = [&](Tether& t) {
                    if (t.recording != media) return;
                    t.line = onCopy(t.line, fit.line);
                    t.polarity *= fit.polarity;
                    t.found.line = onCopy(t.found.line, fit.line);
                    t.found.polarity *= fit.polarity;
                    for (TetherSegment& g : t.found.segments) g.line = onCopy(g.line, fit.line);
                    for (Rival& r : t.found.rivals) r.offset = fit.line.toTake(r.offset);
                };
                for (Tether& t : s.tethers) relay(t);
                for (TakeEdit& e : s.edits) {
                    for (Tether& t : e.tethered) relay(t);
                }
            }};
}

Command removeMedia(const ShootState& now, int id) {
    return {{"remove-file", {{"file", nameOf(now, id)}}}, [id](ShootState& s) {
                std::erase_if(s.media, [&](const MediaItem& m) { return m.id == id; });
                dropDangling(s);
                hearWhatIsLeft(s);
            }};
}

Command backToSnapshot(const Snapshot& snapshot) {
    return {{"back-to-snapshot", {{"snapshot", snapshot.name}}},
            [then = snapshot.state](ShootState& s) {
                const ShootState now = s;
                s = *then;
                for (const MediaItem& m : now.media) {
                    if (!s.item(m.id)) s.media.push_back(m);
                }
                s.nextId = std::max(s.nextId, now.nextId);
                dropDangling(s);
            }};
}

Command takeAsInSnapshot(const ShootState& now, int take, const Snapshot& snapshot) {
    return {{"take-as-in-snapshot", {{"take", nameOf(now, take)}, {"snapshot", snapshot.name}}},
            [take, then = snapshot.state](ShootState& s) {
                std::erase_if(s.tethers, [&](const Tether& t) { return t.take == take; });
                std::erase_if(s.marks, [&](const Mark& m) { return m.media == take; });
                const TakeEdit* was = then->editOf(take);
                changeEdit(s, take, [&](TakeEdit& e) {
                    e = was ? *was : TakeEdit{take, {}, {}, {}, {}};
                });
                for (const Tether* t : then->tethersOf(take)) {
                    if (s.item(t->recording)) s.tethers.push_back(*t);
                }
                for (const Mark& m : then->marksOf(take)) s.marks.push_back(m);
                s.nextId = std::max(s.nextId, then->nextId);
                dropDangling(s);
            }};
}

Fact findMatchesLabel(std::size_t takes) {
    return {"find-matches", {{"takes", takes}}};
}

Command takeMatches(std::vector<Tether> found) {
    std::vector<int> takes;
    for (const Tether& t : found) {
        if (std::find(takes.begin(), takes.end(), t.take) == takes.end()) takes.push_back(t.take);
    }
    const Fact label = findMatchesLabel(takes.size());
    return {label, [takes, found = std::move(found)](ShootState& s) {
                for (const int take : takes) {
                    if (isLocked(s, take)) continue;
                    const Tether* old = s.tetherOf(take);
                    // How far the camera stood does not change by listening again.
                    const Seconds delay = old ? old->soundDelay : Seconds{0};
                    std::vector<Tether> mine;
                    for (const Tether& t : found) {
                        if (t.take != take) continue;
                        mine.push_back(t);
                        mine.back().soundDelay = delay;
                    }
                    replaceTethers(s, take, mine);
                }
                for (const int take : takes) shareLines(s, take);
            }};
}

Command lock(const ShootState& now, int take) {
    Command c = lockAll({take});
    c.label = {"tether", {{"take", nameOf(now, take)}}};
    return c;
}

Command lockAll(const std::vector<int>& takes) {
    return {{"tether-all", {{"takes", takes.size()}}}, [takes](ShootState& s) {
                for (const int take : takes) {
                    forTethers(s, take, [](Tether& t) { t.locked = true; });
                    for (const auto& [id, at] : s.oneWith(take)) {
                        changeEdit(s, id, [](TakeEdit& e) { e.tethered.clear(); });
                    }
                }
            }};
}

Command setRole(const ShootState& now, int media, MediaKind role) {
    return {{role == MediaKind::Take ? "use-as-take" : "use-as-recording",
             {{"file", nameOf(now, media)}}},
            [media, role](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (m.id == media) m.role = role;
                }
                dropDangling(s);
                hearWhatIsLeft(s);
            }};
}

Command setCamera(const std::vector<int>& takes, const std::string& name) {
    return {{"name-camera", {{"takes", takes.size()}}}, [takes, name](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (std::find(takes.begin(), takes.end(), m.id) != takes.end()) {
                        m.camera = name;
                    }
                }
            }};
}

Command joinTakes(const ShootState& now, const std::vector<ContinuedTake>& joins) {
    const Fact label = joins.size() == 1 ? Fact{"join-two",
                                                {{"before", nameOf(now, joins.front().before)},
                                                 {"after", nameOf(now, joins.front().after)}}}
                                         : Fact{"join-takes", {{"takes", joins.size() + 1}}};
    return {label, [joins](ShootState& s) {
                for (const ContinuedTake& c : joins) {
                    for (MediaItem& m : s.media) {
                        if (m.id != c.after) continue;
                        m.goesOnFrom = c.before;
                        m.goesOnAfter = c.length;
                    }
                }
                for (const ContinuedTake& c : joins) shareLines(s, c.after);
                for (const ContinuedTake& c : joins) hearAlike(s, c.after);
            }};
}

Command partTakes(const ShootState& now, int take) {
    return {{"part-takes", {{"take", nameOf(now, take)}}}, [take](ShootState& s) {
                for (MediaItem& m : s.media) {
                    if (m.id != take && m.goesOnFrom != take) continue;
                    m.goesOnFrom = 0;
                    m.goesOnAfter = {};
                }
            }};
}

Command unlock(const ShootState& now, int take) {
    return {{"loosen", {{"take", nameOf(now, take)}}}, [take](ShootState& s) {
                // What was tethered is remembered until something else is.
                for (const auto& [id, at] : s.oneWith(take)) {
                    std::vector<Tether> was;
                    for (const Tether* t : s.tethersOf(id)) {
                        if (t->locked) was.push_back(*t);
                    }
                    if (was.empty()) continue;
                    changeEdit(s, id, [&](TakeEdit& e) { e.tethered = was; });
                }
                forTethers(s, take, [](Tether& t) { t.locked = false; });
            }};
}

Command hear(const ShootState& now, int take, const std::vector<int>& recordings) {
    return {{"hear", {{"recording", nameOf(now, recordings.front())}, {"take", nameOf(now, take)}}},
            [take, recordings](ShootState& s) {
                forTethers(s, take, [&](Tether& t) {
                    t.beside = std::find(recordings.begin(), recordings.end(), t.recording) ==
                               recordings.end();
                });
                // The one that was named is the one that is worked on.
                const auto of = [&](int recording) {
                    return std::find_if(s.tethers.begin(), s.tethers.end(), [&](const Tether& t) {
                        return t.take == take && (recording == 0 || t.recording == recording);
                    });
                };
                const auto first = of(0), named = of(recordings.front());
                if (named != s.tethers.end()) std::iter_swap(first, named);
            }};
}

Command moveClean(const ShootState& now, int take, Seconds by) {
    return {{"move-clean", {{"take", nameOf(now, take)}, {"by", by}}}, [take, by](ShootState& s) {
                moveTo(s, take, [&](const Tether& t) { return t.line.shifted(-by); });
            }};
}

Command place(const ShootState& now, int take, ClockLine line, const Fact& where) {
    return {{"place", {{"take", nameOf(now, take)}, {"where", where}}},
            [take, line](ShootState& s) { moveTo(s, take, [&](const Tether&) { return line; }); }};
}

Command layOn(const ShootState& now, int take, int recording, Seconds offset) {
    return {{"lay-on", {{"take", nameOf(now, take)}, {"recording", nameOf(now, recording)}}},
            [take, recording, offset](ShootState& s) {
                if (isLocked(s, take)) return;
                const auto all = s.oneWith(take);
                const Seconds mine = startIn(all, take);
                for (const auto& [id, at] : all) {
                    if (isLocked(s, id)) continue;
                    Tether laid;
                    laid.take = id;
                    laid.recording = recording;
                    laid.line.offset = offset + (at - mine);
                    laid.found.line = laid.line;
                    laid.placedByHand = true;
                    replaceTethers(s, id, {laid});
                }
            }};
}

Command backToFound(const ShootState& now, int take) {
    return {{"back-to-found", {{"take", nameOf(now, take)}}}, [take](ShootState& s) {
                forTethers(s, take, [](Tether& t) {
                    if (!t.locked) t.line = t.found.line;
                });
                shareLines(s, take);
            }};
}

Command setSoundDelay(const ShootState& now, int take, Seconds delay) {
    const Fact what = delay.value == 0
                          ? Fact{"forget-distance", {{"take", nameOf(now, take)}}}
                          : Fact{"sound-on-its-way", {{"take", nameOf(now, take)}, {"by", delay}}};
    return {what, [take, delay](ShootState& s) {
                forTethers(s, take, [&](Tether& t) {
                    if (!t.locked) t.soundDelay = delay;
                });
            }};
}

}  // namespace brisk::commands
