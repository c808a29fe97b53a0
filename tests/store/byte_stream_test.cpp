// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/byte_stream.h"

#include <gtest/gtest.h>

#include <sstream>

namespace brisk {
namespace {

std::string written() {
    std::ostringstream out;
    ByteWriter w(out);
    w.put(42);
    w.put(std::vector<double>{1.5, -2});
    w.put(std::string("glue pot"));
    w.put(w.checksum());
    return out.str();
}

bool readsBack(const std::string& bytes) {
    std::istringstream in(bytes);
    ByteReader r(in, bytes.size());
    int n = 0;
    std::vector<double> v;
    std::string s;
    return r.get(n) && r.get(v) && r.get(s) && r.checksumFollows() && n == 42 && v.size() == 2 &&
           v[1] == -2 && s == "glue pot";
}

TEST(ByteStream, RoundTrips) {
    EXPECT_TRUE(readsBack(written()));
}

TEST(ByteStream, NoticesEveryDamagedByteAndEveryLength) {
    const std::string whole = written();
    for (std::size_t i = 0; i < whole.size(); ++i) {
        std::string damaged = whole;
        damaged[i] = static_cast<char>(damaged[i] ^ 0x10);
        EXPECT_FALSE(readsBack(damaged)) << "byte " << i;
        EXPECT_FALSE(readsBack(whole.substr(0, i))) << "cut at " << i;
    }
}

TEST(ByteStream, DoesNotBelieveAHugeLength) {
    std::string bytes(16, '\x7f');
    std::istringstream in(bytes);
    ByteReader r(in, bytes.size());
    std::vector<double> v;
    EXPECT_FALSE(r.get(v));
    EXPECT_TRUE(v.empty());
}

}  // namespace
}  // namespace brisk
