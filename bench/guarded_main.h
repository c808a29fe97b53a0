// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The border of a benchmark program: what is thrown becomes a sentence and an exit code.
///
///     int main(int argc, char** argv) { return guardedMain(measure, argc, argv); }
#pragma once

#include <cstdio>

#include "core/guarded.h"
#include "text/sentence.h"

namespace brisk::bench {

inline int guardedMain(int (*program)(int, char**), int argc, char** argv) {
    try {
        return program(argc, argv);
    } catch (...) {
        std::fprintf(stderr, "%s\n", sentence(caughtError().fact).c_str());
        return 1;
    }
}

}  // namespace brisk::bench
