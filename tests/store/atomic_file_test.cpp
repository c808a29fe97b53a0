// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/atomic_file.h"

#include <gtest/gtest.h>
#include <sys/wait.h>
#include <unistd.h>

#include <csignal>
#include <set>

#include "core/parallel_for.h"
#include "support/facts_text.h"
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
    EXPECT_NE(sentence(done.error().fact).find("film.mov"), std::string::npos);
    EXPECT_NE(sentence(done.error().fact).find("Nothing was written"), std::string::npos);
}

TEST(AtomicFile, ANewFileTakesNobodysPlace) {
    const TempFolder folder;
    test::writeBytes(folder.file("film.mov"), "somebody's");
    const auto at = writeNewFile(folder.file("film.mov"), "ours");
    ASSERT_TRUE(at);
    EXPECT_EQ(at->string(), folder.file("film 2.mov"));
    EXPECT_EQ(test::bytesOf(folder.file("film.mov")), "somebody's");
    EXPECT_EQ(*writeNewFile(folder.file("FILM.mov"), "another"), folder.file("FILM 3.mov"));
    EXPECT_EQ(folder.count(), 3u);
}

TEST(AtomicFile, ManyAtTheSameMomentAllStay) {
    const TempFolder folder;
    parallelFor(24, 8, [&](std::size_t i) {
        const std::string name = i % 2 ? "Film.mov" : "film.mov";
        EXPECT_TRUE(writeNewFile(folder.file(name), std::to_string(i)));
    });
    std::set<std::string> contents;
    for (const auto& f : std::filesystem::directory_iterator(folder.path())) {
        contents.insert(test::bytesOf(f.path().string()));
    }
    EXPECT_EQ(contents.size(), 24u);
    EXPECT_EQ(folder.count(), 24u) << "and nothing else is left";
}

TEST(AtomicFile, RemovesWhatAKilledProgramLeftAndNothingElse) {
    const TempFolder folder;
    std::string dead;
    {
        // The child writes and is killed; it never gets to clean up.
        int tell[2];
        ASSERT_EQ(::pipe(tell), 0);
        const pid_t child = ::fork();
        if (child == 0) {
            auto file = AtomicFile::create(folder.file("film.mov"));
            const std::string path = file->temporaryPath().string();
            (void)!::write(tell[1], path.data(), path.size());
            for (;;) ::pause();
        }
        char path[4096] = {};
        ASSERT_GT(::read(tell[0], path, sizeof path - 1), 0);
        dead = path;
        // While it lives, nobody touches what it writes, whatever that is called.
        { auto other = AtomicFile::create(folder.file("film.mov")); }
        EXPECT_TRUE(std::filesystem::exists(dead));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        ::close(tell[0]);
        ::close(tell[1]);
    }
    ASSERT_TRUE(std::filesystem::exists(dead));
    // Another computer's, and one that only looks like it.
    test::writeBytes(folder.file(".film.part-0123456789abcdef-0123456789abcdef.mov"), "theirs");
    test::writeBytes(folder.file(".film.part-17.mov"), "who knows");
    auto mine = AtomicFile::create(folder.file("other.wav"));
    ASSERT_TRUE(mine);
    EXPECT_FALSE(std::filesystem::exists(dead));
    EXPECT_EQ(folder.count(), 3u);
}

TEST(ReadWholeFile, NamesTheMissingFile) {
    const auto text = readWholeFile("/nowhere/day.brisk");
    ASSERT_FALSE(text);
    EXPECT_NE(sentence(text.error().fact).find("/nowhere/day.brisk"), std::string::npos);
}

}  // namespace
}  // namespace brisk
