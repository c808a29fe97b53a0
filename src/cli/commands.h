// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The subcommands: each adds its options to the parser and returns what to run.
#pragma once

#include <CLI/CLI.hpp>
#include <functional>

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
Run addDay(CLI::App& sub);

}  // namespace brisk::cli
