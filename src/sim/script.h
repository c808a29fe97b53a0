// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is said on a day at a bookbinder's workshop. Never the same for long.
#pragma once

#include <random>
#include <string>

namespace brisk::sim {

/// A sentence that follows from the generator's state alone.
std::string nextSentence(std::mt19937_64& random);

}  // namespace brisk::sim
