// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The packaged sounds of a benchmark as samples. Within the process: there are thousands of short
/// files, and starting a program for each took longer than matching what was made of them.
///
///     std::vector<float> words = decodedSource("/usr/share/.../hello.g722", 0, 20);
#pragma once

#include <string>
#include <vector>

namespace brisk::bench {

/// Part of a file as mono at 48 kHz; empty when it cannot be read or is over. Threads: safe.
std::vector<float> decodedSource(const std::string& path, double start, double seconds);

}  // namespace brisk::bench
