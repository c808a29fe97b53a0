// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The options of whoever writes files, and what they mean.
#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>
#include <vector>

#include "cli/given_files.h"
#include "cli/match_files.h"
#include "export/hand_over_plan.h"
#include "render/sound_choice.h"

namespace brisk::cli {

/// What `export` and `day` are asked for.
struct ExportOptions {
    GivenFiles files;
    std::string project, out, video, codec, audio, pieces = "exact", name = "{take} clean";
    std::string check = "pictures", overFull = "turn-down";
    std::string relink;
    bool sha256 = false, package = false, manifest = false, closeGaps = false;
    bool wholeRecordings = false, joined = false, dryRun = false, skipExisting = false;
    Channels channels;
    std::string method = "auto", save;
    std::vector<std::string> timelines, reports;
    bool originals = false;
    std::string cameraSound = "drop", uncovered = "silence", heard = "as-recorded";
    std::optional<double> loudness;
    bool json = false;

    /// For plain files: what a saved shoot says of itself.
    [[nodiscard]] SoundChoice sound() const;
    /// Videos unless something else, and only that, is asked for.
    [[nodiscard]] HandOverChoice choice() const;
};

/// What is written, and how: for every source of takes.
void addWritten(CLI::App& sub, ExportOptions& o);
/// What is heard, and how files are matched: for plain files, of which no saved shoot tells.
/// \return the options.
std::vector<CLI::Option*> addChosen(CLI::App& sub, ExportOptions& o);
/// What would do nothing is not passed over: somebody meant something by it.
/// Throws CLI::ValidationError.
void refuseWithoutEffect(const CLI::App& sub, const ExportOptions& o);

}  // namespace brisk::cli
