// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: each clip is placed by rounding its absolute moment to the ticks of its track, so that
// no rounding adds up along the day; gaps are what is left between clips.
#include "export/timeline.h"

#include <algorithm>
#include <cmath>
#include <filesystem>

namespace brisk {
namespace {

constexpr Rational kSoundRate{48000, 1};

std::int64_t ticks(Seconds t, Rational rate) {
    return std::llround(t.value * rate.value());
}

std::string fileName(const std::string& path) {
    return std::filesystem::path(path).filename().string();
}

Rational pictureRate(const SoundScan& take) {
    return take.info.video ? take.info.video->rate : Rational{25, 1};
}

/// A stretch of the day, placed on ticks.
void place(TimelineClip& c, Rational rate, Seconds start, Seconds end) {
    c.rate = rate;
    c.start = ticks(start, rate);
    c.length = std::max<std::int64_t>(1, ticks(end, rate) - c.start);
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
        if (!clips.empty() && clips.back().start + clips.back().length > clip.start) continue;
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

/// One sound of one kept stretch: in a file written for it, else in the recordings as they are,
/// each where it covers the stretch.
void addSound(std::vector<TimelineTrack>& tracks, const TimelineTrack& like, const HandedTake& h,
              TimeRange kept, const CleanPieces& pieces, const WrittenFile* file, int soundTrack) {
    if (file) {
        TimelineClip c;
        c.take = h.id;
        c.path = file->path;
        c.name = fileName(c.path);
        place(c, kSoundRate, h.day + kept.start, h.day + kept.end);
        c.source = ticks(file->lead, kSoundRate);
        c.available = c.source + c.length;
        c.soundTrack = soundTrack;
        put(tracks, like, c);
        return;
    }
    for (const CleanPiece& p : pieces) {
        const TimeRange here = p.range().intersect(kept);
        if (here.empty()) continue;
        const SoundScan& rec = *p.recording;
        TimelineClip c;
        c.name = fileName(rec.info.path);
        c.take = h.id;
        c.path = rec.info.path;
        place(c, {rec.rate.hertz, 1}, h.day + here.start, h.day + here.end);
        c.available = rec.samples;
        c.source = std::clamp<std::int64_t>(rec.rate.samples(p.line.toRecording(here.start)), 0,
                                            std::max<std::int64_t>(0, rec.samples - c.length));
        c.driftPpm = p.line.drift.value;
        c.offset = p.line.offset;
        put(tracks, like, c);
    }
}

/// The picture of one kept stretch, and the sounds that belong to it.
void addStretch(Tracks& tracks, const HandedTake& h, TimeRange kept, std::size_t index,
                const WrittenTake* written) {
    const WrittenFile* video = written ? fileOf(written->videos, index) : nullptr;
    const Rational rate = pictureRate(*h.scan);
    const Seconds start = h.day + kept.start, end = h.day + kept.end;
    TimelineClip picture;
    picture.name = fileName(h.scan->info.path);
    picture.take = h.id;
    place(picture, rate, start, end);
    picture.path = h.scan->info.path;
    picture.timecode = h.scan->info.stamps.timecode;
    picture.available = ticks(h.sound.wholeTake().end, rate);
    picture.source = std::min(ticks(kept.start, rate), picture.available - picture.length);
    if (video) {
        picture.path = video->path;
        picture.source = ticks(video->lead, rate);
        picture.available = picture.source + picture.length;
        picture.ahead = ticks(kept.start, rate) - picture.source;
    }
    picture.source = std::max<std::int64_t>(0, picture.source);
    put(tracks.pictures, {h.names.camera, true, rate}, picture);

    // A file of its own before a track of the video.
    const auto alone = [&](const std::vector<WrittenFile>& files) {
        const WrittenFile* own = fileOf(files, index);
        return own ? own : video;
    };
    const WrittenFile* sound = written ? alone(written->sounds) : nullptr;
    addSound(tracks.sounds, {h.names.camera + ", clean sound", false, {}}, h, kept, h.sound.clean,
             sound, 1);
    for (std::size_t m = 0; m < h.sound.beside.size(); ++m) {
        const CleanPieces& pieces = h.sound.beside[m];
        TimelineTrack like{
            h.names.camera + ", " + fileName(pieces.front().recording->info.path), false, {}};
        like.beside = true;
        const bool own = written && m < written->microphones.size();
        const WrittenFile* file = own ? alone(written->microphones[m]) : video;
        addSound(tracks.sounds, like, h, kept, pieces, file,
                 file && file == video ? static_cast<int>(m) + 2 : 1);
    }
}

}  // namespace

Timeline buildTimeline(const std::string& name, const std::vector<HandedTake>& takes,
                       const std::vector<WrittenTake>& written) {
    Tracks tracks;
    // The day begins with its first take, so that the timeline does.
    Seconds first = takes.empty() ? Seconds{0} : takes.front().day;
    for (const HandedTake& h : takes) first = std::min(first, h.day);
    for (HandedTake h : takes) {
        h.day = h.day - first;
        const auto stretches = h.sound.stretches();
        for (std::size_t i = 0; i < stretches.size(); ++i) {
            addStretch(tracks, h, stretches[i], i, writtenOf(written, h.id));
        }
    }
    Timeline t{name, std::move(tracks.pictures)};
    t.tracks.insert(t.tracks.end(), tracks.sounds.begin(), tracks.sounds.end());
    return t;
}

}  // namespace brisk
