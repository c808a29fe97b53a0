// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/match_files.h"

#include <algorithm>
#include <filesystem>
#include <iterator>
#include <optional>
#include <utility>

#include "align/assemble/match_all.h"
#include "core/parallel_lanes.h"
#include "features/scan_cache.h"
#include "store/mount_table.h"
#include "text/sentence.h"

namespace brisk::cli {

namespace {

struct FileToRead {
    std::string path;
    ScanOptions options;
};

/// Each that can be read, in its place; of the others the problems. Files of different cards are
/// read at the same time.
std::vector<std::optional<SoundScan>> readFiles(const std::vector<FileToRead>& files,
                                                const Console& console,
                                                std::vector<Error>& problems) {
    std::vector<std::optional<Result<SoundScan>>> scans(files.size());
    const MountTable mounted = MountTable::current();
    std::vector<std::string> cards;
    for (const FileToRead& f : files) {
        std::error_code ec;
        cards.push_back(mounted.placeOf(std::filesystem::absolute(f.path, ec).string()));
    }
    parallelLanes(cards, console.threads, [&](std::size_t i) {
        const auto& [path, options] = files[i];
        scans[i] = scanKept(path, options, console.job("Reading " + path));
        // Outlines are drawn in reports only, which want the loudness, too.
        if (*scans[i] && !options.loudness) (*scans[i])->peaks.reset();
    });
    std::vector<std::optional<SoundScan>> out(files.size());
    for (std::size_t i = 0; i < files.size(); ++i) {
        if (!*scans[i]) {
            problems.push_back(scans[i]->error());
            problems.back().path = files[i].path;  // as it was given
            continue;
        }
        out[i] = std::move(**scans[i]);
        for (const auto& w : out[i]->info.warnings) {
            console.say(files[i].path + ": " + sentence(w));
        }
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
    const ScanOptions ofTakes{.silentTakes = what == ScanFor::SavedShoot,
                              .channel = channelNamed(channels.cameras),
                              .loudness = loudness};
    const ScanOptions ofRecordings{.channel = channelNamed(channels.recordings),
                                   .loudness = loudness};
    std::vector<FileToRead> files;
    for (const std::string& path : cameras) files.push_back({path, ofTakes});
    for (const std::string& path : cleans) files.push_back({path, ofRecordings});
    Scanned s;
    auto scans = readFiles(files, console, s.problems);
    for (std::size_t i = 0; i < scans.size(); ++i) {
        if (!scans[i]) continue;
        (i < cameras.size() ? s.takes : s.recordings).push_back(std::move(*scans[i]));
    }
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
