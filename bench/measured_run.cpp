// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/measured_run.h"

#include <fcntl.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <chrono>

namespace brisk::bench {

Cost measuredRun(const std::vector<std::string>& command) {
    std::vector<char*> argv;
    for (const auto& part : command) argv.push_back(const_cast<char*>(part.c_str()));
    argv.push_back(nullptr);
    const auto begun = std::chrono::steady_clock::now();
    const pid_t child = ::fork();
    if (child == 0) {
        const int nowhere = ::open("/dev/null", O_RDWR);
        for (int fd = 0; fd < 3; ++fd) ::dup2(nowhere, fd);
        ::execvp(argv[0], argv.data());
        ::_exit(127);
    }
    Cost cost;
    int status = 0;
    rusage used{};
    if (child < 0 || ::wait4(child, &status, 0, &used) != child) return cost;
    const auto seconds = [](const timeval& t) {
        return static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_usec);
    };
    cost.cpuSeconds = seconds(used.ru_utime) + seconds(used.ru_stime);
    cost.wallSeconds =
        std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count();
    cost.peakMegabytes = static_cast<double>(used.ru_maxrss) / 1024;
    cost.exitCode = WIFEXITED(status) ? WEXITSTATUS(status) : -1;
    return cost;
}

}  // namespace brisk::bench
