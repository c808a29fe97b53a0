// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What new files are called: a pattern with names in braces. (That no file takes the name of one
/// that is there: core/free_name.h.)
///
///     fileName("{take} {number} {state}", facts);   // "press-02 007 tethered"
#pragma once

#include <string>
#include <vector>

#include "core/fact.h"

namespace brisk {

struct NameFacts {
    std::string take, recording;  ///< Names of files, without ending.
    std::string camera;
    std::string date;  ///< "2026-03-03"; of the shot, else empty.
    int number = 1;    ///< Of the take among those handed over.
    std::string state;
};

/// The names that a pattern may hold, each with its braces.
std::vector<std::string> patternFields();

/// The pattern filled in; what a file cannot be called is replaced. A pattern that comes to nothing
/// gives the take's name.
std::string fileName(const std::string& pattern, const NameFacts& facts);

/// What is wrong with a pattern, as a sentence; empty where nothing is.
Fact patternProblem(const std::string& pattern);

}  // namespace brisk
