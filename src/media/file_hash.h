// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The SHA-256 of a whole file, for reports: whoever gets a copy can tell that it is whole.
#pragma once

#include <string>

#include "core/job_control.h"
#include "core/result.h"

namespace brisk {

/// Hexadecimal digits. Reads in pieces. Errors: CannotRead, Cancelled.   Threads: safe.
Result<std::string> sha256Of(const std::string& path, const JobControl& job);

}  // namespace brisk
