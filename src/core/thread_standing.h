// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which thread goes first when there are more of them than cores.
#pragma once

#include <sys/resource.h>

namespace brisk {

/// The calling thread, and those it starts from now on, let others go first: what is looked at in
/// passing must not make a hand wait. On Linux niceness belongs to the thread (setpriority(2)).
inline void standBack() {
    constexpr int kNicer = 5;  // a third of a plain thread's share, where they compete
    setpriority(PRIO_PROCESS, 0, kNicer);
}

}  // namespace brisk
