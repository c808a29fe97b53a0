// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/file_identity.h"

#include <gtest/gtest.h>

#include "store/file_hash.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(FileIdentity, RecognisesACopyAndNoticesAChange) {
    const test::TempFolder folder;
    std::string bytes(300000, 'a');
    test::writeBytes(folder.file("a"), bytes);
    test::writeBytes(folder.file("moved"), bytes);
    bytes.back() = 'b';
    test::writeBytes(folder.file("tail"), bytes);
    bytes.back() = 'a';
    bytes.front() = 'b';
    test::writeBytes(folder.file("head"), bytes);
    const auto a = identityOf(folder.file("a"));
    ASSERT_TRUE(a);
    EXPECT_EQ(a->bytes, 300000u);
    EXPECT_EQ(a->hash.size(), 40u);
    EXPECT_EQ(*a, *identityOf(folder.file("moved")));
    EXPECT_NE(*a, *identityOf(folder.file("tail")));
    EXPECT_NE(*a, *identityOf(folder.file("head")));
}

// Two recordings of one length that begin and end in silence.
TEST(FileIdentity, SeesTheMiddleToo) {
    const test::TempFolder folder;
    std::string a(4000000, '\0'), b = a;
    for (std::size_t n = 200000; n < 3800000; ++n) {
        a[n] = static_cast<char>(n * 7);
        b[n] = static_cast<char>(n * 5);
    }
    test::writeBytes(folder.file("a"), a);
    test::writeBytes(folder.file("b"), b);
    const auto ofA = identityOf(folder.file("a")), ofB = identityOf(folder.file("b"));
    EXPECT_EQ(ofA->hash, ofB->hash);
    EXPECT_NE(*ofA, *ofB);
    EXPECT_EQ(*ofA, (FileIdentity{ofA->bytes, ofA->hash})) << "an older shoot knows it still";
}

TEST(FileIdentity, WorksOnSmallFilesAndRefusesMissingOnes) {
    const test::TempFolder folder;
    test::writeBytes(folder.file("s"), "x");
    EXPECT_TRUE(identityOf(folder.file("s")));
    EXPECT_FALSE(identityOf(folder.file("none")));
}

TEST(FileHash, IsTheSha256ThatAnyProgramFinds) {
    const test::TempFolder folder;
    test::writeBytes(folder.file("abc"), "abc");
    EXPECT_EQ(*sha256Of(folder.file("abc"), {}),
              "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    EXPECT_FALSE(sha256Of(folder.file("gone"), {}));
    JobControl job;
    job.requestStop();
    EXPECT_EQ(sha256Of(folder.file("abc"), job).error().code, ErrorCode::Cancelled);
}

}  // namespace
}  // namespace brisk
