// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/console.h"
#include "core/json_text.h"
#include "text/sentence.h"

#include <chrono>
#include <csignal>
#include <cstdio>
#include <memory>
#include <nlohmann/json.hpp>

namespace brisk::cli {
namespace {

/// One stop flag for the whole program. Reached from a signal handler: touches only an atomic.
const JobControl& programJob() {
    static const JobControl job;
    return job;
}

void onSignal(int) {
    programJob().requestStop();
}

}  // namespace

void catchSignals() {
    (void)programJob();  // made now, not inside the handler
    std::signal(SIGINT, onSignal);
    std::signal(SIGTERM, onSignal);
}

JobControl Console::job(const std::string& what) const {
    if (quiet) return programJob();
    using Clock = std::chrono::steady_clock;
    static constexpr auto kBetween = std::chrono::milliseconds(500);
    const bool asJson = progress == "json";
    // A program hears of every job, however short; a person only of those worth waiting for.
    auto last =
        std::make_shared<Clock::time_point>(asJson ? Clock::now() - kBetween : Clock::now());
    return programJob().withReport([last, what, asJson](double fraction) {
        const auto now = Clock::now();
        if (now - *last < kBetween) return;
        *last = now;
        if (asJson) {
            const nlohmann::ordered_json j{{"progress", fraction}, {"doing", what}};
            std::fprintf(stderr, "%s\n", jsonText(j).c_str());
        } else {
            std::fprintf(stderr, "%s: %.0f %%\n", what.c_str(), fraction * 100);
        }
    });
}

void Console::say(const std::string& line) const {
    if (!quiet) std::fprintf(stderr, "%s\n", line.c_str());
}

int Console::report(const Error& e) const {
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
