// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The subcommands: each adds its options to the parser and returns what to run.
#pragma once

#include <CLI/CLI.hpp>
#include <functional>
#include <string>
#include <vector>

#include "align/assemble/match.h"
#include "cli/console.h"

namespace brisk::cli {

/// Runs after parsing; returns the exit code.
using Run = std::function<int(const Console&)>;

Run addProbe(CLI::App& sub);
Run addAlign(CLI::App& sub);
Run addExport(CLI::App& sub);
Run addSimulate(CLI::App& sub);
Run addCheck(CLI::App& sub);
Run addVerify(CLI::App& sub);

/// One answer for a take: the recording it was found in, or none.
struct Placed {
    std::size_t take = 0;
    int recording = -1;
    TetherEstimate estimate;
    bool beside = false;  ///< Another microphone than the take's first.
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
