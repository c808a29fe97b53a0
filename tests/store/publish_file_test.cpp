// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/publish_file.h"

#include <gtest/gtest.h>

#include <atomic>

#include "core/parallel_for.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr PublishBy kWays[] = {PublishBy::RenameNoReplace, PublishBy::Link, PublishBy::Reserve};

TEST(PublishFile, GivesTheNameAndTakesTheOtherAway) {
    for (const PublishBy way : kWays) {
        const test::TempFolder folder;
        test::writeBytes(folder.file("temporary"), "film");
        EXPECT_FALSE(publishNew(folder.file("temporary"), folder.file("film"), way));
        EXPECT_EQ(test::bytesOf(folder.file("film")), "film");
        EXPECT_EQ(folder.count(), 1u);
    }
}

TEST(PublishFile, TakesNoFilesPlace) {
    for (const PublishBy way : kWays) {
        const test::TempFolder folder;
        test::writeBytes(folder.file("temporary"), "film");
        test::writeBytes(folder.file("there"), "somebody's");
        std::filesystem::create_symlink(folder.file("nowhere"), folder.file("link"));
        for (const char* taken : {"there", "link"}) {
            EXPECT_EQ(publishNew(folder.file("temporary"), folder.file(taken), way),
                      std::errc::file_exists);
        }
        EXPECT_EQ(test::bytesOf(folder.file("there")), "somebody's");
        EXPECT_EQ(test::bytesOf(folder.file("temporary")), "film");
        EXPECT_FALSE(std::filesystem::exists(folder.file("nowhere"))) << "not through a link";
    }
}

TEST(PublishFile, OfManyAtOnceOneWins) {
    for (const PublishBy way : kWays) {
        const test::TempFolder folder;
        std::atomic<int> won = 0;
        for (int i = 0; i < 16; ++i) test::writeBytes(folder.file(std::to_string(i)), "film");
        parallelFor(16, 8, [&](std::size_t i) {
            won += publishNew(folder.file(std::to_string(i)), folder.file("film"), way) ? 0 : 1;
        });
        EXPECT_EQ(won, 1);
        EXPECT_EQ(folder.count(), 16u) << "the others keep what they have";
    }
}

TEST(PublishFile, SaysWhatElseIsWrong) {
    const test::TempFolder folder;
    for (const PublishBy way : kWays) {
        EXPECT_EQ(publishNew(folder.file("missing"), folder.file("film"), way),
                  std::errc::no_such_file_or_directory);
        EXPECT_EQ(folder.count(), 0u) << "and leaves nothing";
    }
}

}  // namespace
}  // namespace brisk
