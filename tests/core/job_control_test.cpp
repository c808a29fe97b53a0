// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job_control.h"

#include <gtest/gtest.h>

namespace brisk {
namespace {

TEST(JobControl, CopiesShareOneStop) {
    const JobControl a;
    const JobControl b = a.part(0, 0.5);
    EXPECT_FALSE(b.stopRequested());
    a.requestStop();
    EXPECT_TRUE(b.stopRequested());
    EXPECT_TRUE(a.withReport({}).stopRequested());
}

TEST(JobControl, APartIsStoppedByItselfAndByAllThatItIsWithin) {
    const JobControl all, some, one;
    const JobControl inner = one.within(some.within(all));
    EXPECT_FALSE(inner.part(0, 1).stopRequested());
    one.requestStop();
    EXPECT_TRUE(inner.stopRequested());
    EXPECT_FALSE(some.within(all).stopRequested());
    const JobControl other = JobControl{}.within(some.within(all));
    all.requestStop();
    EXPECT_TRUE(other.withReport({}).stopRequested()) << "the outermost, too";
}

TEST(JobControl, PartsMapProgress) {
    double seen = -1;
    const JobControl job([&](double f) { seen = f; });
    job.part(0.5, 1.0).part(0.0, 0.5).report(1.0);
    EXPECT_DOUBLE_EQ(seen, 0.75);
    const JobControl silent;
    silent.part(0, 1).report(0.5);  // nobody listens; nothing happens
    EXPECT_DOUBLE_EQ(seen, 0.75);
}

}  // namespace
}  // namespace brisk
