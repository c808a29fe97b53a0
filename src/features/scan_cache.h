// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Scans kept on disk, so that a file is read once and not at every start: outlines, band levels,
/// claps, levels, picture times. Keyed by what the file is, not by where it lies: a moved file is
/// found again, a changed one is read anew. Anything damaged is read anew, too.
///
///     auto scan = scanKept("card/press-02.mp4", {}, job);
#pragma once

#include <filesystem>

#include "features/sound_scan.h"

namespace brisk {

/// Where scans are kept: where setScanCache says, else $XDG_CACHE_HOME or ~/.cache, in
/// brisk-tether/scans. Empty where neither variable is set: then nothing is kept.
std::filesystem::path scanCacheFolder();

/// Another folder than that, empty = that; and how much is kept at most.   Threads: safe.
void setScanCache(const std::filesystem::path& folder, std::uintmax_t mostBytes);

/// How much is kept at most, bytes.   Threads: safe.
std::uintmax_t scanCacheLimit();

/// The same as scanSound, from the cache where it can be; fills the cache. A cache that cannot be
/// written is not an error.   Threads: safe, also with other processes.
Result<SoundScan> scanKept(const std::string& path, const ScanOptions& options,
                           const JobControl& job);

/// Removes what was not used for longest until at most `bytes` are left.
void trimScanCache(std::uintmax_t bytes);

}  // namespace brisk
