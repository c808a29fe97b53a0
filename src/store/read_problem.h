// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Says in a person's words why a file cannot be used, before and after libav has tried.
#pragma once

#include <optional>
#include <string>

#include "core/result.h"

namespace brisk {

/// Missing, a folder, empty or without read permission: the problem, or nothing.
std::optional<Error> findReadProblem(const std::string& path);

/// A file that exists but would not open: looks at its first bytes to say what it is instead.
Error explainOpenFailure(const std::string& path, const std::string& libraryWords);

}  // namespace brisk
