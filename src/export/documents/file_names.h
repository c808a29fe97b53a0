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
    std::string name = {};  ///< As a person called the take; else as its file.
    std::string scene = {}, slateTake = {}, verdict = {};  ///< Of its slate; may be empty.
};

/// The names that a pattern may hold, each with its braces.
std::vector<std::string> patternFields();

/// The pattern filled in; what a file cannot be called is replaced. Where a name in it is empty,
/// what parts it from the next goes, too. A pattern that comes to nothing gives the take's name.
std::string fileName(const std::string& pattern, const NameFacts& facts);

/// A name that a person typed, as a file can be called; empty where nothing of it is left.
std::string possibleName(std::string name);

/// What is wrong with a pattern, as a sentence; empty where nothing is.
Fact patternProblem(const std::string& pattern);

}  // namespace brisk
