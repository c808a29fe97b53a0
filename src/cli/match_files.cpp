// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/match_files.h"

#include <algorithm>
#include <iterator>
#include <optional>
#include <utility>

#include "align/assemble/match_all.h"
#include "core/parallel_for.h"
#include "features/scan_cache.h"
#include "text/sentence.h"

namespace brisk::cli {

namespace {

/// Those that can be read, in their order; of the others the problems.
std::vector<SoundScan> scanFiles(const std::vector<std::string>& paths, const ScanOptions& options,
                                 const Console& console, std::vector<Error>& problems) {
    std::vector<std::optional<Result<SoundScan>>> scans(paths.size());
    parallelFor(paths.size(), console.threads, [&](std::size_t i) {
        scans[i] = scanKept(paths[i], options, console.job("Reading " + paths[i]));
        // Outlines are drawn in reports only, which want the loudness, too.
        if (*scans[i] && !options.loudness) (*scans[i])->peaks.reset();
    });
    std::vector<SoundScan> out;
    for (std::size_t i = 0; i < paths.size(); ++i) {
        if (!*scans[i]) {
            problems.push_back(scans[i]->error());
            problems.back().path = paths[i];  // as it was given
            continue;
        }
        out.push_back(std::move(**scans[i]));
        for (const auto& w : out.back().info.warnings) console.say(paths[i] + ": " + sentence(w));
    }
    return out;
}

/// The recordings a take lies on, best first, or one refusal.
std::vector<Placed> answersFor(std::size_t take, std::vector<RankedMatch> ranked,
                               std::vector<TakePlace> places) {
    std::vector<Placed> answers;
    const MatchStatus best = ranked.front().estimate.status;
    if (best == MatchStatus::Matched) {
        for (TakePlace& p : places) {
            answers.push_back(
                {take, static_cast<int>(p.recording), std::move(p.estimate), p.beside, -1});
        }
        return answers;
    }
    for (auto& r : ranked) {
        if (r.estimate.status != best) break;
        answers.push_back({take, static_cast<int>(r.recording), std::move(r.estimate), false, -1});
    }
    if (best == MatchStatus::Unmatched) {
        answers.resize(1);
        answers.front().nearest = std::exchange(answers.front().recording, -1);
    }
    return answers;
}

std::vector<const SoundScan*> pointersTo(const std::vector<SoundScan>& scans) {
    std::vector<const SoundScan*> out;
    for (const auto& s : scans) out.push_back(&s);
    return out;
}

constexpr std::pair<const char*, MatchMethod> kMethods[] = {
    {"auto", MatchMethod::Auto},
    {"waveform", MatchMethod::Waveform},
    {"claps", MatchMethod::Claps},
    {"timecode", MatchMethod::Timecode},
};

std::vector<std::string> methodNames() {
    std::vector<std::string> out;
    for (const auto& m : kMethods) out.emplace_back(m.first);
    return out;
}

int channelNamed(const std::string& name) {
    if (name == "auto") return kBestChannel;
    return name == "mix" ? kMeanOfChannels : std::stoi(name) - 1;
}

}  // namespace

Result<Scanned> scanAll(const std::vector<std::string>& cameras,
                        const std::vector<std::string>& cleans, const Channels& channels,
                        const Console& console, ScanFor what) {
    const bool loudness = what != ScanFor::Matching;
    Scanned s;
    s.takes = scanFiles(cameras,
                        {.silentTakes = what == ScanFor::SavedShoot,
                         .channel = channelNamed(channels.cameras),
                         .loudness = loudness},
                        console, s.problems);
    s.recordings =
        scanFiles(cleans, {.channel = channelNamed(channels.recordings), .loudness = loudness},
                  console, s.problems);
    for (const Error& e : s.problems) {
        if (e.code == ErrorCode::Cancelled) return tl::unexpected(e);
    }
    if (s.takes.empty() || s.recordings.empty()) {
        // All but one are said here, and that one by whoever asked.
        for (std::size_t i = 1; i < s.problems.size(); ++i) (void)console.report(s.problems[i]);
        return tl::unexpected(s.problems.front());
    }
    for (const Error& e : s.problems) (void)console.report(e);
    return s;
}

Result<std::vector<Placed>> placeAll(Scanned& files, const MatchOptions& options,
                                     const Console& console) {
    const std::string what = files.takes.size() == 1
                                 ? files.takes.front().info.path
                                 : std::to_string(files.takes.size()) + " takes";
    AllMatches all = matchAll(pointersTo(files.takes), pointersTo(files.recordings), options,
                              console.threads, console.job("Matching " + what));
    if (all.stopped) return cancelled();
    for (const Error& e : all.problems) {
        (void)console.report(e);
        files.problems.push_back(e);
    }
    std::vector<Placed> out;
    for (std::size_t t = 0; t < all.byTake.size(); ++t) {
        if (all.byTake[t].empty()) continue;
        auto answers = answersFor(t, std::move(all.byTake[t]), std::move(all.places[t]));
        std::move(answers.begin(), answers.end(), std::back_inserter(out));
    }
    return out;
}

MatchMethod methodNamed(const std::string& name) {
    for (const auto& [text, method] : kMethods) {
        if (name == text) return method;
    }
    return MatchMethod::Auto;
}

CLI::Option* addMethod(CLI::App& sub, std::string& method) {
    return sub.add_option("--method", method, "How to match")->check(CLI::IsMember(methodNames()));
}

std::vector<CLI::Option*> addChannels(CLI::App& sub, Channels& channels) {
    const auto add = [&](const char* name, std::string& value, const char* what) {
        return sub.add_option(name, value, what)
            ->check(CLI::IsMember({"auto", "mix"}) | CLI::Range(1, 1024));
    };
    return {add("--channel", channels.recordings,
                "Channel of the recordings to match by: auto, mix, or 1, 2, ..., counted over all "
                "tracks"),
            add("--camera-channel", channels.cameras, "The same of the takes")};
}

}  // namespace brisk::cli
