// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A list of files with their check values, in an open form that other programs read and check:
/// the Media Hash List of the American Society of Cinematographers. Lists lie in a folder "ascmhl"
/// beside what they list, one for each time something was written there, and a chain names them.
///
///     auto list = writeMhl(folder, entries, std::time(nullptr));
///     for (const MhlFinding& f : *checkMhl(folder, job)) ...
#pragma once

#include <cstdint>
#include <ctime>
#include <filesystem>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

struct MhlEntry {
    std::string path;  ///< From the folder, parted by slashes.
    std::uintmax_t bytes = 0;
    std::string xxh128;  ///< 32 digits, see xxh3Of.
};

/// Where the next list of a folder goes, about: its name holds the time at which it is written.
std::filesystem::path mhlPlace(const std::filesystem::path& folder);

/// Writes the next list and enters it in the chain. Returns where it is.
/// Source: ASC MHL specification, version 2.0.   Errors: CannotWrite, CannotRead (a chain that
/// cannot be read is left alone).
Result<std::filesystem::path> writeMhl(const std::filesystem::path& folder,
                                       const std::vector<MhlEntry>& entries, std::time_t now);

struct MhlFinding {
    enum class State { Same, Differs, Missing, CannotRead };
    std::string path;
    State state = State::Same;
};

/// Every file that the lists of a folder name, once, against the newest value that they have of it.
/// Paths that lead out of the folder are passed over as Missing.
/// Errors: CannotRead (no list, or one that is no list), Cancelled.   Threads: safe.
Result<std::vector<MhlFinding>> checkMhl(const std::filesystem::path& folder,
                                         const JobControl& job);

/// The check value by which a chain names a list. Source: SMPTE ST 2114, the C4 ID.
std::string c4IdOf(std::string_view bytes);

}  // namespace brisk
