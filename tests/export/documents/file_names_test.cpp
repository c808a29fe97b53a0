// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/file_names.h"

#include <gtest/gtest.h>

#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

const NameFacts kFacts{"press-02", "lavalier-01", "Camera A", "2026-03-03", 7, "tethered"};

TEST(FileNames, FillThePattern) {
    EXPECT_EQ(fileName("{take} clean", kFacts), "press-02 clean");
    EXPECT_EQ(fileName("{date}_{camera}_{number}_{recording}_{state}", kFacts),
              "2026-03-03_Camera A_007_lavalier-01_tethered");
    NameFacts odd = kFacts;
    odd.take = "{number}";
    EXPECT_EQ(fileName("{take}", odd), "{number}") << "a name is not filled in again";
}

TEST(FileNames, AreNamesAndNotPaths) {
    EXPECT_EQ(fileName("../{take}/x", kFacts), "-press-02-x");
    EXPECT_EQ(fileName("a:b*c?\n", kFacts), "a-b-c--");
    EXPECT_EQ(fileName(" . ", kFacts), "press-02") << "nothing is left: the take's name";
    const std::string umlauts = fileName(std::string(400, 'x') + "ä", kFacts);
    EXPECT_EQ(umlauts.size(), 180u);
    std::string many;
    for (int i = 0; i < 200; ++i) many += "ä";
    EXPECT_EQ(fileName("x" + many, kFacts).size() % 2, 1u) << "never half a letter";
}

TEST(FileNames, APatternWithAnUnknownNameSaysWhichThereAre) {
    EXPECT_EQ(sentence(patternProblem("{take} {number}")), "");
    EXPECT_NE(
        sentence(patternProblem("{take} {day}")).find("There is no {day}: a name can hold {take}"),
        std::string::npos);
    EXPECT_NE(sentence(patternProblem("{take")).find("There is no {take:"), std::string::npos);
}

TEST(FileNames, TheSlateIsInThemAndWhatIsNotWrittenLeavesNoHole) {
    NameFacts f;
    f.take = "press-02";
    f.scene = "12A";
    f.slateTake = "3";
    EXPECT_EQ(fileName("{scene}-{take-number} {name}", f), "12A-3 press-02");
    f.name = "the first pull";
    EXPECT_EQ(fileName("{scene}-{take-number} {name}", f), "12A-3 the first pull");
    f.scene.clear();
    EXPECT_EQ(fileName("{scene}-{take-number} {name}", f), "3 the first pull");
    EXPECT_EQ(fileName("{name} {verdict}", f), "the first pull");
    EXPECT_EQ(fileName("{take}_{scene}_{verdict} clean", f), "press-02_clean");
    EXPECT_EQ(fileName("{verdict}", f), "press-02");
    EXPECT_EQ(possibleName(" a/b: c. "), "a-b- c");
    EXPECT_EQ(possibleName("..."), "");
}

}  // namespace
}  // namespace brisk
