// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <iterator>
#include <memory>
#include <optional>

#include "align/match.h"
#include "cli/commands.h"
#include "cli/json_output.h"
#include "core/parallel_for.h"

namespace brisk::cli {

namespace {

/// Results in the order of the work, or the first error.
template <class T>
Result<std::vector<T>> gathered(std::vector<std::optional<Result<T>>> results) {
    std::vector<T> out;
    for (auto& r : results) {
        if (!*r) return tl::unexpected(r->error());
        out.push_back(std::move(**r));
    }
    return out;
}

Result<std::vector<SoundScan>> scanFiles(const std::vector<std::string>& paths,
                                         const ScanOptions& options, const Console& console) {
    std::vector<std::optional<Result<SoundScan>>> scans(paths.size());
    parallelFor(paths.size(), console.threads, [&](std::size_t i) {
        scans[i] = scanSound(paths[i], options, console.job("Reading " + paths[i]));
    });
    auto all = gathered(std::move(scans));
    if (!all) return all;
    for (const auto& scan : *all) {
        for (const auto& w : scan.info.warnings) console.say(scan.info.path + ": " + w);
    }
    return all;
}

/// The answers for one take: the recordings it lies on, best first, or one refusal.
Result<std::vector<Placed>> placeOne(std::size_t take, const Scanned& files,
                                     const Console& console) {
    std::vector<Placed> answers;
    for (std::size_t r = 0; r < files.recordings.size(); ++r) {
        auto e = matchPair(files.takes[take], files.recordings[r], {},
                           console.job("Matching " + files.takes[take].info.path));
        if (!e) return tl::unexpected(e.error());
        answers.push_back({take, static_cast<int>(r), std::move(*e)});
    }
    std::stable_sort(answers.begin(), answers.end(), [](const Placed& a, const Placed& b) {
        return std::pair(a.estimate.status, -a.estimate.confidence) <
               std::pair(b.estimate.status, -b.estimate.confidence);
    });
    const MatchStatus best = answers.front().estimate.status;
    if (best == MatchStatus::Unmatched) {
        answers.resize(1);
        answers.front().recording = -1;
        return answers;
    }
    // A certain answer makes guesses elsewhere uninteresting.
    std::erase_if(answers, [&](const Placed& a) { return a.estimate.status != best; });
    return answers;
}

}  // namespace

Result<Scanned> scanAll(const std::vector<std::string>& cameras,
                        const std::vector<std::string>& cleans, const std::string& channel,
                        const Console& console) {
    ScanOptions cleanOptions;
    if (channel != "auto" && channel != "mix") cleanOptions.channel = std::stoi(channel) - 1;
    auto takes = scanFiles(cameras, {}, console);
    if (!takes) return tl::unexpected(takes.error());
    auto recordings = scanFiles(cleans, cleanOptions, console);
    if (!recordings) return tl::unexpected(recordings.error());
    return Scanned{std::move(*takes), std::move(*recordings)};
}

Result<std::vector<Placed>> placeAll(const Scanned& files, const Console& console) {
    std::vector<std::optional<Result<std::vector<Placed>>>> answers(files.takes.size());
    parallelFor(files.takes.size(), console.threads,
                [&](std::size_t t) { answers[t] = placeOne(t, files, console); });
    auto all = gathered(std::move(answers));
    if (!all) return tl::unexpected(all.error());
    std::vector<Placed> out;
    for (auto& one : *all) std::move(one.begin(), one.end(), std::back_inserter(out));
    return out;
}

Run addAlign(CLI::App& sub) {
    struct Options {
        std::vector<std::string> cameras, cleans;
        std::string method = "auto", channel = "auto";
        bool json = false;
    };
    auto o = std::make_shared<Options>();
    sub.add_option("--camera", o->cameras, "Takes: files with the scratch sound")->required();
    sub.add_option("--clean", o->cleans, "Recordings: files with the clean sound")->required();
    sub.add_option("--method", o->method, "How to match")
        ->check(CLI::IsMember({"auto", "waveform"}));
    sub.add_option("--channel", o->channel, "Channel of the recordings: auto, mix, or 1, 2, ...")
        ->check(CLI::IsMember({"auto", "mix"}) | CLI::PositiveNumber);
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    return [o](const Console& console) -> int {
        auto files = scanAll(o->cameras, o->cleans, o->channel, console);
        if (!files) return console.report(files.error());
        auto placed = placeAll(*files, console);
        if (!placed) return console.report(placed.error());
        bool attention = false;
        ordered_json j;
        j["tethers"] = ordered_json::array();
        for (const auto& p : *placed) {
            const std::string clean =
                p.recording < 0 ? "" : o->cleans[static_cast<std::size_t>(p.recording)];
            j["tethers"].push_back(tetherJson(o->cameras[p.take], clean, p.estimate));
            attention = attention || p.estimate.status != MatchStatus::Matched;
            console.say(o->cameras[p.take] + ": " + statusText(p.estimate.status) + ". " +
                        p.estimate.reason);
        }
        print(j);
        return attention ? kNeedsAttention : kAllDone;
    };
}

}  // namespace brisk::cli
