// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What new files are called: a pattern with names in braces, and never the name of a file that is
/// there.
///
///     fileName("{take} {number} {state}", facts);   // "press-02 007 tethered"
#pragma once

#include <filesystem>
#include <set>
#include <string>
#include <vector>

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
std::string patternProblem(const std::string& pattern);

/// `folder/name.ending`, numbered where that is there already or was given away before.
/// \param given  where it is noted.
std::filesystem::path freePath(const std::filesystem::path& folder, const std::string& name,
                               const std::string& ending, std::set<std::filesystem::path>* given);

}  // namespace brisk
