// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/console.h"

#include <sys/ioctl.h>
#include <unistd.h>

#include <chrono>
#include <csignal>
#include <cstdio>
#include <memory>
#include <mutex>
#include <nlohmann/json.hpp>

#include "core/json_text.h"
#include "core/plain_line.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

/// The one line on a terminal that is written over and over; several jobs share it.
class ProgressLine {
  public:
    void show(const std::string& what, double fraction) {
        const std::lock_guard lock(mutex_);
        const std::string percent = ": " + std::to_string(static_cast<int>(fraction * 100)) + " %";
        const std::size_t room = columns() - std::min(columns(), percent.size() + 1);
        std::fprintf(stderr, "\r\x1b[K%s%s", plainLine(what, room).c_str(), percent.c_str());
        stands_ = true;
    }
    void clear() {
        const std::lock_guard lock(mutex_);
        if (stands_) std::fputs("\r\x1b[K", stderr);
        stands_ = false;
    }
    static bool possible() { return isatty(STDERR_FILENO) == 1; }

  private:
    static std::size_t columns() {
        winsize size{};
        // NOLINTNEXTLINE(cppcoreguidelines-pro-type-vararg): that is how the system is asked
        const bool known = ioctl(STDERR_FILENO, TIOCGWINSZ, &size) == 0 && size.ws_col > 20;
        return known ? size.ws_col : 80;
    }
    std::mutex mutex_;
    bool stands_ = false;
};

ProgressLine& line() {
    static ProgressLine one;
    return one;
}

void onSignal(int) {
    programJob().requestStop();
}

}  // namespace

/// One stop flag for the whole program. Reached from a signal handler: touches only an atomic.
const JobControl& programJob() {
    static const JobControl job;
    return job;
}

void clearProgress() {
    line().clear();
}

void catchSignals() {
    (void)programJob();  // made now, not inside the handler
    std::signal(SIGINT, onSignal);
    std::signal(SIGTERM, onSignal);
}

JobControl Console::job(const std::string& what) const {
    if (quiet) return programJob();
    using Clock = std::chrono::steady_clock;
    const bool asJson = progress == "json";
    const bool oneLine = !asJson && ProgressLine::possible();
    const auto between = std::chrono::milliseconds(oneLine ? 100 : 500);
    // A program hears of every job, however short; a person only of those worth waiting for.
    auto last = std::make_shared<Clock::time_point>(asJson ? Clock::now() - between : Clock::now());
    return programJob().withReport([=](double fraction) {
        const auto now = Clock::now();
        if (now - *last < between) return;
        *last = now;
        if (asJson) {
            const nlohmann::ordered_json j{{"progress", fraction}, {"doing", what}};
            std::fprintf(stderr, "%s\n", jsonText(j).c_str());
        } else if (oneLine) {
            line().show(what, fraction);
        } else {
            std::fprintf(stderr, "%s: %.0f %%\n", what.c_str(), fraction * 100);
        }
    });
}

void Console::say(const std::string& words) const {
    if (quiet) return;
    clearProgress();
    std::fprintf(stderr, "%s\n", words.c_str());
}

int Console::report(const Error& e) const {
    clearProgress();
    std::fprintf(stderr, "%s\n", sentence(e.fact).c_str());
    switch (e.code) {
        case ErrorCode::CannotWrite:
            return kCannotWrite;
        case ErrorCode::Cancelled:
            return kCancelled;
        default:
            return kCannotRead;
    }
}

}  // namespace brisk::cli
