// SPDX-License-Identifier: GPL-3.0-or-later
// Steps survive a program that ends at any moment.
#include "shoot/journal.h"

#include <gtest/gtest.h>
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "shoot/commands.h"
#include "shoot/mark_commands.h"
#include "shoot/shoot_json.h"
#include "store/atomic_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

std::string written(const ShootState& s) {
    return shootJson(s, {}).dump();
}

Shoot withFiles() {
    Shoot shoot;
    shoot.apply(commands::addMedia({{0, "/card/press-01.mp4", MediaKind::Take, {}},
                                    {0, "/card/lavalier.wav", MediaKind::Recording, {}}}));
    return shoot;
}

/// Something that a person might do.
void doSomething(Shoot& shoot, Journal& journal, std::mt19937& random) {
    const auto past = [&](Result<void> done) { ASSERT_TRUE(done); };
    const auto apply = [&](const Command& c) {
        shoot.apply(c);
        past(journal.applied(shoot));
    };
    const int take = 1, recording = 2;
    switch (random() % 8) {
        case 0:
            return apply(commands::layOn(shoot.state(), take, recording,
                                         {static_cast<double>(random() % 1000) / 7}));
        case 1:
        case 2:
            return apply(commands::moveClean(shoot.state(), take,
                                             {static_cast<double>(random() % 1000) / 3e5}));
        case 3:
        case 4:
            return apply(commands::addMark(shoot.state(), take,
                                           {static_cast<double>(random() % 1000) / 10}));
        case 5:
            if (!shoot.canUndo()) return;
            shoot.undo();
            return past(journal.undone());
        case 6:
            if (!shoot.canRedo()) return;
            shoot.redo();
            return past(journal.redone());
        default:
            return apply(commands::setSoundDelay(shoot.state(), take,
                                                 {static_cast<double>(random() % 100) / 1e4}));
    }
}

class JournalTest : public ::testing::Test {
  protected:
    test::TempFolder folder_;
    std::string journal_ = folder_.file("steps.journal");
    std::string project_ = folder_.file("day.brisk");
};

TEST_F(JournalTest, HoldsEveryStepAndTheWholeHistory) {
    Shoot shoot = withFiles();
    auto journal = Journal::begin(journal_, shoot, "");
    ASSERT_TRUE(journal) << journal.error().fact;
    std::mt19937 random(4);
    for (int i = 0; i < 200; ++i) doSomething(shoot, *journal, random);
    auto found = readJournal(journal_);
    ASSERT_TRUE(found && *found);
    EXPECT_EQ((*found)->steps, journal->mark().lines);
    Shoot& back = (*found)->shoot;
    EXPECT_EQ(written(back.state()), written(shoot.state()));
    EXPECT_EQ(back.undoLabel(), shoot.undoLabel());
    EXPECT_EQ(back.redoLabel(), shoot.redoLabel());
    while (!shoot.undoLabel().empty() && back.canUndo()) {
        shoot.undo();
        back.undo();
        ASSERT_EQ(written(back.state()), written(shoot.state()));
    }
}

TEST_F(JournalTest, ALineThatWasCutOffIsNoStepAndOneGoesOnAfterIt) {
    Shoot shoot = withFiles();
    auto journal = Journal::begin(journal_, shoot, "");
    ASSERT_TRUE(journal);
    std::mt19937 random(5);
    for (int i = 0; i < 20; ++i) doSomething(shoot, *journal, random);
    const std::string whole = *readWholeFile(journal_);
    const std::size_t head = whole.find('\n') + 1;
    for (std::size_t n = head; n < whole.size(); n += 37) {
        std::ofstream(journal_, std::ios::binary) << whole.substr(0, n);
        const auto found = readJournal(journal_);
        ASSERT_TRUE(found && *found) << n;
        const auto lines = std::count(whole.begin(), whole.begin() + static_cast<long>(n), '\n');
        EXPECT_EQ((*found)->steps, lines - 1);
    }
    std::ofstream(journal_, std::ios::binary) << whole.substr(0, whole.size() - 3);
    auto found = readJournal(journal_);
    auto again = Journal::goOn(journal_);
    ASSERT_TRUE(found && *found && again);
    Shoot back = (*found)->shoot;
    back.apply(commands::addMark(back.state(), 1, {3}));
    ASSERT_TRUE(again->applied(back));
    EXPECT_EQ(written((*readJournal(journal_))->shoot.state()), written(back.state()));
    std::ofstream(journal_, std::ios::binary) << "nonsense";
    EXPECT_FALSE(readJournal(journal_));
    EXPECT_TRUE(readJournal(folder_.file("none")) && !*readJournal(folder_.file("none")));
}

TEST_F(JournalTest, WhatTheProjectHoldsIsNotDoneTwice) {
    Shoot shoot = withFiles();
    auto journal = Journal::begin(journal_, shoot, project_);
    ASSERT_TRUE(journal);
    std::mt19937 random(6);
    for (int i = 0; i < 10; ++i) doSomething(shoot, *journal, random);
    // Saved, and then the program ended before the journal was taken away.
    ASSERT_TRUE(saveProject(shoot, project_, journal->mark()));
    auto found = readJournal(journal_);
    ASSERT_TRUE(found && *found);
    EXPECT_EQ((*found)->steps, 0);
    EXPECT_EQ(written((*found)->shoot.state()), written(shoot.state()));
    for (int i = 0; i < 5; ++i) doSomething(shoot, *journal, random);
    found = readJournal(journal_);
    ASSERT_TRUE(found && *found);
    EXPECT_EQ(written((*found)->shoot.state()), written(shoot.state()));
    // Saved by someone else meanwhile: the journal speaks of another shoot.
    Shoot other = withFiles();
    other.apply(commands::addMark(other.state(), 2, {8}));
    ASSERT_TRUE(saveProject(other, project_, {}));
    found = readJournal(journal_);
    ASSERT_TRUE(found);
    EXPECT_FALSE(*found);
}

TEST_F(JournalTest, TheHistorySurvivesSavingAndOpening) {
    Shoot shoot = withFiles();
    auto journal = Journal::begin(journal_, shoot, "");
    std::mt19937 random(7);
    for (int i = 0; i < 60; ++i) doSomething(shoot, *journal, random);
    ASSERT_TRUE(saveProject(shoot, project_, {}));
    auto loaded = loadShoot(project_);
    ASSERT_TRUE(loaded);
    EXPECT_EQ(loaded->shoot.steps().size(), shoot.steps().size());
    EXPECT_EQ(loaded->shoot.at(), shoot.at());
    EXPECT_FALSE(loaded->shoot.changedSinceSaved());
    for (std::size_t i = 0; i < shoot.steps().size(); ++i) {
        EXPECT_EQ(written(*loaded->shoot.steps()[i].state), written(*shoot.steps()[i].state)) << i;
        EXPECT_EQ(loaded->shoot.steps()[i].label, shoot.steps()[i].label);
    }
    // A history that does not lead to what was saved is left aside; what was saved counts.
    auto j = nlohmann::ordered_json::parse(*readWholeFile(project_));
    j["next_id"] = 999;
    ASSERT_TRUE(writeWholeFile(project_, j.dump()));
    loaded = loadShoot(project_);
    ASSERT_TRUE(loaded);
    EXPECT_EQ(loaded->shoot.state().nextId, 999);
    EXPECT_FALSE(loaded->shoot.canUndo());
}

TEST_F(JournalTest, AStepThatGrowsIsOneStepAndIsWrittenOnce) {
    Shoot shoot = withFiles();
    auto journal = Journal::begin(journal_, shoot, "");
    ASSERT_TRUE(journal);
    shoot.apply(commands::addMark(shoot.state(), 1, {0}));
    ASSERT_TRUE(journal->applied(shoot));
    const auto small = std::filesystem::file_size(journal_);
    for (int i = 1; i <= 200; ++i) {
        const auto before = shoot.steps()[shoot.at()].state;
        Command more = commands::addMark(shoot.state(), 1, {static_cast<double>(i)});
        shoot.amend(more);
        ASSERT_TRUE(journal->amended(*before, shoot));
    }
    const auto found = readJournal(journal_);
    ASSERT_TRUE(found && *found);
    Shoot back = (*found)->shoot;
    EXPECT_EQ(written(back.state()), written(shoot.state()));
    EXPECT_EQ(back.state().marks.size(), 201u);
    back.undo();
    EXPECT_TRUE(back.state().marks.empty()) << "one step back";
    // Each addition once, not all of them again with each.
    EXPECT_LT(std::filesystem::file_size(journal_), small + 200 * 300);
}

TEST_F(JournalTest, OneThatCouldNotBeWrittenOnIsBegunAnewAndHoldsEverything) {
    Shoot shoot = withFiles();
    ASSERT_TRUE(saveProject(shoot, project_, {}));
    shoot.markSaved();
    auto journal = Journal::begin(journal_, shoot, project_);
    ASSERT_TRUE(journal);
    shoot.apply(commands::addMark(shoot.state(), 1, {1}));
    ASSERT_TRUE(journal->applied(shoot));
    // The disk was full in the middle of the next line.
    shoot.apply(commands::addMark(shoot.state(), 1, {2}));
    std::ofstream(journal_, std::ios::app) << R"({"label":"Mar)";
    journal = Journal::begin(journal_, shoot, project_);
    ASSERT_TRUE(journal);
    shoot.apply(commands::addMark(shoot.state(), 1, {3}));
    ASSERT_TRUE(journal->applied(shoot));
    const auto found = readJournal(journal_);
    ASSERT_TRUE(found && *found);
    EXPECT_EQ(written((*found)->shoot.state()), written(shoot.state()));
    EXPECT_EQ((*found)->steps, 2) << "what was so at once, and one step";
    EXPECT_TRUE((*found)->shoot.canUndo());
    // It still knows another shoot when it sees one.
    Shoot other = withFiles();
    other.apply(commands::addMark(other.state(), 2, {8}));
    ASSERT_TRUE(saveProject(other, project_, {}));
    EXPECT_FALSE(*readJournal(journal_));
}

TEST_F(JournalTest, OneOfNoUseIsSetAsideUnderANameOfItsOwn) {
    std::ofstream(journal_) << "first";
    const auto one = setAside(journal_);
    std::ofstream(journal_) << "second";
    const auto two = setAside(journal_);
    EXPECT_EQ(*readWholeFile(one.string()), "first");
    EXPECT_EQ(*readWholeFile(two.string()), "second");
    EXPECT_FALSE(std::filesystem::exists(journal_));
}

/// A program that edits and saves without end, telling after each step how many it has done.
[[noreturn]] void editForEver(const std::string& journalPath, const std::string& project, int tell,
                              unsigned seed) {
    Shoot shoot = withFiles();
    (void)saveProject(shoot, project, {});
    auto journal = Journal::begin(journalPath, shoot, project);
    std::mt19937 random(seed);
    for (int done = 1; journal; ++done) {
        shoot.apply(commands::addMark(shoot.state(), 1, {static_cast<double>(done)}));
        if (!journal->applied(shoot)) break;
        if (write(tell, &done, sizeof done) != sizeof done) break;
        if (random() % 7 == 0) {
            (void)saveProject(shoot, project, journal->mark());
            if (random() % 2 == 0) journal = Journal::begin(journalPath, shoot, project);
        }
    }
    _exit(1);
}

TEST_F(JournalTest, FiftyDeathsAtRandomMomentsLoseNothing) {
    std::mt19937 random(8);
    int steps = 0;
    for (int death = 0; death < 50; ++death) {
        int ends[2];
        ASSERT_EQ(pipe(ends), 0);
        const pid_t child = fork();
        ASSERT_GE(child, 0);
        if (child == 0) {
            close(ends[0]);
            editForEver(journal_, project_, ends[1], static_cast<unsigned>(death));
        }
        close(ends[1]);
        int done = 0;
        ASSERT_EQ(read(ends[0], &done, sizeof done), static_cast<ssize_t>(sizeof done));
        usleep(static_cast<useconds_t>(random() % 30000));
        kill(child, SIGKILL);
        while (read(ends[0], &done, sizeof done) == static_cast<ssize_t>(sizeof done)) {
        }
        close(ends[0]);
        waitpid(child, nullptr, 0);
        auto loaded = loadShoot(project_);
        ASSERT_TRUE(loaded) << loaded.error().fact;
        auto found = readJournal(journal_, project_);
        ASSERT_TRUE(found) << found.error().fact;
        const Shoot& back = *found ? (*found)->shoot : loaded->shoot;
        const auto marks = back.state().marksOf(1);
        EXPECT_GE(static_cast<int>(marks.size()), done) << "every step it told of is there";
        EXPECT_LE(static_cast<int>(marks.size()), done + 1);
        for (std::size_t i = 0; i < marks.size(); ++i) {
            EXPECT_EQ(marks[i].time.value, static_cast<double>(i + 1));
        }
        steps += done;
    }
    EXPECT_GT(steps, 100) << "they did not get anywhere";
}

TEST_F(JournalTest, ANameThatIsNoTextIsWrittenDownAllTheSame) {
    Shoot shoot;
    auto journal = Journal::begin(folder_.file("odd.journal"), shoot, "");
    ASSERT_TRUE(journal);
    MediaItem odd;
    odd.path = "/card/press-\xff\xfe.mp4";
    odd.role = MediaKind::Take;
    shoot.apply(commands::addMedia({odd}));
    ASSERT_TRUE(journal->applied(shoot));
    const auto found = readJournal(folder_.file("odd.journal"));
    ASSERT_TRUE(found && *found);
    EXPECT_EQ((*found)->shoot.state().media.size(), 1u);
}

// The folder moved, takes and all, with steps that were not saved.
TEST(JournalRecovery, FindsItsShootAfterTheFolderMovedAndBehindALink) {
    const test::TempFolder folder;
    namespace fs = std::filesystem;
    fs::create_directories(folder.file("old/card"));
    for (const char* name : {"a.mov", "b.wav"}) {
        test::writeBytes(folder.file(std::string("old/card/") + name), name);
    }
    const auto item = [&](const char* name, MediaKind role) {
        const std::string path = folder.file(std::string("old/card/") + name);
        return MediaItem{0, path, role, *identityOf(path)};
    };
    Shoot shoot;
    shoot.apply(commands::addMedia({item("a.mov", MediaKind::Take)}));
    const std::string project = folder.file("old/day.brisk");
    ASSERT_TRUE(saveProject(shoot, project, {"", 0, "first-saving"}));
    shoot.markSaved();
    auto journal = Journal::begin(journalPlace(project), shoot, project, "first-saving");
    ASSERT_TRUE(journal) << journal.error().fact;
    shoot.apply(commands::addMedia({item("b.wav", MediaKind::Recording)}));
    ASSERT_TRUE(journal->applied(shoot));

    fs::create_directory_symlink(folder.file("old"), folder.file("link"));
    EXPECT_EQ(journalPlace(folder.file("link/day.brisk")), journalPlace(project));
    const auto behind =
        readJournal(journalPlace(folder.file("link/day.brisk")), folder.file("link/day.brisk"));
    ASSERT_TRUE(behind && *behind);
    EXPECT_EQ((*behind)->steps, 1);

    fs::rename(folder.file("old"), folder.file("new"));
    const std::string moved = folder.file("new/day.brisk");
    const auto found = readJournal(journalPlace(moved), moved);
    ASSERT_TRUE(found) << found.error().fact;
    ASSERT_TRUE(*found) << "it is the same shoot";
    EXPECT_EQ((*found)->steps, 1);
    const auto& media = (*found)->shoot.state().media;
    ASSERT_EQ(media.size(), 2u);
    EXPECT_EQ(media[0].path, folder.file("new/card/a.mov"));
    EXPECT_EQ(media[1].path, folder.file("new/card/b.wav"));

    // Saved by someone else since: not this shoot's any more.
    ASSERT_TRUE(saveProject(shoot, moved, {"", 0, "second-saving"}));
    const auto other = readJournal(journalPlace(moved), moved);
    ASSERT_TRUE(other);
    EXPECT_FALSE(*other);
}

}  // namespace
}  // namespace brisk
