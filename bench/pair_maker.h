// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Simulated takes and their recording of a benchmark, with their truth: as files, since the engine
/// is measured on what it reads.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "bench/source_sounds.h"
#include "core/clock_line.h"
#include "core/result.h"
#include "sim/course.h"
#include "sim/true_lines.h"

namespace brisk::bench {

enum class Noise { Room, Wind, Voices };
enum class Repair { None, Equalised, Gated, Compressed };

/// What a take has in common with a recording that it does not belong to.
enum class Elsewhere {
    No,         ///< It belongs to it.
    OtherDay,   ///< The same voices in the same room, other words.
    Programme,  ///< The same music plays in both rooms, and somebody else speaks in each.
};

struct PairSpec {
    std::string group;
    std::uint64_t seed = 1;
    std::uint64_t recorderSeed = 1;  ///< Of the world and what is recorded of it.
    SourceChoice source;
    double takeSeconds = 60;
    double recordingSeconds = 180;
    double takeStart = 40;  ///< In the recording's world time; may be negative or run past its end.
    double rt60 = 0.4;
    double distance = 3;
    double recorderDistance = 0.25;
    std::optional<double> directDb;  ///< Direct sound over echo at the camera, when asked for.
    double snrDb = 20;               ///< Scratch: sound over noise.
    Noise noise = Noise::Room;
    bool automaticGain = false;
    double lowpassHz = 0;  ///< Of the scratch; 0 = full band.
    double ppm = 0;
    bool upsideDown = false;
    Repair repair = Repair::None;
    int takeRate = 48000;
    int recordingRate = 48000;
    std::string takeCodec = "pcm_s16le";
    std::string recordingCodec = "pcm_s24le";
    std::vector<sim::Loss> losses;
    sim::Course warmth;         ///< ppm of the recorder's clock more, over world time.
    sim::Course metres;         ///< From the camera, over world time; empty: `distance`.
    bool underCloth = false;    ///< The recorder's microphone.
    std::vector<double> claps;  ///< World times; with any, nobody speaks.
    double loopSeconds = 0;     ///< The world repeats exactly with this period.
    Elsewhere elsewhere = Elsewhere::No;
    double programmeDb = -12;  ///< The music against the voices, where that is what is common.
};

struct MadePair {
    std::string take;
    std::string recording;
    std::vector<sim::TrueLine> truth;  ///< Over the overlap.
    int polarity = 1;
    /// Recording times within this many seconds after and before the truth are right, too: the way
    /// of the sound changes, and the line may belong to any of it.
    double wayAfter = 0, wayBefore = 0;
};

/// Writes the recording and its takes into `folder`, which must exist. Files that are there already
/// are taken as they are: the same specification gives the same files.
/// \param row  takes of one recording, see shared_recordings.h.
Result<std::vector<MadePair>> makePairs(const std::vector<PairSpec>& row,
                                        const std::string& folder);

}  // namespace brisk::bench
