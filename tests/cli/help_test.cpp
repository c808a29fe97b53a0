// SPDX-License-Identifier: GPL-3.0-or-later
// What the program looks like in a terminal.
#include <gtest/gtest.h>
#include <pty.h>
#include <sys/wait.h>
#include <unistd.h>

#include <sstream>

#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::runCli;

TEST(Help, FitsEightyColumns) {
    for (const char* command :
         {"", "align", "check", "day", "export", "probe", "simulate", "verify"}) {
        std::vector<std::string> words{"--help"};
        if (*command) words.insert(words.begin(), command);
        const auto r = runCli(words);
        EXPECT_EQ(r.exitCode, 0);
        std::istringstream in(r.out);
        std::string line;
        int lines = 0;
        for (; std::getline(in, line); ++lines) EXPECT_LE(line.size(), 80u) << line;
        EXPECT_GT(lines, 8) << command;
    }
}

/// All that the program shows on a terminal.
std::string onTerminal(const std::vector<std::string>& arguments) {
    std::vector<std::string> words{BRISK_CLI};
    words.insert(words.end(), arguments.begin(), arguments.end());
    std::vector<char*> argv;
    for (auto& w : words) argv.push_back(w.data());
    argv.push_back(nullptr);
    int terminal = -1;
    winsize size{24, 60, 0, 0};
    const pid_t child = ::forkpty(&terminal, nullptr, nullptr, &size);
    if (child == 0) {
        ::execv(argv[0], argv.data());
        ::_exit(127);
    }
    std::string shown;
    char block[4096];
    for (ssize_t n = 0; (n = ::read(terminal, block, sizeof block)) > 0;) {
        shown.append(block, static_cast<std::size_t>(n));
    }
    ::close(terminal);
    int status = 0;
    ::waitpid(child, &status, 0);
    EXPECT_EQ(status, 0) << shown;
    return shown;
}

TEST(Help, ProgressOnATerminalIsOneLineThatIsTakenAway) {
    const test::TempFolder folder;
    const auto day = test::babble(900, 8000, 3);
    test::TakeRecipe recipe;
    recipe.soundRate = 8000;
    test::writeTake(folder.file("a take with a name that no terminal has the room for.mp4"),
                    {day.begin() + 8000 * 100, day.begin() + 8000 * 700}, recipe);
    test::SoundRecipe sound;
    sound.rate = 8000;
    test::writeSound(folder.file("rec.wav"), day, sound);
    const std::string shown = onTerminal({"--threads", "1", "align", "--camera", folder.file(""),
                                          "--clean", folder.file("rec.wav")});
    const std::string begins = "\r\x1b[K";
    int progress = 0;
    for (std::size_t at = shown.find(begins); at != std::string::npos;) {
        const std::size_t next = shown.find(begins, at + 1);
        const std::string line =
            shown.substr(at + begins.size(), next - std::min(next, at + begins.size()));
        // Whatever is written over has to have room in one line.
        if (line.ends_with(" %")) {
            ++progress;
            EXPECT_LT(line.size(), 60u + 2) << line;
        }
        at = next;
    }
    EXPECT_GT(progress, 0) << shown;
    EXPECT_EQ(shown.find(" %\r\n"), std::string::npos) << "no line of progress is left standing";
    EXPECT_NE(shown.find(begins + folder.file("a take")), std::string::npos)
        << "what is said begins a line of its own";
}

}  // namespace
}  // namespace brisk
