// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which card or disk a file lies on, told from the system's table of what is mounted: no file is
/// touched, so that a card that hangs makes nobody wait.
///
///     MountTable::current().placeOf("/media/card/clip.mp4")   // "/media/card"
#pragma once

#include <string>
#include <vector>

namespace brisk {

class MountTable {
  public:
    /// As it is now. Empty where the system does not tell.   Threads: safe.
    static MountTable current(const std::string& table = "/proc/self/mounts");

    /// Where what holds this path is mounted; empty where nothing is known.
    /// \param path  absolute.
    [[nodiscard]] std::string placeOf(const std::string& path) const;

  private:
    std::vector<std::string> places_;  // the longest first
};

}  // namespace brisk
