// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/atomic_file.h"

#include <gtest/gtest.h>

#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

TEST(AtomicFile, AppearsOnlyWhenCommitted) {
    const TempFolder folder;
    const std::string target = folder.file("film.mov");
    {
        auto file = AtomicFile::create(target);
        ASSERT_TRUE(file);
        test::writeBytes(file->temporaryPath().string(), "half");
        EXPECT_FALSE(std::filesystem::exists(target));
        EXPECT_EQ(file->temporaryPath().extension(), ".mov");
        ASSERT_TRUE(file->commit());
    }
    EXPECT_EQ(test::bytesOf(target), "half");
    EXPECT_EQ(folder.count(), 1u);
}

TEST(AtomicFile, LeavesNothingWhenGivenUp) {
    const TempFolder folder;
    { auto file = AtomicFile::create(folder.file("film.mov")); }
    EXPECT_EQ(folder.count(), 0u);
}

TEST(AtomicFile, KeepsTheOldFileUntilTheNewOneIsWhole) {
    const TempFolder folder;
    const std::string target = folder.file("day.brisk");
    ASSERT_TRUE(writeWholeFile(target, "old"));
    {
        auto file = AtomicFile::create(target);
        test::writeBytes(file->temporaryPath().string(), "unfinished");
    }
    EXPECT_EQ(test::bytesOf(target), "old");
    ASSERT_TRUE(writeWholeFile(target, "new"));
    EXPECT_EQ(test::bytesOf(target), "new");
    EXPECT_EQ(folder.count(), 1u);
}

TEST(AtomicFile, MakesMissingFolders) {
    const TempFolder folder;
    ASSERT_TRUE(writeWholeFile(folder.file("a/b/c.txt"), "x"));
    EXPECT_EQ(*readWholeFile(folder.file("a/b/c.txt")), "x");
}

TEST(AtomicFile, SaysWhichFolderRefuses) {
    // A file where a folder should be refuses everybody, root included.
    const TempFolder folder;
    test::writeBytes(folder.file("card"), "");
    const auto done = writeWholeFile(folder.file("card/film.mov"), "x");
    ASSERT_FALSE(done);
    EXPECT_EQ(done.error().code, ErrorCode::CannotWrite);
    EXPECT_NE(done.error().sentence.find("film.mov"), std::string::npos);
    EXPECT_NE(done.error().sentence.find("Nothing was written"), std::string::npos);
}

TEST(ReadWholeFile, NamesTheMissingFile) {
    const auto text = readWholeFile("/nowhere/day.brisk");
    ASSERT_FALSE(text);
    EXPECT_NE(text.error().sentence.find("/nowhere/day.brisk"), std::string::npos);
}

}  // namespace
}  // namespace brisk
