// SPDX-License-Identifier: GPL-3.0-or-later
// Files that older versions wrote lie frozen in tests/data: they open for good, with everything
// that was in them.
#include <gtest/gtest.h>

#include <fstream>
#include <regex>
#include <set>
#include <sstream>

#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

std::string textOf(const fs::path& path) {
    std::ostringstream out;
    out << std::ifstream(path).rdbuf();
    return out.str();
}

fs::path frozen(const char* name) {
    return fs::path(BRISK_TEST_DATA) / name;
}

class FrozenProject : public ::testing::TestWithParam<const char*> {};

/// The first schema kept sentences, in the words of its time; since then facts are kept.
std::string worded(const std::string& schema, const char* then, const char* now) {
    return schema == "schema-1.brisk" ? then : now;
}

TEST_P(FrozenProject, OpensWithEverythingInIt) {
    auto loaded = loadShoot(frozen(GetParam()).string());
    ASSERT_TRUE(loaded) << loaded.error().fact;
    const ShootState& s = loaded->shoot.state();
    ASSERT_EQ(s.media.size(), 3u);
    EXPECT_EQ(s.media[0].camera, "left camera");
    EXPECT_EQ(s.media[2].identity, (FileIdentity{70000, "cc33"}));
    const TetherEstimate& e = s.tetherOf(1)->found;
    EXPECT_EQ(e.line, (ClockLine{{12.25}, {-18.5}}));
    EXPECT_EQ(e.polarity, -1);
    ASSERT_EQ(e.segments.size(), 2u);
    EXPECT_EQ(e.segments[1].startDoubt, Seconds{0.4});
    ASSERT_EQ(e.slips.size(), 2u);
    EXPECT_TRUE(e.slips[0].agrees);
    EXPECT_EQ(sentence(e.reason), "14 of 15 " + worded(GetParam(), "windows", "spots") +
                                      " agree within 0.2 ms; the next best place is 12 dB weaker.");
    EXPECT_EQ(s.tetherOf(2)->line.offset, Seconds{80.105}) << "moved by hand";
    EXPECT_EQ(s.sound.map, ChannelMap::Chosen);
    EXPECT_EQ(s.sound.channels, (std::vector<int>{0, 2}));
    EXPECT_EQ(s.soundOf(1).uncovered, Uncovered::Trimmed);
    EXPECT_EQ(s.editOf(1)->kept.size(), 2u);
    ASSERT_EQ(s.editOf(1)->tethered.size(), 1u);
    EXPECT_EQ(s.mark(4)->name, "clap");
    EXPECT_EQ(loaded->shoot.remembered("hand-over folder"), "/edit/bindery");
    ASSERT_EQ(loaded->shoot.snapshots().size(), 1u);
    EXPECT_EQ(loaded->shoot.snapshots()[0].state->editOf(1)->tethered.size(), 0u);
    EXPECT_EQ(loaded->journal.id, "7f00aa");
}

TEST_P(FrozenProject, KeepsItsHistoryInWords) {
    auto loaded = loadShoot(frozen(GetParam()).string());
    ASSERT_TRUE(loaded);
    Shoot& shoot = loaded->shoot;
    EXPECT_EQ(sentence(shoot.redoLabel()), "Call clap first clap");
    if (sentence(shoot.undoLabel()) == "Treat bench-01.mp4 and bench-02.mp4 as one") shoot.undo();
    const std::vector<std::string> steps{worded(GetParam(), "Loosen", "Untether") + " bench-01.mp4",
                                         "Name the camera of 1 take", "Cut bench-01.mp4"};
    for (const std::string& step : steps) {
        EXPECT_EQ(sentence(shoot.undoLabel()), step);
        shoot.undo();
    }
    while (shoot.canUndo()) shoot.undo();
    EXPECT_TRUE(shoot.state().media.empty());
}

TEST_P(FrozenProject, IsTheSameOnceItIsSavedAnew) {
    test::TempFolder folder;
    auto loaded = loadShoot(frozen(GetParam()).string());
    ASSERT_TRUE(loaded);
    const std::string anew = folder.file("anew.brisk");
    ASSERT_TRUE(saveProject(loaded->shoot, anew, loaded->journal));
    EXPECT_NE(textOf(anew).find("\"schema\": " + std::to_string(kProjectSchema)),
              std::string::npos);
    auto again = loadShoot(anew);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->shoot.state().tethers, loaded->shoot.state().tethers);
    EXPECT_EQ(again->shoot.state().edits, loaded->shoot.state().edits);
    EXPECT_EQ(again->shoot.undoLabel(), loaded->shoot.undoLabel());
    EXPECT_EQ(again->shoot.steps().size(), loaded->shoot.steps().size());
}

INSTANTIATE_TEST_SUITE_P(Schemas, FrozenProject,
                         ::testing::Values("schema-1.brisk", "schema-2.brisk"));

TEST(FrozenJournal, OfTheFirstSchemaGoesOn) {
    auto found = readJournal(frozen("schema-1.journal"));
    ASSERT_TRUE(found) << found.error().fact;
    ASSERT_TRUE(*found);
    EXPECT_EQ((*found)->steps, 1);
    EXPECT_EQ(sentence((*found)->shoot.undoLabel()), "Remove clap");
    EXPECT_TRUE((*found)->shoot.state().marks.empty());
}

std::set<std::string> namesIn(const std::string& text, const char* pattern) {
    const std::regex each(pattern);
    std::set<std::string> all;
    for (std::sregex_iterator it(text.begin(), text.end(), each), end; it != end; ++it) {
        all.insert((*it)[1]);
    }
    return all;
}

// The document names every field that is written, and none that is not.
TEST(ProjectFormat, DocumentsTheFieldsThatAreWritten) {
    const test::TempFolder folder;
    auto loaded = loadShoot(frozen("schema-2.brisk").string());
    ASSERT_TRUE(loaded) << loaded.error().fact;
    loaded->journal.save = "a-saving";
    auto media = loaded->shoot.state().media;
    media.front().identity.middle = "cc33";
    media.front().slate = {"a name", "12A", "3", Verdict::Good, "a note"};
    media.front().searchedBy = kMeanOfChannels;
    loaded->shoot.apply({{"said"}, [&](ShootState& s) {
                             s.media = media;
                             s.edits.front().quiet = {{{{1}, {2}}}};
                         }});
    ASSERT_TRUE(saveProject(loaded->shoot, folder.file("day.brisk"), loaded->journal));
    const std::string written = textOf(folder.file("day.brisk"));
    const std::string document = textOf(fs::path(BRISK_DOCS) / "formats/brisk.md");
    std::set<std::string> fields = namesIn(written, "\"([a-z0-9_.]+)\": ");
    // Facts have arguments of their own, which text/phrases.cpp names.
    for (const Phrase& p : allPhrases()) {
        for (const auto& arg : namesIn(p.many, "\\{([a-z_]+)")) {
            if (document.find('`' + arg + '`') == std::string::npos) fields.erase(arg);
        }
    }
    for (const std::string& f : fields) {
        EXPECT_TRUE(std::regex_search(document, std::regex("[`.]" + f + "(\\[\\])?[`.]")))
            << f << " is written, and docs/formats/brisk.md does not say what it is";
    }
    // The first columns of its tables.
    const std::string tables = document.substr(0, document.find("## The journal"));
    for (const std::string& row : namesIn(tables, "\n\\| (`[^|]+) \\|")) {
        for (const std::string& name : namesIn(row, "`([a-z0-9_.]+)(?:\\[\\])?`")) {
            const std::string field = name.substr(name.rfind('.') + 1);
            EXPECT_NE(written.find('"' + field + "\": "), std::string::npos)
                << name << " is documented, and not written";
        }
    }
}

}  // namespace
}  // namespace brisk
