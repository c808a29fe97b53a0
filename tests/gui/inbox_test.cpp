// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/inbox.h"

#include <gtest/gtest.h>

#include <QTest>
#include <algorithm>
#include <memory>
#include <thread>
#include <vector>

namespace brisk::app {
namespace {

TEST(InboxTest, WhatAThreadLeavesIsDoneHereInItsOrder) {
    Inbox inbox;
    std::vector<int> done;
    std::thread::id where;
    std::thread worker([&] {
        for (int i = 0; i < 100; ++i) {
            inbox.leave([&, i] {
                done.push_back(i);
                where = std::this_thread::get_id();
            });
        }
    });
    worker.join();
    EXPECT_TRUE(done.empty()) << "not before the next event";
    ASSERT_TRUE(QTest::qWaitFor([&] { return done.size() == 100; }, 60000));
    EXPECT_TRUE(std::is_sorted(done.begin(), done.end()));
    EXPECT_EQ(where, std::this_thread::get_id());
}

TEST(InboxTest, WhatWasLeftIsNotDoneWhenNobodyIsThereAnyMore) {
    auto inbox = std::make_unique<Inbox>();
    int done = 0;
    // The first is the end of it, as when a window closes upon what it is told.
    inbox->leave([&] {
        ++done;
        inbox.reset();
    });
    inbox->leave([&] { ++done; });
    ASSERT_TRUE(QTest::qWaitFor([&] { return done > 0; }, 60000));
    QCoreApplication::processEvents();
    EXPECT_EQ(done, 1);
}

}  // namespace
}  // namespace brisk::app
