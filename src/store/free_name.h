// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Names that are free in a folder, on every file system that it may be copied to: names that
/// differ in case alone count as one.
///
///     FreeNames names("finished");
///     names.take("bench-01 clean", ".mov");   // finished/bench-01 clean.mov
///     names.take("Bench-01 Clean", ".mov");   // finished/Bench-01 Clean 2.mov
#pragma once

#include <filesystem>
#include <set>
#include <string>

namespace brisk {

class FreeNames {
  public:
    /// Which names are taken at first: those of the folder's files, or none, so that only those
    /// taken here are told apart.
    enum class Taken { InFolder, Here };
    /// The folder is listed once, here; one that is not there yet is empty.
    explicit FreeNames(std::filesystem::path folder, Taken taken = Taken::InFolder);

    /// `folder/name.ending`, numbered where that is taken; taken from now on.
    std::filesystem::path take(const std::string& name, const std::string& ending);

  private:
    std::filesystem::path folder_;
    std::set<std::string> taken_;  // as nameKey
};

/// One name that is free now.
std::filesystem::path freePath(const std::filesystem::path& folder, const std::string& name,
                               const std::string& ending);
/// The same, beside or instead of a path.
std::filesystem::path freePath(const std::filesystem::path& wanted);

}  // namespace brisk
