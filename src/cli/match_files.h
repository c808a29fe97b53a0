// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Files into answers, as every command that matches wants them: read once, each take against each
/// recording. What cannot be used is said and left out.
#pragma once

#include <CLI/CLI.hpp>
#include <string>
#include <vector>

#include "align/assemble/match.h"
#include "cli/console.h"
#include "features/sound_scan.h"

namespace brisk::cli {

/// One answer for a take: the recording it was found in, or none.
struct Placed {
    std::size_t take = 0;
    int recording = -1;
    TetherEstimate estimate;
    bool beside = false;  ///< Another microphone than the take's first.
    int nearest = -1;     ///< Of a take without a place: the recording it was least unlike.
};

struct Scanned {
    std::vector<SoundScan> takes;
    std::vector<SoundScan> recordings;
    std::vector<Error> problems;  ///< Of files that could not be used; said already.
};

/// By which channel files are matched: "auto", "mix" or a number from 1.
struct Channels {
    std::string cameras = "auto", recordings = "auto";
};

/// Adds the options that choose them.
std::vector<CLI::Option*> addChannels(CLI::App& sub, Channels& channels);
/// Adds the option that chooses the way of matching.
CLI::Option* addMethod(CLI::App& sub, std::string& method);
/// "auto", "waveform", "claps" or "timecode".
MatchMethod methodNamed(const std::string& name);

/// What files are read for: a hand-over also wants their loudness, and outlines to draw.
enum class ScanFor {
    Matching,
    HandOver,
    SavedShoot,  ///< The same; a film without sound is a take there, for it has a place.
};

/// Reads every file once, or not at all where the cache knows it. One that cannot be read is said
/// and left out; an error is that no take, or no recording, is left.
Result<Scanned> scanAll(const std::vector<std::string>& cameras,
                        const std::vector<std::string>& cleans, const Channels& channels,
                        const Console& console, ScanFor what = ScanFor::Matching);

/// Every take against every recording; at least one answer for each take that could be read to its
/// end. What could not is added to the problems. Errors: Cancelled.
Result<std::vector<Placed>> placeAll(Scanned& files, const MatchOptions& options,
                                     const Console& console);

}  // namespace brisk::cli
