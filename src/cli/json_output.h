// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The JSON that the command line promises. Field names are a contract: extend, never change.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

#include "align/tether_estimate.h"
#include "export/hand_over.h"
#include "features/sound_scan.h"

namespace brisk::cli {

using nlohmann::ordered_json;

ordered_json probeJson(const MediaInfo& info);
/// `clean` empty = null.
ordered_json tetherJson(const std::string& camera, const std::string& clean,
                        const TetherEstimate& e);
/// One file that was written, and what reading it back found.
ordered_json writtenJson(const HandOverPlan& plan, std::size_t file, const FileResult& r);

/// What is wrong with files that could not be used: `[{"file", "code", "reason"}]`.
ordered_json problemsJson(const std::vector<Error>& problems);

/// Of all documents; grows when a field changes its meaning, not when one is added.
constexpr int kJsonVersion = 1;

/// Prints one document, its version first, and a line feed on standard output.
/// \return `code`, or that of output that cannot be written: a full disk behind a pipe is said.
[[nodiscard]] int print(const ordered_json& fields, int code);

}  // namespace brisk::cli
