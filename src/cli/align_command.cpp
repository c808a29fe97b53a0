// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <memory>

#include "align/match.h"
#include "cli/commands.h"
#include "cli/json_output.h"
#include "core/time_text.h"

namespace brisk::cli {

Result<Scanned> scanAll(const std::vector<std::string>& cameras,
                        const std::vector<std::string>& cleans, const std::string& channel,
                        const Console& console) {
    ScanOptions cleanOptions;
    if (channel != "auto" && channel != "mix") cleanOptions.channel = std::stoi(channel) - 1;
    Scanned out;
    const auto read = [&](const std::string& path, const ScanOptions& options,
                          std::vector<SoundScan>& into) -> Result<void> {
        auto scan = scanSound(path, options, console.job("Reading " + path));
        if (!scan) return tl::unexpected(scan.error());
        for (const auto& w : scan->info.warnings) console.say(path + ": " + w);
        into.push_back(std::move(*scan));
        return {};
    };
    for (const auto& c : cameras) {
        if (auto done = read(c, {}, out.takes); !done) return tl::unexpected(done.error());
    }
    for (const auto& c : cleans) {
        if (auto done = read(c, cleanOptions, out.recordings); !done) {
            return tl::unexpected(done.error());
        }
    }
    return out;
}

Result<std::vector<Placed>> placeAll(const Scanned& files, const Console& console) {
    std::vector<Placed> out;
    for (std::size_t t = 0; t < files.takes.size(); ++t) {
        std::vector<Placed> answers;
        for (std::size_t r = 0; r < files.recordings.size(); ++r) {
            auto e = matchPair(files.takes[t], files.recordings[r],
                               console.job("Matching " + files.takes[t].info.path));
            if (!e) return tl::unexpected(e.error());
            answers.push_back({t, static_cast<int>(r), std::move(*e)});
        }
        std::stable_sort(answers.begin(), answers.end(), [](const Placed& a, const Placed& b) {
            return std::pair(a.estimate.status, -a.estimate.confidence) <
                   std::pair(b.estimate.status, -b.estimate.confidence);
        });
        const bool found = answers.front().estimate.status != MatchStatus::Unmatched;
        for (auto& a : answers) {
            // A certain answer makes guesses elsewhere uninteresting.
            const bool guess = a.estimate.status == MatchStatus::Unsure &&
                               answers.front().estimate.status == MatchStatus::Matched;
            if (found && (a.estimate.status == MatchStatus::Unmatched || guess)) continue;
            if (!found) {
                a.recording = -1;
                out.push_back(std::move(a));
                break;
            }
            out.push_back(std::move(a));
        }
    }
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
