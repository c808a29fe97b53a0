// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/exit_code.h"

#include <gtest/gtest.h>

namespace brisk::cli {
namespace {

FileResult written(Facts problem = {}) {
    FileResult r;
    r.state = FileState::Written;
    r.problem = std::move(problem);
    return r;
}

FileResult failed(ErrorCode by) {
    FileResult r;
    r.state = FileState::Failed;
    r.failedBy = by;
    return r;
}

TEST(ExitCode, AWrittenFileThatIsNotAsMeantNeedsAttention) {
    EXPECT_EQ(exitCodeOf({written(), written()}, false), kAllDone);
    EXPECT_EQ(exitCodeOf({written(), written({{"sounds-not-as-meant"}})}, false), kNeedsAttention);
    EXPECT_EQ(exitCodeOf({written()}, true), kNeedsAttention);
}

TEST(ExitCode, WhatCannotBeReadSpoilsNothingAndWhatCannotBeWrittenDoes) {
    EXPECT_EQ(exitCodeOf({written(), failed(ErrorCode::CannotRead)}, false), kNeedsAttention);
    EXPECT_EQ(exitCodeOf({failed(ErrorCode::CannotRead)}, false), kCannotRead);
    EXPECT_EQ(exitCodeOf({written(), failed(ErrorCode::CannotWrite)}, false), kCannotWrite);
    FileResult stopped;
    stopped.state = FileState::Stopped;
    EXPECT_EQ(exitCodeOf({written(), stopped}, false), kCancelled);
}

}  // namespace
}  // namespace brisk::cli
