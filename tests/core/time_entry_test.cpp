// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/time_entry.h"

#include <gtest/gtest.h>

#include "core/time_text.h"

namespace brisk {
namespace {

const EntryUnits kUnits{{30000, 1001}, {44100}};

void expectEntry(const std::string& text, double seconds, bool relative) {
    const auto e = parseTimeEntry(text, kUnits);
    ASSERT_TRUE(e) << text << ": " << e.error().fact.id;
    EXPECT_NEAR(e->value.value, seconds, 1e-12) << text;
    EXPECT_EQ(e->relative, relative) << text;
}

TEST(TimeEntry, ReadsClockTimesAndAmounts) {
    expectEntry("0:19:27.483217", 1167.483217, false);
    expectEntry("19:27.5", 1167.5, false);
    expectEntry("3.25", 3.25, false);
    expectEntry(" 3,25 S ", 3.25, false);
    expectEntry("100 samples", 100.0 / 44100, false);
    expectEntry("30 frames", 1.001, false);
}

TEST(TimeEntry, ASignChangesWhatIsThereUnlessItIsSetApart) {
    expectEntry("+3 ms", 0.003, true);
    expectEntry("-12 f", -12 * 1001.0 / 30000, true);
    expectEntry("\u22121 sample", -1.0 / 44100, true);
    expectEntry("=-0.5", -0.5, false);
    expectEntry("+0:01", 1, true);
}

TEST(TimeEntry, ReadsWhatTheProgramItselfWrites) {
    expectEntry(clockText({-3723.123456}, 6), -3723.123456, true);
    expectEntry("=" + clockText({-3723.123456}, 6), -3723.123456, false);
    expectEntry(slipText({-0.0123}), -0.0123, true);
}

TEST(TimeEntry, RefusesTheRestInASentence) {
    for (const char* bad : {"", "soon", "1:2:3:4", "1:75", "3 miles", "--3", "+", "5 5:", "nan",
                            "1e999", "0x10", "3 ms ms"}) {
        const auto e = parseTimeEntry(bad, kUnits);
        ASSERT_FALSE(e) << bad << " became " << e->value.value;
        EXPECT_EQ(e.error().code, ErrorCode::BadEntry);
        EXPECT_EQ(e.error().fact.id, "no-time-typed");
    }
}

}  // namespace
}  // namespace brisk
