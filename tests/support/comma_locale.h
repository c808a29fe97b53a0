// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A desktop whose language writes decimal commas: the process has taken over its locale, as
/// programs with a window do.
#pragma once

#include <clocale>
#include <cstdio>
#include <cstdlib>
#include <string>

#include "support/temp_folder.h"

namespace brisk::test {

class CommaLocale {
  public:
    CommaLocale() {
        const std::string make =
            "localedef -i de_DE -f UTF-8 '" + folder_.file("de_DE.UTF-8") + "' >/dev/null 2>&1";
        (void)!std::system(make.c_str());
        ::setenv("LOCPATH", folder_.path().c_str(), 1);
        (void)std::setlocale(LC_ALL, "de_DE.UTF-8");
    }
    ~CommaLocale() {
        (void)std::setlocale(LC_ALL, "C");
        ::unsetenv("LOCPATH");
    }
    CommaLocale(const CommaLocale&) = delete;
    CommaLocale& operator=(const CommaLocale&) = delete;

    /// Whether it could be made here.
    [[nodiscard]] static bool inForce() {
        char text[8];
        std::snprintf(text, sizeof text, "%.1f", 0.5);
        return std::string(text) == "0,5";
    }

  private:
    TempFolder folder_;
};

}  // namespace brisk::test
