// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/fact_bytes.h"

#include <gtest/gtest.h>

#include <sstream>

namespace brisk {
namespace {

std::string bytesOf(const Facts& facts) {
    std::ostringstream out;
    ByteWriter writer(out);
    putFacts(facts, writer);
    return out.str();
}

bool read(const std::string& bytes, Facts& facts) {
    std::istringstream in(bytes);
    ByteReader reader(in, bytes.size());
    return getFacts(reader, facts);
}

TEST(FactBytes, GoThereAndBack) {
    const Facts facts{{"a", {{"n", 3}, {"by", 0.25}, {"name", "with \u00fc"}}},
                      {"b", {{"within", Facts{{"c"}, {"d", {{"n", -1}}}}}}}};
    Facts back;
    ASSERT_TRUE(read(bytesOf(facts), back));
    EXPECT_EQ(back, facts);
    for (std::size_t n = 0; n < bytesOf(facts).size(); n += 7) {
        Facts half;
        EXPECT_FALSE(read(bytesOf(facts).substr(0, n), half)) << n;
    }
}

TEST(FactBytes, ThatGoTooDeepAreDamage) {
    Facts deep{{"innermost"}};
    for (int i = 0; i < 20; ++i) deep = {{"around", {{"within", deep}}}};
    Facts back;
    EXPECT_FALSE(read(bytesOf(deep), back));
}

}  // namespace
}  // namespace brisk
