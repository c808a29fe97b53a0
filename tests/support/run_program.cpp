// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/run_program.h"

#include <fcntl.h>
#include <gtest/gtest.h>
#include <signal.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <chrono>
#include <thread>

#include "support/json_promise.h"
#include "support/temp_folder.h"

namespace brisk::test {

nlohmann::json Ran::json() const {
    auto j = nlohmann::json::parse(out, nullptr, false);
    EXPECT_FALSE(j.is_discarded()) << "standard output is not JSON alone:\n" << out;
    if (!j.is_discarded()) {
        EXPECT_EQ(notAsPromised(j, command), "") << out;
    }
    return j;
}

Ran runCli(const std::vector<std::string>& arguments, int stopAfterMs, int signal) {
    const TempFolder folder;
    const std::string outFile = folder.file("out");
    const std::string errFile = folder.file("err");
    // The program that was built, or another: the one that a package installed.
    const char* other = std::getenv("BRISK_CLI");
    std::vector<std::string> words{other ? other : BRISK_CLI};
    words.insert(words.end(), arguments.begin(), arguments.end());
    std::vector<char*> argv;
    for (auto& w : words) argv.push_back(w.data());
    argv.push_back(nullptr);
    const pid_t child = ::fork();
    if (child == 0) {
        const int out = ::open(outFile.c_str(), O_WRONLY | O_CREAT, 0600);
        const int err = ::open(errFile.c_str(), O_WRONLY | O_CREAT, 0600);
        ::dup2(out, 1);
        ::dup2(err, 2);
        ::execv(argv[0], argv.data());
        ::_exit(127);
    }
    if (stopAfterMs > 0) {
        std::this_thread::sleep_for(std::chrono::milliseconds(stopAfterMs));
        ::kill(child, signal);
    }
    int status = 0;
    rusage usage{};
    ::wait4(child, &status, 0, &usage);
    Ran r;
    r.exitCode = WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
    r.out = bytesOf(outFile);
    r.err = bytesOf(errFile);
    r.peakKilobytes = usage.ru_maxrss;
    for (const std::string& word : arguments) {
        if (r.command.empty() && isCommand(word)) r.command = word;
    }
    return r;
}

}  // namespace brisk::test
