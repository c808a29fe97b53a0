// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What became of written files, as an exit code of the program (docs/formats, README).
#pragma once

#include <vector>

#include "cli/console.h"
#include "export/hand_over.h"

namespace brisk::cli {

/// What went wrong with the files, as an exit code. A take that cannot be read does not spoil the
/// others: while anything was written, that is worth attention.
inline int exitCodeOf(const std::vector<FileResult>& results, bool attention) {
    bool written = false, unread = false;
    for (const FileResult& r : results) {
        if (r.state == FileState::Stopped) return kCancelled;
        written = written || r.state == FileState::Written;
        attention = attention || r.marked();
    }
    for (const FileResult& r : results) {
        if (r.state != FileState::Failed) continue;
        if (r.failedBy != ErrorCode::CannotRead) return kCannotWrite;
        unread = true;
    }
    if (unread && !written) return kCannotRead;
    return attention || unread ? kNeedsAttention : kAllDone;
}

}  // namespace brisk::cli
