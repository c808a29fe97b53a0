// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/free_name.h"

#include <gtest/gtest.h>

#include "store/name_key.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(NameKey, TakesAsOneWhatACardTakesAsOne) {
    EXPECT_EQ(nameKey("Lesson.MOV"), nameKey("lesson.mov"));
    EXPECT_EQ(nameKey("LE\u00C7ON"), nameKey("le\u00E7on"));
    EXPECT_EQ(nameKey("lec\u0327on"), nameKey("le\u00E7on")) << "composed or not";
    EXPECT_EQ(nameKey("STRASSE"), nameKey("stra\u00DFe"));
    EXPECT_NE(nameKey("lesson-1"), nameKey("lesson-2"));
    EXPECT_EQ(nameKey("\xff\xfe"), "\xff\xfe") << "not UTF-8, and a name all the same";
}

TEST(FreeName, IsNeverThatOfAFileThatIsThere) {
    const test::TempFolder folder;
    test::writeBytes(folder.file("a.mov"), "x");
    test::writeBytes(folder.file("A 2.MOV"), "x");
    EXPECT_EQ(freePath(folder.path(), "a", ".mov"), folder.file("a 3.mov"));
    EXPECT_EQ(freePath(folder.file("A.mov")), folder.file("A 3.mov"));
    EXPECT_EQ(freePath(folder.file("not there yet") + "/a.mov"),
              folder.file("not there yet") + "/a.mov");
}

TEST(FreeName, IsGivenOnce) {
    const test::TempFolder folder;
    FreeNames names(folder.path());
    EXPECT_EQ(names.take("b", ".mov"), folder.file("b.mov"));
    EXPECT_EQ(names.take("B", ".mov"), folder.file("B 2.mov"));
    EXPECT_EQ(names.take("b", ".wav"), folder.file("b.wav"));
}

}  // namespace
}  // namespace brisk
