// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the ffmpeg and ffprobe programs say of a file: witnesses that share no code with the export
/// but libav's.
#pragma once

#include <nlohmann/json.hpp>
#include <string>
#include <utility>
#include <vector>

namespace brisk::test {

/// What a command prints; empty where it cannot be run.
std::string printedBy(const std::string& command);

/// Format, streams and chapters, as ffprobe names them. The test fails where it prints anything
/// but JSON.
nlohmann::json probedFile(const std::string& path);

/// Every decoded picture: when it is shown after the first, and a hash of what it shows.
std::vector<std::pair<double, std::string>> decodedPictures(const std::string& path);

}  // namespace brisk::test
