// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/project_file.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;

ShootState sample(const TempFolder& folder) {
    test::writeBytes(folder.file("card/a.mov"), "");
    std::filesystem::create_directories(folder.file("card"));
    test::writeBytes(folder.file("card/a.mov"), "picture");
    test::writeBytes(folder.file("card/b.wav"), "sound");
    ShootState s;
    s.nextId = 5;
    s.media = {
        {1, folder.file("card/a.mov"), MediaKind::Take, *identityOf(folder.file("card/a.mov"))},
        {2, folder.file("card/b.wav"), MediaKind::Recording,
         *identityOf(folder.file("card/b.wav"))}};
    Tether t;
    t.take = 1;
    t.recording = 2;
    t.line = {{1167.4832171234567}, {-14.25}};
    t.polarity = -1;
    t.locked = true;
    t.placedByHand = true;
    t.soundDelay = milliseconds(12.2);
    t.found.status = MatchStatus::Unsure;
    t.found.line = {{1167.5}, {-14}};
    t.found.polarity = -1;
    t.found.confidence = 0.75;
    t.found.overlap = {{0.06}, {41.5}};
    t.found.windowsUsed = 40;
    t.found.windowsAgreeing = 31;
    t.found.residualStart = milliseconds(0.1);
    t.found.residualEnd = milliseconds(-0.2);
    t.found.rivals = {{{12}, -3.5}};
    t.found.slips = {{{1}, milliseconds(0.1), true}, {{2}, milliseconds(9), false}};
    t.found.segments = {{{{0.06}, {20}}, {{1167.5}, {-14}}}, {{{20}, {41.5}}, {{1167.4999}, {-9}}}};
    t.found.path = {{{1.5}, milliseconds(0.7)}, {{30.25}, milliseconds(14.6)}};
    t.found.reason = {
        {"thin-evidence",
         {{"agreement", Fact{"windows-agree", {{"agreeing", 4}, {"used", 9}, {"within_ms", 0.5}}}},
          {"rival", Fact{"no-rival"}}}}};
    s.tethers = {t};
    s.marks = {{3, 1, {4.125}, "first clap"}, {4, 2, {1171.6}, "door"}};
    return s;
}

void expectSame(const Tether& a, const Tether& b) {
    EXPECT_EQ(a.take, b.take);
    EXPECT_EQ(a.recording, b.recording);
    EXPECT_EQ(a.line, b.line) << "every bit of a double survives";
    EXPECT_EQ(a.polarity, b.polarity);
    EXPECT_EQ(a.locked, b.locked);
    EXPECT_EQ(a.placedByHand, b.placedByHand);
    EXPECT_EQ(a.soundDelay, b.soundDelay);
    EXPECT_EQ(a.found.status, b.found.status);
    EXPECT_EQ(a.found.line, b.found.line);
    EXPECT_EQ(a.found.confidence, b.found.confidence);
    EXPECT_EQ(a.found.overlap.end, b.found.overlap.end);
    EXPECT_EQ(a.found.windowsAgreeing, b.found.windowsAgreeing);
    EXPECT_EQ(a.found.residualEnd, b.found.residualEnd);
    ASSERT_EQ(a.found.rivals.size(), b.found.rivals.size());
    EXPECT_EQ(a.found.rivals[0].relativeDb, b.found.rivals[0].relativeDb);
    ASSERT_EQ(a.found.slips.size(), b.found.slips.size());
    EXPECT_EQ(a.found.slips[1].slip, b.found.slips[1].slip);
    EXPECT_EQ(a.found.slips[1].agrees, b.found.slips[1].agrees);
    EXPECT_TRUE(a.found.segments == b.found.segments);
    EXPECT_TRUE(a.found.path == b.found.path);
    EXPECT_EQ(a.found.reason, b.found.reason);
}

TEST(ProjectFile, ComesBackAsItWas) {
    const TempFolder folder;
    const ShootState s = sample(folder);
    ASSERT_TRUE(saveProject(s, folder.file("day.brisk")));
    const auto back = loadProject(folder.file("day.brisk"));
    ASSERT_TRUE(back) << back.error().fact;
    EXPECT_TRUE(back->warnings.empty());
    EXPECT_EQ(back->state.nextId, 5);
    ASSERT_EQ(back->state.marks.size(), 2u);
    EXPECT_EQ(back->state.marks[1].media, 2);
    EXPECT_EQ(back->state.marks[1].time, Seconds{1171.6});
    EXPECT_EQ(back->state.marks[0].name, "first clap");
    ASSERT_EQ(back->state.media.size(), 2u);
    EXPECT_EQ(back->state.media[1].role, MediaKind::Recording);
    EXPECT_EQ(back->state.media[0].identity, s.media[0].identity);
    ASSERT_EQ(back->state.tethers.size(), 1u);
    expectSame(s.tethers[0], back->state.tethers[0]);
}

TEST(ProjectFile, FindsItsFilesAfterTheFolderMoved) {
    const TempFolder folder;
    std::filesystem::create_directories(folder.file("old"));
    const TempFolder inner;
    ShootState s = sample(inner);
    ASSERT_TRUE(saveProject(s, inner.file("day.brisk")));
    const std::string moved = folder.file("moved");
    std::filesystem::copy(inner.path(), moved, std::filesystem::copy_options::recursive);
    std::filesystem::remove_all(inner.file("card"));
    const auto back = loadProject(moved + "/day.brisk");
    ASSERT_TRUE(back);
    EXPECT_TRUE(back->warnings.empty());
    EXPECT_EQ(back->state.media[0].path, moved + "/card/a.mov");
}

TEST(ProjectFile, SaysWhatIsMissingAndWhatChanged) {
    const TempFolder folder;
    const ShootState s = sample(folder);
    ASSERT_TRUE(saveProject(s, folder.file("day.brisk")));
    std::filesystem::remove(folder.file("card/a.mov"));
    test::writeBytes(folder.file("card/b.wav"), "another sound");
    const auto back = loadProject(folder.file("day.brisk"));
    ASSERT_TRUE(back);
    ASSERT_EQ(back->warnings.size(), 2u);
    EXPECT_NE(sentence(back->warnings[0]).find("a.mov was not found"), std::string::npos);
    EXPECT_NE(sentence(back->warnings[1]).find("b.wav has changed"), std::string::npos);
    EXPECT_EQ(back->state.tethers.size(), 1u) << "nothing known of them is lost";
}

TEST(ProjectFile, RefusesWhatItDoesNotUnderstandAndLeavesItAlone) {
    const TempFolder folder;
    ASSERT_TRUE(saveProject(sample(folder), folder.file("day.brisk")));
    const std::string good = test::bytesOf(folder.file("day.brisk"));
    auto newer = nlohmann::json::parse(good);
    newer["schema"] = 99;
    const std::pair<std::string, std::string> cases[] = {
        {good.substr(0, good.size() / 2), "damaged"},
        {"{}", "not a saved shoot"},
        {"", "damaged"},
        {newer.dump(), "newer version"}};
    for (const auto& [bytes, says] : cases) {
        test::writeBytes(folder.file("bad.brisk"), bytes);
        const auto back = loadProject(folder.file("bad.brisk"));
        ASSERT_FALSE(back);
        EXPECT_EQ(back.error().code, ErrorCode::BadProject);
        EXPECT_NE(sentence(back.error().fact).find(says), std::string::npos) << back.error().fact;
        EXPECT_EQ(test::bytesOf(folder.file("bad.brisk")), bytes);
    }
    EXPECT_FALSE(loadProject(folder.file("none.brisk")));
}

}  // namespace
}  // namespace brisk
