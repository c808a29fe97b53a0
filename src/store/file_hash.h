// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A check value of a whole file, for reports: whoever gets a copy can tell that it is whole. XXH3
/// finds damage as fast as a disk reads; SHA-256 is for those who ask for it.
#pragma once

#include <string>

#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

/// Hexadecimal digits. Reads in pieces. Errors: CannotRead, Cancelled.   Threads: safe.
Result<std::string> sha256Of(const std::string& path, const JobControl& job);

/// The same with the 128 bits of XXH3, which `xxhsum -H2` prints.
/// Source: the xxHash specification; canonical (big-endian) digits.
Result<std::string> xxh3Of(const std::string& path, const JobControl& job);

}  // namespace brisk
