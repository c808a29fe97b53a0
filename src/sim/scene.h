// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What happens on a simulated shoot, as plain data: who speaks, when hands clap, what the recorder
/// and the cameras are like. Read from and written to JSON.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/rational.h"
#include "core/result.h"
#include "core/units.h"
#include "sim/course.h"
#include "sim/room.h"
#include "sim/speech.h"
#include "sim/true_lines.h"

namespace brisk::sim {

/// Times are on the scene's own clock, which the cameras share.
struct RecorderSpec {
    std::string file = "lavalier-01.wav";
    Seconds start{0};
    Seconds length{60};
    double ppm = 0;  ///< Its clock against the cameras'.
    int rate = 48000;
    int channels = 1;
    std::string codec = "pcm_s24le";
    double distance = 0.2;  ///< From the mouth, metres.
    double noiseDb = -72;
    bool upsideDown = false;
    Course warmth = {};  ///< ppm of its clock more, over the recording's time.
    /// Buffers it loses or repeats, at times of the scene. No file of such a recorder is cut.
    std::vector<Loss> losses = {};
    /// Seconds of the recording, on its own clock, at which it goes on in a next file.
    std::vector<Seconds> cuts = {};
    std::int64_t firstSample = 0;  ///< Of the file in the recording.
};

/// The files that a recorder makes, each as a recorder of its own that does not cut.
std::vector<RecorderSpec> recorderFiles(const RecorderSpec& recorder);

struct TakeSpec {
    std::string file = "bench-01.mp4";
    Seconds start{5};  ///< When its first picture is taken.
    Seconds length{30};
    Rational rate{25, 1};
    int width = 640;
    int height = 360;
    int bFrames = 0;
    int rotation = 0;
    bool variableRate = false;
    double soundStart = 0;  ///< Of the scratch after the first picture, seconds.
    std::string soundCodec = "aac";
    int soundRate = 48000;
    int soundChannels = 1;
    double distance = 3.0;  ///< From the mouth, metres.
    Course walk = {};       ///< Metres from the mouth over the take's time, instead of `distance`.
    std::vector<Loss> losses = {};  ///< Of its sound, at times of the scene.
    double noiseDb = -52;
    bool automaticGain = true;
    bool elsewhere = false;  ///< Shot where the recorder hears nothing of it.
    std::string timecode;
};

struct Scene {
    std::string name;
    Seconds length{60};
    RoomSpec room;
    Voice voice;
    double speechShare = 0.85;  ///< Part of the time that somebody talks.
    std::vector<Seconds> claps;
    std::vector<TimeRange> hush;  ///< Nobody speaks.
    std::vector<RecorderSpec> recorders;
    std::vector<TakeSpec> takes;
};

/// Errors: BadProject with the place in the text.
Result<Scene> sceneFromJson(const std::string& text);

/// A shipped scene by name, or one read from a JSON file. Errors: CannotRead, BadProject.
Result<Scene> findScene(const std::string& nameOrFile);

/// "demo"; "long-day", of eighty minutes, and "short-day", the same in ten; "mishaps", where
/// somebody walks about, buffers are lost and a clock warms up; and ten pairs of different rooms,
/// distances, rates and containers: "pair-0".."pair-9".
std::vector<std::string> sceneNames();

}  // namespace brisk::sim
