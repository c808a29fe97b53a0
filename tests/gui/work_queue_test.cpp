// SPDX-License-Identifier: GPL-3.0-or-later
// What runs behind the window, and what begins next.
#include "app/spine/work_queue.h"

#include <gtest/gtest.h>

#include <QTest>
#include <atomic>
#include <thread>

namespace brisk::app {
namespace {

class Work : public ::testing::Test {
  protected:
    ~Work() override { go = true; }
    /// As slow as a card that hardly answers.
    void readSlowly(const std::string& card) {
        queue.startForAny(
            QStringLiteral("Reading slowly"),
            [this](const JobControl& job) -> WorkQueue::Finish {
                ++slowBegun;
                while (!go && !job.stopRequested()) std::this_thread::yield();
                return [this] { ++slow; };
            },
            card);
    }
    void read(const std::string& card) {
        queue.startForAny(
            QStringLiteral("Reading"),
            [this](const JobControl&) -> WorkQueue::Finish { return [this] { ++quick; }; }, card);
    }
    std::atomic<bool> go = false;
    std::atomic<int> slowBegun = 0;
    int slow = 0, quick = 0;  // brought back
    WorkQueue queue;
};

TEST_F(Work, ASlowCardHoldsUpNoOther) {
    queue.setAtOnce(2);
    for (int i = 0; i < 5; ++i) readSlowly("/media/camera");
    ASSERT_TRUE(QTest::qWaitFor([&] { return slowBegun == 2; }, 60000));
    for (int i = 0; i < 5; ++i) read("/media/recorder");
    ASSERT_TRUE(QTest::qWaitFor([&] { return quick == 5; }, 60000));
    EXPECT_EQ(slow, 0);
    EXPECT_EQ(slowBegun, 2) << "a card is read by as many as may at once";
    EXPECT_TRUE(queue.summary().startsWith(QLatin1String("Reading slowly")))
        << queue.summary().toStdString();
    go = true;
    ASSERT_TRUE(QTest::qWaitFor([&] { return slow == 5; }, 60000));
    EXPECT_FALSE(queue.busy());
}

TEST_F(Work, WhatWaitsEndsWhenAllIsStopped) {
    queue.setAtOnce(1);
    for (int i = 0; i < 4; ++i) readSlowly("/media/camera");
    ASSERT_TRUE(QTest::qWaitFor([&] { return slowBegun == 1; }, 60000));
    queue.stopAll();
    ASSERT_TRUE(QTest::qWaitFor([&] { return !queue.busy(); }, 60000));
    EXPECT_EQ(slow, 4);
}

}  // namespace
}  // namespace brisk::app
