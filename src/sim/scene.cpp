// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/scene.h"

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>
#include <stdexcept>

#include "core/json_text.h"
#include "media/read/media_limits.h"

namespace brisk::sim {
namespace {

using nlohmann::json;

template <class T>
void take(const json& j, const char* key, T& into) {
    if (j.contains(key)) into = j.at(key).get<T>();
}

void take(const json& j, const char* key, Seconds& into) {
    if (j.contains(key)) into = {j.at(key).get<double>()};
}

Course courseFrom(const json& j, const char* key) {
    Course out;
    for (const auto& p : j.value(key, json::array())) {
        out.emplace_back(p.at(0).get<double>(), p.at(1).get<double>());
    }
    return out;
}

std::vector<Loss> lossesFrom(const json& j, bool inTake) {
    std::vector<Loss> out;
    for (const auto& l : j.value("losses", json::array())) {
        Loss loss;
        loss.inTake = inTake;
        take(l, "at", loss.at);
        take(l, "seconds", loss.seconds);
        take(l, "silent", loss.silent);
        out.push_back(loss);
    }
    return out;
}

RecorderSpec recorderFrom(const json& j) {
    RecorderSpec r;
    take(j, "file", r.file);
    take(j, "start", r.start);
    take(j, "length", r.length);
    take(j, "ppm", r.ppm);
    take(j, "rate", r.rate);
    take(j, "channels", r.channels);
    take(j, "codec", r.codec);
    take(j, "distance", r.distance);
    take(j, "noise_db", r.noiseDb);
    take(j, "upside_down", r.upsideDown);
    r.warmth = courseFrom(j, "warmth");
    r.losses = lossesFrom(j, false);
    for (const auto& c : j.value("cuts", json::array())) r.cuts.push_back({c.get<double>()});
    return r;
}

TakeSpec takeFrom(const json& j) {
    TakeSpec t;
    take(j, "file", t.file);
    take(j, "start", t.start);
    take(j, "length", t.length);
    if (j.contains("rate")) t.rate = {j.at("rate").at(0), j.at("rate").at(1)};
    take(j, "width", t.width);
    take(j, "height", t.height);
    take(j, "b_frames", t.bFrames);
    take(j, "rotation", t.rotation);
    take(j, "variable_rate", t.variableRate);
    take(j, "sound_start", t.soundStart);
    take(j, "sound_codec", t.soundCodec);
    take(j, "sound_rate", t.soundRate);
    take(j, "sound_channels", t.soundChannels);
    take(j, "distance", t.distance);
    t.walk = courseFrom(j, "walk");
    t.losses = lossesFrom(j, true);
    take(j, "noise_db", t.noiseDb);
    take(j, "automatic_gain", t.automaticGain);
    take(j, "elsewhere", t.elsewhere);
    take(j, "timecode", t.timecode);
    return t;
}

/// "lavalier-03.wav" of "lavalier-01.wav", for the third file.
std::string laterFile(const std::string& file, std::size_t later) {
    const auto dot = file.rfind('.');
    const auto digits = file.find_last_not_of("0123456789", dot - 1) + 1;
    std::string number = std::to_string(std::stoi("0" + file.substr(digits, dot - digits)) +
                                        static_cast<int>(later));
    while (number.size() < dot - digits) number.insert(0, "0");
    return file.substr(0, digits) + number + file.substr(dot);
}

void ensure(bool so, const char* what) {
    if (!so) throw std::domain_error(what);
}

/// A name within the folder that is asked for, and nothing that leads out of it.
void ensureName(const std::string& file) {
    const auto dot = file.rfind('.');
    ensure(dot != std::string::npos && dot > 0 && file.front() != '.' && file.size() <= 200 &&
               std::none_of(file.begin(), file.end(),
                            [](unsigned char c) { return c < 32 || c == '/' || c == '\\'; }),
           "a file needs a plain name with an ending, and no folders");
    const auto digits = file.find_last_not_of("0123456789", dot - 1) + 1;
    ensure(dot - digits <= 6, "a file's number is too long");
}

void ensureTimes(Seconds start, Seconds length) {
    constexpr double kDay = 86400;
    ensure(std::fabs(start.value) <= kDay && length.value >= 0 && length.value <= kDay,
           "a time is beyond a day");
}

void ensureFormat(int rate, int channels, double ppm) {
    ensure(!limits::beyond(rate, channels),
           "a sample rate or a number of channels is beyond limits");
    ensure(std::fabs(ppm) <= 100000, "a clock is off by more than a tenth");
}

void ensureCourse(const Course& course, double least, double most) {
    ensure(course.size() <= 10000, "a course has too many points");
    for (std::size_t i = 0; i < course.size(); ++i) {
        ensureTimes({course[i].first}, {0});
        ensure(i == 0 || course[i].first > course[i - 1].first, "a course runs backwards");
        ensure(course[i].second >= least && course[i].second <= most,
               "a way or a clock is beyond reason");
    }
}

void ensureLosses(const std::vector<Loss>& losses) {
    constexpr double kMost = 60;  // seconds
    ensure(losses.size() <= 1000, "there are too many losses");
    for (const Loss& l : losses) {
        ensureTimes({l.at}, {0});
        ensure(std::fabs(l.seconds) <= kMost, "a loss is longer than a minute");
    }
}

/// What a scene may ask for: a scene is data from elsewhere, too.
void check(const Scene& s) {
    ensureTimes({0}, s.length);
    ensure(s.recorders.size() + s.takes.size() <= 10000, "there are too many files");
    ensure(s.claps.size() + s.hush.size() <= 100000, "there are too many claps");
    for (const RecorderSpec& r : s.recorders) {
        ensureName(r.file);
        ensureTimes(r.start, r.length);
        ensureFormat(r.rate, r.channels, r.ppm);
        ensureCourse(r.warmth, -1000, 1000);
        ensureLosses(r.losses);
        ensure(r.cuts.size() <= 1000, "there are too many cuts");
        ensure(r.cuts.empty() || (r.losses.empty() && r.warmth.empty()),
               "a recorder whose files are cut neither loses samples nor warms up");
    }
    for (const TakeSpec& t : s.takes) {
        ensureName(t.file);
        ensureTimes(t.start, t.length);
        ensureFormat(t.soundRate, t.soundChannels, 0);
        ensureCourse(t.walk, 0.5, 100);
        ensureLosses(t.losses);
        ensure(t.width > 0 && t.height > 0 && t.width <= 8192 && t.height <= 8192 &&
                   t.rate.num > 0 && t.rate.den > 0 && t.rate.value() <= 1000,
               "a picture's size or rate is beyond reason");
        ensure(t.bFrames >= 0 && t.bFrames <= 16, "there are 0 to 16 B-frames");
    }
}

}  // namespace

std::vector<RecorderSpec> recorderFiles(const RecorderSpec& recorder) {
    const double perSecond = recorder.rate * (1 + recorder.ppm * 1e-6);  // of the scene
    std::vector<RecorderSpec> out;
    for (std::size_t i = 0; i <= recorder.cuts.size(); ++i) {
        RecorderSpec r = recorder;
        r.cuts.clear();
        const auto sampleAt = [&](std::size_t k) {
            return std::llround(recorder.cuts[k].value * recorder.rate);
        };
        r.firstSample = i == 0 ? 0 : sampleAt(i - 1);
        if (i > 0) r.file = laterFile(recorder.file, i);
        const Seconds into{static_cast<double>(r.firstSample) / perSecond};
        r.start = recorder.start + into;
        r.length = i < recorder.cuts.size()
                       ? Seconds{static_cast<double>(sampleAt(i) - r.firstSample) / perSecond}
                       : recorder.length - into;
        out.push_back(r);
    }
    return out;
}

Result<Scene> sceneFromJson(const std::string& text) {
    try {
        const json j = jsonFrom<json>(text);
        ensure(!j.is_discarded(), "it is no JSON");
        Scene s;
        take(j, "name", s.name);
        take(j, "length", s.length);
        if (j.contains("room")) {
            take(j.at("room"), "width", s.room.width);
            take(j.at("room"), "length", s.room.length);
            take(j.at("room"), "height", s.room.height);
            take(j.at("room"), "rt60", s.room.rt60);
        }
        if (j.contains("voice")) {
            take(j.at("voice"), "name", s.voice.name);
            take(j.at("voice"), "words_per_minute", s.voice.wordsPerMinute);
            take(j.at("voice"), "pitch", s.voice.pitch);
        }
        take(j, "speech_share", s.speechShare);
        for (const auto& c : j.value("claps", json::array())) s.claps.push_back({c.get<double>()});
        for (const auto& h : j.value("hush", json::array())) {
            s.hush.push_back({{h.at(0).get<double>()}, {h.at(1).get<double>()}});
        }
        for (const auto& r : j.value("recorders", json::array())) {
            s.recorders.push_back(recorderFrom(r));
        }
        for (const auto& t : j.value("takes", json::array())) s.takes.push_back(takeFrom(t));
        check(s);
        return s;
    } catch (const std::exception& e) {
        return fail(ErrorCode::BadProject, {"scene-not-understood", {{"why", e.what()}}});
    }
}

}  // namespace brisk::sim
