// SPDX-License-Identifier: GPL-3.0-or-later
// Stands between a program and the system: the n-th call that writes fails. Linked into a test, or
// loaded before a whole program (LD_PRELOAD=libfailing_calls.so) with
//
//     BRISK_FAIL_CALL   which call fails, counted from 1; all after it do as well, as on a full
//     disk BRISK_FAIL_WITH   an errno; ENOSPC where it is not given BRISK_FAIL_UNDER  a folder:
//     only what is written in it counts BRISK_FAIL_COUNT  a file that the number of calls is
//     written to at the end
#pragma once

#include <string>
#include <vector>

namespace brisk::test {

struct FailingCalls {
    bool counting = false;
    int failing = 0;      ///< The call that fails, counted from 1; 0 = none.
    bool goesOn = false;  ///< All calls after it fail, too.
    int with = 0;
    std::string under;  ///< Only below this folder; empty = everywhere.
    int calls = 0;
    std::vector<std::string> made;  ///< Their names; kept where a test counts.
};
FailingCalls& failingCalls();

}  // namespace brisk::test
