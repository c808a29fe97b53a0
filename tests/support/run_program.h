// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Runs the real command line program as a person's script would.
#pragma once

#include <csignal>
#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace brisk::test {

struct Ran {
    int exitCode = -1;
    std::string out;
    std::string err;
    long peakKilobytes = 0;

    std::string command = {};  ///< The subcommand, where there is one.

    /// Standard output as JSON; the test fails when it is anything else, or not as
    /// docs/formats/command-line.schema.json promises it.
    [[nodiscard]] nlohmann::json json() const;
};

/// \param stopAfterMs  sends the signal after that many milliseconds; 0 = never.
Ran runCli(const std::vector<std::string>& arguments, int stopAfterMs = 0, int signal = SIGINT);

}  // namespace brisk::test
