// SPDX-License-Identifier: GPL-3.0-or-later
// The shipped scenes. The ten pairs differ in everything that the first whole match must bear.
#include <cmath>
#include <cstdio>
#include <filesystem>

#include "sim/scene.h"
#include "store/atomic_file.h"

namespace brisk::sim {
namespace {

Scene demoScene() {
    Scene s;
    s.name = "demo";
    s.length = {150};
    s.room = {6.2, 8.4, 3.1, 0.45};
    s.voice = {"en-gb", 150, 42};
    s.claps = {{43.48}, {108.72}};
    RecorderSpec r;
    r.file = "lavalier-01.wav";
    r.length = {150};
    r.ppm = 14.2;
    s.recorders = {r};
    TakeSpec bench;
    bench.file = "bench-01.mp4";
    bench.start = {40.2};
    bench.length = {48};
    bench.distance = 4.2;
    bench.bFrames = 2;
    bench.timecode = "09:12:40:05";
    TakeSpec press;
    press.file = "press-02.mov";
    press.start = {105.0};
    press.length = {36};
    press.rate = {30000, 1001};
    press.distance = 2.4;
    press.soundStart = 0.060;
    TakeSpec door;
    door.file = "door.mp4";
    door.length = {10};
    door.start = {20};
    door.elsewhere = true;
    s.takes = {bench, press, door};
    return s;
}

/// A day with one recorder and two cameras. \param speed  how many times shorter than life.
Scene dayScene(const std::string& name, double speed) {
    Scene s;
    s.name = name;
    s.length = {4800 / speed};
    s.room = {6.2, 8.4, 3.1, 0.5};
    s.voice = {"en-gb", 150, 44};
    RecorderSpec r;
    r.length = s.length;
    r.ppm = 14.2;
    r.cuts = {{3000 / speed}};
    s.recorders = {r};
    int bench = 0, press = 0;
    const auto take = [&](double start, double length, bool second = false) -> TakeSpec& {
        TakeSpec t;
        char file[32];
        std::snprintf(file, sizeof file, second ? "press-%02d.mov" : "bench-%02d.mp4",
                      second ? ++press : ++bench);
        t.file = file;
        t.start = {start / speed};
        t.length = {length / speed};
        t.width = second ? 160 : 192;
        t.height = second ? 90 : 108;
        t.distance = second ? 2.2 : 3.6;
        if (second) t.rate = {30000, 1001};
        s.takes.push_back(t);
        return s.takes.back();
    };
    take(60, 300);
    take(480, 260);
    take(900, 300).length = {4};
    take(1000, 240);
    take(1030, 200, true);  // the same moment from the side
    const TakeSpec clapsOnly = take(1500, 100);
    take(1800, 300);
    take(2900, 240);  // across the recorder's files
    take(3300, 200, true);
    take(3700, 300);
    take(4100, 240).elsewhere = true;
    take(4450, 200).elsewhere = true;
    // Nobody speaks while the paste dries: three claps, unevenly.
    const Seconds quiet = clapsOnly.start;
    s.hush = {{quiet - Seconds{0.5}, quiet + clapsOnly.length + Seconds{0.5}}};
    s.claps = {quiet + Seconds{2.48}, quiet + Seconds{3.31}, quiet + Seconds{5.72}};
    return s;
}

/// What goes wrong on a real shoot, each with a recorder of its own: whoever speaks walks about,
/// the recorder loses two buffers, its clock warms up.
Scene mishapsScene() {
    Scene s;
    s.name = "mishaps";
    s.length = {900};
    s.room = {6.2, 8.4, 3.1, 0.4};
    s.voice = {"en-gb", 150, 44};
    const auto with = [&](const char* recording, const char* file, double start, double length) {
        RecorderSpec r;
        r.file = recording;
        r.start = {start};
        r.length = {length};
        s.recorders.push_back(r);
        TakeSpec t;
        t.file = file;
        t.start = {start + 8};
        t.length = {length - 20};
        t.width = 192;
        t.height = 108;
        t.distance = 2.4;
        s.takes.push_back(t);
    };
    with("lavalier-01.wav", "walk-01.mp4", 0, 110);
    s.recorders.back().ppm = 9;
    s.takes.back().walk = {{12, 1.2}, {16, 5.4}, {31, 5.4}, {34, 2.6},
                           {52, 2.6}, {55, 6.0}, {70, 6.0}, {75, 1.2}};
    with("lavalier-02.wav", "glue-02.mp4", 120, 150);
    s.recorders.back().ppm = -22;
    s.recorders.back().losses = {{false, 168.3, 256 / 48000.0, false},
                                 {false, 221.9, 512 / 48000.0, false}};
    with("lavalier-03.wav", "press-03.mp4", 280, 610);
    // As a body warms: quickly first.
    for (int i = 0; i <= 20; ++i) {
        s.recorders.back().warmth.emplace_back(30 * i, -14 + 26 * (1 - std::exp(-0.15 * i)));
    }
    return s;
}

struct PairTraits {
    const char* take;
    const char* recording;
    const char* voice;
    Rational rate;
    double rt60, distance, noiseDb, ppm, takeStart, takeLength, recordingStart, recordingLength;
    double soundStart;
    int bFrames, soundRate, recorderRate;
    const char* soundCodec;
    const char* recorderCodec;
    bool upsideDown;
};

constexpr Rational kFilm{24000, 1001};
constexpr Rational kNtsc{30000, 1001};
constexpr Rational kDouble{60000, 1001};

// Matroska keeps time in whole milliseconds: its scratch starts by one packet late, so that
// rounding does not move it. Recordings begin before, after, and end before the take, so that
// overlaps are whole and partial.
const PairTraits kPairs[] = {
    {"glue-01.mp4",
     "lavalier-01.wav",
     "en-gb",
     {25, 1},
     0.35,
     1.5,
     -60,
     0,
     20,
     130,
     0,
     180,
     0.060,
     0,
     48000,
     48000,
     "aac",
     "pcm_s24le",
     false},
    {"glue-02.mov", "lavalier-02.wav", "en-us", kFilm, 0.5, 3, -55, 35, 31.7, 125, 0, 200, 0, 2,
     48000, 44100, "pcm_s16le", "pcm_s16le", false},
    {"press-01.mkv", "pocket-01.flac", "en-gb-scotland", kNtsc, 0.7, 4, -52, -60, 8.3, 140, 0, 160,
     1024.0 / 48000, 0, 48000, 96000, "aac", "flac", false},
    {"press-03.mts",
     "pocket-02.m4a",
     "en-gb-x-rp",
     {50, 1},
     0.4,
     2,
     -58,
     12,
     40,
     60,
     0,
     120,
     0,
     0,
     48000,
     48000,
     "ac3",
     "aac",
     false},
    {"sewing-01.mp4",
     "phone-01.mp3",
     "de",
     {30, 1},
     0.6,
     5,
     -50,
     110,
     15,
     150,
     30,
     150,
     -0.02,
     0,
     44100,
     44100,
     "aac",
     "libmp3lame",
     false},
    {"sewing-02.mp4", "phone-02.ogg", "fr", kDouble, 0.3, 1, -62, -25, 50, 40, 0, 110, 0, 2, 48000,
     48000, "aac", "libopus", false},
    {"gold-leaf.mov",
     "lavalier-03.wav",
     "en-gb",
     {24, 1},
     0.9,
     3,
     -56,
     80,
     22.2,
     128,
     0,
     120,
     0.1,
     0,
     48000,
     48000,
     "aac",
     "pcm_f32le",
     true},
    {"covers.mkv",
     "lavalier-04.wav",
     "it",
     {25, 1},
     0.5,
     6,
     -54,
     -7,
     60.5,
     45,
     0,
     130,
     1024.0 / 44100,
     0,
     44100,
     48000,
     "aac",
     "pcm_s32le",
     false},
    {"thread-01.mts",
     "hand-01.wav",
     "es",
     {25, 1},
     0.45,
     5,
     -50,
     5,
     5,
     150,
     20,
     200,
     0,
     0,
     48000,
     44100,
     "aac",
     "pcm_s24le",
     false},
    {"last-words.mp4",
     "hand-02.wav",
     "en-us",
     {25, 1},
     0,
     2,
     -48,
     -130,
     70,
     130,
     0,
     210,
     0,
     0,
     48000,
     96000,
     "aac",
     "pcm_s24le",
     false},
};

Scene pairScene(std::size_t n) {
    const PairTraits& p = kPairs[n];
    Scene s;
    s.name = "pair-" + std::to_string(n);
    s.room.rt60 = p.rt60;
    s.voice = {p.voice, 140 + 4 * static_cast<int>(n), 30 + 5 * static_cast<int>(n)};
    RecorderSpec r;
    r.file = p.recording;
    r.start = {p.recordingStart};
    r.length = {p.recordingLength};
    r.ppm = p.ppm;
    r.rate = p.recorderRate;
    r.codec = p.recorderCodec;
    r.channels = n % 3 == 1 ? 2 : 1;
    r.upsideDown = p.upsideDown;
    TakeSpec t;
    t.file = p.take;
    t.start = {p.takeStart};
    t.length = {p.takeLength};
    t.rate = p.rate;
    t.width = 160;
    t.height = 90;
    t.bFrames = p.bFrames;
    t.soundStart = p.soundStart;
    t.soundCodec = p.soundCodec;
    t.soundRate = p.soundRate;
    t.distance = p.distance;
    t.noiseDb = p.noiseDb;
    t.automaticGain = n % 4 != 3;
    s.length = {std::max(p.takeStart + p.takeLength, p.recordingStart + p.recordingLength) + 1};
    s.recorders = {r};
    s.takes = {t};
    return s;
}

}  // namespace

std::vector<std::string> sceneNames() {
    std::vector<std::string> names{"demo", "long-day", "short-day", "mishaps"};
    for (std::size_t i = 0; i < std::size(kPairs); ++i) {
        names.push_back("pair-" + std::to_string(i));
    }
    return names;
}

Result<Scene> findScene(const std::string& nameOrFile) {
    if (nameOrFile == "demo") return demoScene();
    if (nameOrFile == "long-day") return dayScene(nameOrFile, 1);
    if (nameOrFile == "short-day") return dayScene(nameOrFile, 8);
    if (nameOrFile == "mishaps") return mishapsScene();
    for (std::size_t i = 0; i < std::size(kPairs); ++i) {
        if (nameOrFile == "pair-" + std::to_string(i)) return pairScene(i);
    }
    if (!std::filesystem::exists(nameOrFile)) {
        return failAt(ErrorCode::CannotRead, nameOrFile, {"no-such-scene"});
    }
    auto text = readWholeFile(nameOrFile);
    if (!text) return tl::unexpected(text.error());
    return sceneFromJson(*text);
}

}  // namespace brisk::sim
