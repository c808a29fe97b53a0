// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/file_lock.h"

#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(FileLock, IsHadByOneAtATime) {
    const test::TempFolder folder;
    const std::string path = folder.file(".day.brisk.lock");
    EXPECT_FALSE(FileLock::isHeld(path));
    {
        const auto mine = FileLock::take(path);
        ASSERT_TRUE(mine);
        EXPECT_TRUE(FileLock::isHeld(path));
        EXPECT_FALSE(FileLock::take(path)) << "not twice, in one program either";
        EXPECT_NE(FileLock::heldBy(path).find("process " + std::to_string(getpid())),
                  std::string::npos);
    }
    EXPECT_FALSE(FileLock::isHeld(path));
    EXPECT_FALSE(std::filesystem::exists(path)) << "nothing is left lying about";
    EXPECT_TRUE(FileLock::take(path));
}

TEST(FileLock, EndsWithItsProgramHoweverThatEnds) {
    const test::TempFolder folder;
    const std::string path = folder.file(".day.brisk.lock");
    int ready[2];
    ASSERT_EQ(::pipe(ready), 0);
    const pid_t other = ::fork();
    if (other == 0) {
        const auto theirs = FileLock::take(path);
        const char said = theirs ? 'y' : 'n';
        if (::write(ready[1], &said, 1) != 1) ::_exit(1);
        for (;;) ::pause();
    }
    char said = 0;
    ASSERT_EQ(::read(ready[0], &said, 1), 1);
    ASSERT_EQ(said, 'y');
    EXPECT_TRUE(FileLock::isHeld(path));
    EXPECT_FALSE(FileLock::take(path));
    ::kill(other, SIGKILL);
    ::waitpid(other, nullptr, 0);
    EXPECT_FALSE(FileLock::isHeld(path)) << "the file is there still, and nobody has it";
    EXPECT_TRUE(std::filesystem::exists(path));
    EXPECT_TRUE(FileLock::take(path));
    ::close(ready[0]);
    ::close(ready[1]);
}

TEST(FileLock, WhereNothingCanBeWrittenWorkGoesOn) {
    EXPECT_TRUE(FileLock::take("/nowhere/at/all.lock"));
    EXPECT_FALSE(FileLock::isHeld("/nowhere/at/all.lock"));
}

}  // namespace
}  // namespace brisk
