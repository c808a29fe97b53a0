// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/sentence.h"

#include <gtest/gtest.h>

#include <filesystem>
#include <fstream>
#include <regex>
#include <set>
#include <sstream>

namespace brisk {
namespace {

TEST(Sentence, PutsArgumentsInTheirPlaces) {
    EXPECT_EQ(sentence(Fact{"windows-agree", {{"agreeing", 14}, {"used", 15}, {"within_ms", 0.2}}}),
              "14 of 15 spots agree within 0.2 ms");
    EXPECT_EQ(sentence(Fact{"recording-lost", {{"seconds", 0.1}, {"at", 54.2}}}),
              "The recording lost 100.0 ms, or the take has it twice, at 0:00:54.2 of the take.");
    const Fact doubt{"jump-in-pause", {{"doubt", 2.0}}};
    EXPECT_EQ(
        sentence(Fact{"recording-lost", {{"seconds", 0.1}, {"at", 54.2}, {"doubt", doubt}}}),
        "The recording lost 100.0 ms, or the take has it twice, at 0:00:54.2 of the take, in a "
        "pause: it may be up to "
        "2.0 s earlier or later.");
}

TEST(Sentence, KnowsOneFromMany) {
    EXPECT_EQ(sentence(Fact{"off-the-line", {{"off", 1}}}), "1 place lies off the line.");
    EXPECT_EQ(sentence(Fact{"find-matches", {{"takes", 1}}}), "Find matches for 1 take");
    EXPECT_EQ(sentence(Fact{"find-matches", {{"takes", 3}}}), "Find matches for 3 takes");
    EXPECT_EQ(sentence(Fact{"find-matches", {{"takes", 0}}}), "Find matches for 0 takes");
}

TEST(Sentence, OfANameWithBracesIsNotReadOnceMore) {
    EXPECT_EQ(sentence(Fact{"remove-file", {{"file", "{take} {a.wav"}}}), "Remove {take} {a.wav");
}

TEST(Sentence, AnUnknownIdIsSaidRatherThanNothing) {
    EXPECT_EQ(sentence(Fact{"of-a-newer-version", {{"n", 1}}}), "of-a-newer-version");
    EXPECT_EQ(sentence(Facts{}), "");
}

TEST(Sentence, IsMadeOfAnotherPhrasingWhereOneIsGiven) {
    const auto shouted = [](const Phrase& p, std::int64_t n) { return inEnglish(p, n) + "!"; };
    EXPECT_EQ(
        sentence(Facts{{"sounds-alike"}, {"tether", {{"take", "a.mp4"}}}}, {.phrase = shouted}),
        "Both sounds are about alike.! Tether a.mp4!");
}

TEST(Sentence, HasTheMarksAndTheUnitsThatAreWanted) {
    const Fact far{"too-far-from-subject", {{"metres", 42.0}}};
    const Fact in{"in-place", {{"worst", 0.0123}, {"at", 61.0}}};
    EXPECT_EQ(sentence(far), "42.0 m between subject and camera is hard to believe.");
    const Wording feet{.decimal = ",", .feet = true};
    EXPECT_EQ(sentence(far, feet), "137,8 ft between subject and camera is hard to believe.");
    EXPECT_EQ(sentence(in, feet),
              "In place from first to last: never more than 12,3 ms apart, worst at 0:01:01.");
    EXPECT_EQ(sentence(Fact{"remove-file", {{"file", "a.b.mp4"}}}, feet), "Remove a.b.mp4");
    const Fact full{"not-enough-room", {{"needed", 1234567890}, {"free", 999}}};
    EXPECT_EQ(sentence(full, feet),
              "There is not enough room: about 1,2 GB are needed, 999 bytes are free.");
}

std::string sourcesOf(const std::filesystem::path& folder, const std::string& besides) {
    std::ostringstream all;
    for (const auto& e : std::filesystem::recursive_directory_iterator(folder)) {
        const auto ext = e.path().extension();
        if ((ext != ".cpp" && ext != ".h") ||
            e.path().string().find(besides) != std::string::npos) {
            continue;
        }
        all << std::ifstream(e.path()).rdbuf();
    }
    return all.str();
}

TEST(Phrases, EachIsInOrderAndOnceAndIsUsed) {
    const std::string sources = sourcesOf(BRISK_SOURCES, "/text/");
    const std::string* before = nullptr;
    std::string last;
    for (const Phrase& p : allPhrases()) {
        if (before) {
            EXPECT_LT(last, p.id);
        }
        last = p.id;
        before = &last;
        if (last == "said") continue;  // only files of the first schema hold it
        EXPECT_NE(sources.find('"' + last + '"'), std::string::npos)
            << last << " is worded, and nothing says it";
    }
}

// An id in braces with arguments, or alone, is a fact; each has words.
TEST(Phrases, EveryFactOfTheSourcesHasWords) {
    const std::string sources = sourcesOf(BRISK_SOURCES, "/text/");
    const std::regex fact(
        "(?:Fact|push_back\\(|fail(?:At)?\\([^;{]*|refusal\\(|reason = \\{|said = "
        "\\{|said = )\\s*\\{\"([a-z-]+)\"");
    std::set<std::string> ids;
    for (std::sregex_iterator it(sources.begin(), sources.end(), fact), end; it != end; ++it) {
        ids.insert((*it)[1]);
    }
    EXPECT_GT(ids.size(), 40u) << "the pattern finds them";
    for (const std::string& id : ids) EXPECT_NE(phraseOf(id), nullptr) << id;
}

TEST(Phrases, PluralsNameTheArgumentThatTells) {
    for (const Phrase& p : allPhrases()) {
        ASSERT_EQ(p.one == nullptr, p.count == nullptr) << p.id;
        if (!p.count) continue;
        EXPECT_NE(std::string(p.many).find(std::string("{") + p.count), std::string::npos) << p.id;
    }
}

}  // namespace
}  // namespace brisk
