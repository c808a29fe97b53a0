// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What all subcommands share: exit codes, where progress and messages go, how SIGINT stops work.
#pragma once

#include <string>

#include "core/job_control.h"
#include "core/result.h"

namespace brisk::cli {

/// Documented in the manual page.
enum ExitCode {
    kAllDone = 0,
    kNeedsAttention = 1,
    kWrongUsage = 2,
    kCannotRead = 3,
    kCannotWrite = 4,
    kCancelled = 5,
};

struct Console {
    bool quiet = false;
    std::string progress;  ///< "json" or empty for words.
    int threads = 0;

    /// A job that SIGINT and SIGTERM stop, reporting to standard error under `what`: on a terminal
    /// one line that is written over, else plain lines.
    [[nodiscard]] JobControl job(const std::string& what) const;
    /// A line on standard error, unless quiet.
    void say(const std::string& words) const;
    /// Prints the error's sentence; returns the exit code for it.
    [[nodiscard]] int report(const Error& e) const;
};

/// Takes the line of progress off a terminal, where one stands; before anything else is printed.
void clearProgress();

/// What SIGINT and SIGTERM stop; without reports.
[[nodiscard]] const JobControl& programJob();

/// From now on SIGINT and SIGTERM stop the running job instead of the program.
void catchSignals();

}  // namespace brisk::cli
