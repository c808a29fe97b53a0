// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/state_check.h"

#include <cmath>
#include <limits>
#include <map>
#include <set>

namespace brisk {
namespace {

constexpr std::size_t kMaxItems = 100000;  // files, tethers, marks, edits: a long life's shoots
constexpr std::size_t kMaxPerTether = 100000;
constexpr int kMaxId = std::numeric_limits<int>::max() / 2;
constexpr double kMaxDriftPpm = 100000;  // a tenth: far beyond any clock, and no standstill
constexpr Seconds kMaxSoundDelay{10};    // 3.4 km of air
constexpr double kMaxDb = 300;
constexpr double kMaxSoftEdgeMs = 60000;
constexpr int kMaxChannel = 1024;
constexpr std::size_t kMaxNameBytes = 4096;

void ensure(bool so, const char* what) {
    if (!so) throw UnsoundState(what);
}

void ensureTime(Seconds t) {
    ensure(std::fabs(t.value) <= kFurthestTime.value, "a time is beyond reason");  // false for NaN
}

void ensureRange(TimeRange r) {
    ensureTime(r.start);
    ensureTime(r.end);
    ensure(r.start <= r.end, "a range ends before it begins");
}

void ensureLine(ClockLine l) {
    ensureTime(l.offset);
    ensure(std::fabs(l.drift.value) <= kMaxDriftPpm, "a drift is beyond reason");
}

void checkEstimate(const TetherEstimate& e) {
    ensureLine(e.line);
    ensureRange(e.overlap);
    ensure(e.polarity == 1 || e.polarity == -1, "a polarity is neither 1 nor -1");
    ensure(e.confidence >= 0 && e.confidence <= 1, "a confidence is not from 0 to 1");
    ensure(e.windowsUsed >= 0 && e.windowsAgreeing >= 0, "a count is below nothing");
    for (const Seconds s : {e.residualStart, e.residualMiddle, e.residualEnd}) ensureTime(s);
    ensure(e.segments.size() + e.slips.size() + e.rivals.size() + e.path.size() <= kMaxPerTether,
           "a tether has more parts than a take has moments");
    for (const TetherSegment& s : e.segments) {
        ensureRange(s.range);
        ensureLine(s.line);
        ensureTime(s.startDoubt);
    }
    for (const auto& s : e.slips) {
        ensureTime(s.takeTime);
        ensureTime(s.slip);
    }
    for (const PathDelay& p : e.path) {
        ensureTime(p.takeTime);
        ensure(p.later.value >= 0 && p.later.value <= kMaxSoundDelay.value,
               "a sound was too long on its way");
    }
    for (const Rival& r : e.rivals) {
        ensureTime(r.offset);
        ensure(!std::isnan(r.relativeDb), "a level is no number");
    }
}

void checkTether(const Tether& t) {
    ensureLine(t.line);
    ensure(t.polarity == 1 || t.polarity == -1, "a polarity is neither 1 nor -1");
    ensure(std::fabs(t.soundDelay.value) <= kMaxSoundDelay.value,
           "a sound was too long on its way");
    checkEstimate(t.found);
}

void checkSound(const SoundChoice& c) {
    for (const double db : {c.blendDb, c.gainDb, c.targetLufs, c.ceilingDbtp, c.clapsDb}) {
        ensure(std::fabs(db) <= kMaxDb, "a level is beyond reason");
    }
    ensure(c.softEdgeMs >= 0 && c.softEdgeMs <= kMaxSoftEdgeMs, "an edge is beyond reason");
    ensure(c.channels.size() <= kMaxChannel, "more channels than there are");
    for (const int n : c.channels) {
        ensure(n >= 0 && n < kMaxChannel, "a channel that cannot be");
    }
}

void checkMedia(const ShootState& s) {
    std::map<int, int> goesOnFrom;
    for (const MediaItem& m : s.media) {
        ensure(m.id > 0 && m.id < s.nextId, "an id is out of range");
        ensure(goesOnFrom.emplace(m.id, m.goesOnFrom).second, "two files have one id");
        ensure(m.path.size() <= kMaxNameBytes && m.camera.size() <= kMaxNameBytes,
               "a name is too long");
        for (const std::string* text :
             {&m.slate.name, &m.slate.scene, &m.slate.take, &m.slate.note}) {
            ensure(text->size() <= kMaxNameBytes, "a name is too long");
        }
        ensure(m.searchedBy >= kBestChannel && m.searchedBy < kMaxChannel,
               "a channel that cannot be");
        ensure(m.path.find('\0') == std::string::npos, "a path holds what no path can");
        ensureTime(m.goesOnAfter);
    }
    std::set<int> known;  // lead to an end
    for (const auto& [id, before] : goesOnFrom) {
        std::set<int> way;
        for (int at = id; at != 0 && !known.contains(at);) {
            ensure(way.insert(at).second, "takes go on from each other in a circle");
            const auto next = goesOnFrom.find(at);
            at = next == goesOnFrom.end() ? 0 : next->second;
        }
        known.insert(way.begin(), way.end());
    }
}

void checkEdit(const TakeEdit& e) {
    if (e.sound) checkSound(*e.sound);
    ensure(e.kept.size() <= kMaxPerTether, "more pieces than a take has moments");
    for (std::size_t i = 0; i < e.kept.size(); ++i) {
        ensureRange(e.kept[i]);
        ensure(!e.kept[i].empty(), "a kept piece is empty");
        ensure(i == 0 || e.kept[i - 1].end <= e.kept[i].start, "kept pieces overlap");
    }
    ensure(e.quiet.size() <= kMaxPerTether, "more quiet stretches than a take has moments");
    for (const QuietStretch& q : e.quiet) {
        ensureRange(q.range);
        ensure(q.db >= QuietStretch::kSilent && q.db <= 0, "a quiet stretch is louder than it was");
    }
    ensure(e.tethered.size() <= kMaxPerTether, "more tethers than there are recordings");
    for (const Tether& t : e.tethered) checkTether(t);
}

}  // namespace

void checkState(const ShootState& s) {
    ensure(s.nextId > 0 && s.nextId <= kMaxId, "the next id is out of range");
    for (const std::size_t n : {s.media.size(), s.tethers.size(), s.marks.size(), s.edits.size()}) {
        ensure(n <= kMaxItems, "there is more in it than anybody films");
    }
    checkMedia(s);
    for (const Tether& t : s.tethers) checkTether(t);
    std::set<int> marks;
    for (const Mark& m : s.marks) {
        ensure(m.id > 0 && m.id < s.nextId && marks.insert(m.id).second, "two marks have one id");
        ensureTime(m.time);
        ensure(m.name.size() <= kMaxNameBytes, "a name is too long");
    }
    std::set<int> edited;
    for (const TakeEdit& e : s.edits) {
        ensure(edited.insert(e.take).second, "a take is edited twice");
        checkEdit(e);
    }
    checkSound(s.sound);
}

std::size_t weightOf(const ShootState& s) {
    const auto ofTether = [](const Tether& t) {
        return sizeof t + t.found.segments.size() * sizeof(TetherSegment) +
               t.found.slips.size() * sizeof t.found.slips[0] +
               t.found.rivals.size() * sizeof(Rival) + t.found.reason.size() * 200;
    };
    std::size_t sum = sizeof s;
    for (const MediaItem& m : s.media) {
        sum += sizeof m + m.path.size() + m.camera.size() + m.slate.name.size() +
               m.slate.scene.size() + m.slate.take.size() + m.slate.note.size();
    }
    for (const Tether& t : s.tethers) sum += ofTether(t);
    for (const Mark& m : s.marks) sum += sizeof m + m.name.size();
    for (const TakeEdit& e : s.edits) {
        sum += sizeof e + e.kept.size() * sizeof(TimeRange) + e.quiet.size() * sizeof(QuietStretch);
        for (const Tether& t : e.tethered) sum += ofTether(t);
    }
    return sum;
}

int wholeFrom(const nlohmann::ordered_json& j) {
    const bool whole =
        j.is_number_integer() &&
        (j.is_number_unsigned() ? j.get<std::uint64_t>() <= std::numeric_limits<int>::max()
                                : j.get<std::int64_t>() >= std::numeric_limits<int>::min());
    if (!whole) throw UnsoundState("a whole number was expected");
    return j.get<int>();
}

}  // namespace brisk
