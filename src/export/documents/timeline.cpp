// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: a stretch of a take is laid on its frame grid as a whole, by rounding its moment on the
// day once; what belongs to it is laid from there in exact fractions of a second. (Rounding
// pictures to frames and sounds to samples, each by itself, puts them up to half a frame apart.) No
// rounding adds up along the day; gaps are what is left between clips.
#include "export/documents/timeline.h"

#include <algorithm>
#include <cmath>
#include <filesystem>

#include "media/read/timecode.h"

namespace brisk {
namespace {

constexpr Rational kSoundRate{48000, 1};
constexpr double kOnGrid = 1e-6;  // seconds: as near as times in floating point come

std::int64_t ticks(Seconds t, Rational rate) {
    return std::llround(t.value * rate.value());
}

Rational secondsOf(std::int64_t ticks, Rational rate) {
    return Rational{ticks, 1} / rate;
}

std::string fileName(const std::string& path) {
    return std::filesystem::path(path).filename().string();
}

/// The grid that a take's pictures are laid on: its own rate, or the usual one nearest to it where
/// its pictures keep to none.
Rational pictureRate(const SoundScan& take) {
    constexpr Rational kUsual[] = {{24000, 1001}, {24, 1}, {25, 1},       {30000, 1001},
                                   {30, 1},       {50, 1}, {60000, 1001}, {60, 1}};
    if (!take.info.video) return {25, 1};
    const Rational own = take.info.video->rate;
    const bool even = !take.info.video->variableRate && (own.den == 1 || own.den == 1001);
    if (even && own.num > 0) return own;
    return *std::min_element(std::begin(kUsual), std::end(kUsual), [&](Rational a, Rational b) {
        return std::fabs(a.value() - own.value()) < std::fabs(b.value() - own.value());
    });
}

/// What a file's own clock says at its beginning, in a rate: its timecode, or its time reference.
void setClock(TimelineClip& c, const TimeStamps& stamps, Rational pictures) {
    if (const auto t = readTimecode(stamps.timecode, pictures)) {
        c.mediaStart = secondsOf(t->frame, pictures);
        c.dropFrame = t->drop;
        c.timecode = stamps.timecode;
    } else if (stamps.bextReference) {
        c.mediaStart = secondsOf(ticks(*stamps.bextReference, c.rate), c.rate);
    }
}

/// Puts a clip on the first of the tracks of such a name that is free there.
void put(std::vector<TimelineTrack>& tracks, TimelineTrack like, const TimelineClip& clip) {
    const std::string name = like.name;
    like.rate = clip.rate;
    for (int n = 1;; ++n) {
        if (n > 1) like.name = name + " " + std::to_string(n);
        auto it = std::find_if(tracks.begin(), tracks.end(), [&](const TimelineTrack& t) {
            return t.name == like.name && t.picture == like.picture && t.rate == like.rate;
        });
        if (it == tracks.end()) {
            tracks.push_back(like);
            it = tracks.end() - 1;
        }
        auto& clips = it->clips;
        if (!clips.empty() && clip.start < clips.back().end()) continue;
        clips.push_back(clip);
        return;
    }
}

const WrittenTake* writtenOf(const std::vector<WrittenTake>& written, int take) {
    const auto it = std::find_if(written.begin(), written.end(),
                                 [&](const WrittenTake& w) { return w.take == take; });
    return it == written.end() ? nullptr : &*it;
}

struct Tracks {
    std::vector<TimelineTrack> pictures, sounds;
};

const WrittenFile* fileOf(const std::vector<WrittenFile>& files, std::size_t index) {
    return index < files.size() ? &files[index] : nullptr;
}

/// A kept stretch on the grid: everything of it counts from here.
struct Laid {
    Rational grid;   ///< Pictures a second.
    Rational start;  ///< On the timeline.
    Rational take;   ///< Take time of its first picture, on the grid.
    Rational length;
    [[nodiscard]] TimeRange onTake() const {
        return {{take.value()}, {take.value() + length.value()}};
    }
};

Laid lay(const HandedTake& h, TimeRange kept) {
    const Rational grid = pictureRate(*h.scan);
    const std::int64_t all = std::max<std::int64_t>(1, ticks(h.sound.wholeTake().end, grid));
    const std::int64_t first = std::clamp<std::int64_t>(ticks(kept.start, grid), 0, all - 1);
    const std::int64_t end = std::clamp<std::int64_t>(ticks(kept.end, grid), first + 1, all);
    return {grid, secondsOf(ticks(h.day, grid) + first, grid), secondsOf(first, grid),
            secondsOf(end - first, grid)};
}

/// How long after a moment of the take its first laid picture is: on the grid where that moment is,
/// to a sample elsewhere.
Rational after(const Laid& laid, Seconds begins) {
    const Rational onGrid = secondsOf(ticks(begins, laid.grid), laid.grid);
    if (std::fabs(onGrid.value() - begins.value) < kOnGrid) return laid.take - onGrid;
    return laid.take - secondsOf(ticks(begins, kSoundRate), kSoundRate);
}

/// A clip of a written file from the stretch's first picture on.
/// \param source  of that picture in the file; what it lacks, the clip begins later.
TimelineClip ofWritten(const HandedTake& h, const Laid& laid, const WrittenFile& file,
                       Rational rate, Rational source) {
    TimelineClip c;
    c.take = h.id;
    c.path = file.path;
    c.name = fileName(file.path);
    c.rate = rate;
    const Rational none{0, 1};
    const Rational missing = source < none ? none - source : none;
    c.start = laid.start + missing;
    c.length = laid.length - missing;
    c.source = source + missing;
    c.available = c.source + c.length;
    setClock(c, file.stamps, laid.grid);
    return c;
}

/// One sound of one kept stretch in the recordings as they are, each where it covers the stretch.
void addRecordings(std::vector<TimelineTrack>& tracks, const TimelineTrack& like,
                   const HandedTake& h, const Laid& laid, const CleanPieces& pieces) {
    for (const CleanPiece& p : pieces) {
        const TimeRange here = p.range().intersect(laid.onTake());
        if (here.empty()) continue;
        const SoundScan& rec = *p.recording;
        const Rational rate{rec.rate.hertz, 1};
        // From the stretch's first picture on, in the recording's samples.
        const double after = (here.start.value - laid.take.value()) * rate.value();
        const auto from = static_cast<std::int64_t>(std::ceil(after - 1e-6));
        const auto until = ticks(here.end - Seconds{laid.take.value()}, rate);
        TimelineClip c;
        c.name = fileName(rec.info.path);
        c.take = h.id;
        c.path = rec.info.path;
        c.rate = rate;
        c.start = laid.start + secondsOf(from, rate);
        const Seconds begins{laid.take.value() + static_cast<double>(from) / rate.value()};
        const std::int64_t source =
            std::clamp<std::int64_t>(rec.rate.samples(p.line.toRecording(begins)), 0, rec.samples);
        const std::int64_t length = std::min(until - from, rec.samples - source);
        if (length <= 0) continue;
        c.source = secondsOf(source, rate);
        c.length = secondsOf(length, rate);
        c.available = secondsOf(rec.samples, rate);
        c.driftPpm = p.line.drift.value;
        c.offset = p.line.offset;
        setClock(c, rec.info.stamps, laid.grid);
        put(tracks, like, c);
    }
}

/// What was written on the slate at its first picture, and its marks.
void addMarkers(TimelineClip& c, const HandedTake& h, const Laid& laid) {
    if (std::string slate = slateText(h.slate); !slate.empty() || !h.slate.note.empty()) {
        if (slate.empty()) slate = "note";
        c.markers.push_back({c.source, std::move(slate), h.slate.note});
    }
    // Of the stretch's first picture in the file; what the file lacks of it, the clip begins later.
    const Rational first = c.source - (c.start - laid.start);
    for (const Mark& m : h.marks) {
        const Rational at = first + secondsOf(ticks(m.time, kSoundRate), kSoundRate) - laid.take;
        if (at < c.source || !(at < c.source + c.length)) continue;
        c.markers.push_back({at, m.name, {}});
    }
}

TimelineClip pictureOf(const HandedTake& h, const Laid& laid, const WrittenFile* video,
                       Rational source) {
    const std::string name = h.slate.name.empty() ? fileName(h.scan->info.path) : h.slate.name;
    if (video) {
        TimelineClip c = ofWritten(h, laid, *video, laid.grid, source);
        c.name = name;
        addMarkers(c, h, laid);
        return c;
    }
    TimelineClip c;
    c.name = name;
    c.take = h.id;
    c.path = h.scan->info.path;
    c.rate = laid.grid;
    c.start = laid.start;
    c.length = laid.length;
    c.source = laid.take;
    c.available = secondsOf(ticks(h.sound.wholeTake().end, laid.grid), laid.grid);
    setClock(c, h.scan->info.stamps, laid.grid);
    addMarkers(c, h, laid);
    return c;
}

/// One kept stretch of a take, with the files that were written of it.
struct Stretch {
    const HandedTake& of;
    std::size_t index = 0;
    TimeRange kept;
    const WrittenTake* written = nullptr;
    Laid laid = {};

    [[nodiscard]] const WrittenFile* video() const {
        return written ? fileOf(written->videos, index) : nullptr;
    }
};

/// Files begin and end with whole pictures: where they do is where the stretch does.
Stretch stretchOf(const HandedTake& h, std::size_t index, const WrittenTake* written) {
    Stretch s{h, index, h.sound.stretches()[index], written};
    const WrittenFile* sound = written ? fileOf(written->sounds, index) : nullptr;
    if (const WrittenFile* file = s.video() ? s.video() : sound) {
        const TimeRange held = file->holds(s.kept);
        s.kept = {held.start + file->lead, held.end};
    }
    s.laid = lay(h, s.kept);
    return s;
}

/// Takes out of the timeline what none of these stretches holds, in whole frames of each.
void closeGapsBetween(std::vector<Stretch>& stretches) {
    std::vector<Stretch*> inOrder;
    for (Stretch& s : stretches) inOrder.push_back(&s);
    std::stable_sort(inOrder.begin(), inOrder.end(), [](const Stretch* a, const Stretch* b) {
        return a->laid.start < b->laid.start;
    });
    Rational closed{0, 1}, covered{0, 1};  // of the timeline as it was
    for (Stretch* s : inOrder) {
        const Rational was = s->laid.start, end = was + s->laid.length;
        if (covered < was) closed = closed + (was - covered);
        if (covered < end) covered = end;
        s->laid.start = secondsOf(((was - closed) * s->laid.grid).rounded(), s->laid.grid);
    }
}

/// The picture of one kept stretch, and the sounds that belong to it.
void addStretch(Tracks& tracks, const Stretch& s) {
    const HandedTake& h = s.of;
    const WrittenTake* written = s.written;
    const WrittenFile* video = s.video();
    const std::size_t index = s.index;
    const TimeRange kept = s.kept;
    const Laid& laid = s.laid;
    // In a video its picture and its sounds are entered at one moment of the file.
    const auto inFile = [&](const WrittenFile& file) {
        return after(laid, file.holds(kept).start) +
               secondsOf(ticks(file.begins, kSoundRate), kSoundRate);
    };
    const Rational inVideo =
        video ? secondsOf((inFile(*video) * laid.grid).rounded(), laid.grid) : Rational{0, 1};
    put(tracks.pictures, {h.names.camera, true, {}}, pictureOf(h, laid, video, inVideo));

    // A file of its own before a track of the video, and either before the recordings.
    const auto addSound = [&](const TimelineTrack& like, const CleanPieces& pieces,
                              const std::vector<WrittenFile>* alone, int track) {
        const WrittenFile* own = alone ? fileOf(*alone, index) : nullptr;
        if (!own && !video) return addRecordings(tracks.sounds, like, h, laid, pieces);
        const Rational source = video ? inVideo : inFile(*own);
        TimelineClip c = ofWritten(h, laid, own ? *own : *video, kSoundRate, source);
        c.soundTrack = own ? 1 : track;
        put(tracks.sounds, like, c);
    };
    addSound({h.names.camera + ", clean sound", false, {}}, h.sound.clean,
             written ? &written->sounds : nullptr, 1);
    for (std::size_t m = 0; m < h.sound.beside.size(); ++m) {
        const CleanPieces& pieces = h.sound.beside[m];
        TimelineTrack like{
            h.names.camera + ", " + fileName(pieces.front().recording->info.path), false, {}};
        like.beside = true;
        const bool own = written && m < written->microphones.size();
        addSound(like, pieces, own ? &written->microphones[m] : nullptr, static_cast<int>(m) + 2);
    }
}

}  // namespace

Timeline buildTimeline(const std::string& name, const std::vector<HandedTake>& takes,
                       const std::vector<WrittenTake>& written, bool closeGaps) {
    // The day begins with its first take, so that the timeline does.
    std::vector<HandedTake> onDay = takes;
    Seconds first = takes.empty() ? Seconds{0} : takes.front().day;
    for (const HandedTake& h : takes) first = std::min(first, h.day);
    for (HandedTake& h : onDay) h.day = h.day - first;
    std::vector<Stretch> stretches;
    for (const HandedTake& h : onDay) {
        if (h.sound.nothingCovered) continue;
        for (std::size_t i = 0; i < h.sound.stretches().size(); ++i) {
            stretches.push_back(stretchOf(h, i, writtenOf(written, h.id)));
        }
    }
    if (closeGaps) closeGapsBetween(stretches);
    Tracks tracks;
    for (const Stretch& s : stretches) addStretch(tracks, s);
    Timeline t{name, std::move(tracks.pictures)};
    t.tracks.insert(t.tracks.end(), tracks.sounds.begin(), tracks.sounds.end());
    return t;
}

}  // namespace brisk
