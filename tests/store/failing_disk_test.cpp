// SPDX-License-Identifier: GPL-3.0-or-later
// Every system call of a save fails once, each in its turn: what was there is whole, or what is new
// is, and nothing half-written is left. This program stands between the store and the system.
#include <gtest/gtest.h>

#include <cerrno>
#include <string>
#include <vector>

#include "shoot/commands.h"
#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "store/atomic_file.h"
#include "support/facts_text.h"
#include "support/failing_calls.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

/// Lets the n-th call fail while `work` runs. \return what it gave.
template <class Work>
auto whileFailing(int n, int with, Work work) {
    test::FailingCalls& f = test::failingCalls();
    f = {};
    f.failing = n;
    f.with = with;
    f.counting = true;
    auto result = work();
    f.counting = false;
    return result;
}

Shoot shootNamed(const std::string& file) {
    Shoot s;
    s.apply(commands::addMedia({{0, "/card/" + file, MediaKind::Take, {}}}));
    return s;
}

TEST(FailingDisk, ASaveKeepsTheOldShootOrTheNewOneWhole) {
    for (const int with : {ENOSPC, EIO}) {
        int n = 1;
        for (bool all = false; !all; ++n) {
            const test::TempFolder folder;
            const std::string path = folder.file("day.brisk");
            ASSERT_TRUE(saveProject(shootNamed("old.mp4"), path, {}));
            const auto saved =
                whileFailing(n, with, [&] { return saveProject(shootNamed("new.mp4"), path, {}); });
            all = test::failingCalls().calls < n;  // nothing failed any more
            const auto back = loadShoot(path);
            ASSERT_TRUE(back) << "call " << n << ": " << back.error().fact;
            const std::string& holds = back->shoot.state().media.front().path;
            EXPECT_EQ(holds, saved ? "/card/new.mp4" : "/card/old.mp4") << "call " << n;
            if (!saved) {
                EXPECT_NE(sentence(saved.error().fact).find("day.brisk"), std::string::npos);
            }
            EXPECT_EQ(folder.count(), 1u) << "nothing half-written stays; call " << n;
        }
        EXPECT_GT(n, 4) << "several calls make a save";
    }
}

TEST(FailingDisk, ANewFileIsThereWholeOrNotAtAll) {
    for (bool all = false; !all;) {
        static int n = 0;
        ++n;
        const test::TempFolder folder;
        const auto made = whileFailing(n, EIO, [&] {
            return writeNewFile(folder.file("clean.otio"), std::string(5000, 'x'));
        });
        all = test::failingCalls().calls < n;
        EXPECT_EQ(folder.count(), made ? 1u : 0u) << "call " << n;
        if (made) {
            EXPECT_EQ(test::bytesOf(made->string()).size(), 5000u);
        }
    }
}

// What is not on the disk yet is lost with the power: first the content, then the name, then the
// folder that holds it.
TEST(FailingDisk, ANameIsGivenToWhatIsOnTheDiskOnly) {
    const test::TempFolder folder;
    ASSERT_TRUE(whileFailing(
        0, 0, [&] { return saveProject(shootNamed("a.mp4"), folder.file("day.brisk"), {}); }));
    const auto& made = test::failingCalls().made;
    const auto first = [&](const char* name, std::size_t from = 0) {
        for (std::size_t i = from; i < made.size(); ++i) {
            if (made[i] == name) return i;
        }
        return made.size();
    };
    const std::size_t synced = first("fsync"), renamed = first("rename");
    EXPECT_LT(first("write"), synced);
    EXPECT_LT(synced, renamed);
    EXPECT_LT(first("fsync", renamed), made.size()) << "the folder, after it";
    for (std::size_t i = synced; i < renamed; ++i) EXPECT_NE(made[i], "write");
}

}  // namespace
}  // namespace brisk
