// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is said of a sound in a WAV file beside its samples: chunks that libav does not write, put
/// after the sound.
///
///     appendChunks(path, cueChunks({{48000, "clap"}}) + chunk("iXML", text));
#pragma once

#include <cstdint>
#include <filesystem>
#include <string>
#include <string_view>
#include <vector>

#include "core/result.h"

namespace brisk {

struct CuePoint {
    std::int64_t sample = 0;  ///< Of the file, counted once for all channels.
    std::string label;
};

/// A chunk of this four-letter name, padded to an even length.
std::string chunk(std::string_view name, std::string_view content);

/// "cue " and the labels of its points. Source: Microsoft's Multimedia Programming Interface and
/// Data Specifications 1.0. Points beyond what 32 bits count are left out; nothing for no points.
std::string cueChunks(const std::vector<CuePoint>& points);

/// Puts chunks at the end of a whole RIFF or RF64 file, whose size is put right. Not atomic: for
/// files that are not published yet.   Errors: CannotWrite.
Result<void> appendChunks(const std::filesystem::path& path, const std::string& chunks);

}  // namespace brisk
