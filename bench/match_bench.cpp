// SPDX-License-Identifier: GPL-3.0-or-later
// The truth bench: simulates pairs from seeds, runs the engine on their files, compares with what
// is true by construction, and prints one table.
//
//     match_bench --set reported --out docs/benchmarks.md
#include <CLI/CLI.hpp>
#include <chrono>
#include <cstdio>
#include <filesystem>
#include <mutex>

#include "align/assemble/match.h"
#include "bench/guarded_main.h"
#include "bench/pair_groups.h"
#include "bench/shared_recordings.h"
#include "bench/truth_score.h"
#include "core/guarded.h"
#include "core/parallel_for.h"
#include "text/sentence.h"

namespace brisk::bench {
namespace {

namespace fs = std::filesystem;
using Clock = std::chrono::steady_clock;

double since(Clock::time_point t) {
    return std::chrono::duration<double>(Clock::now() - t).count();
}

struct Options {
    std::string set = "tuning";
    std::vector<std::string> only;  ///< Groups; all where empty.
    std::uint64_t seed = 0;         ///< Only this pair.
    int takesEach = 4;              ///< That share a recording, where they can.
    double share = 1, loopShare = 1;
    int foreignTakes = 56;
    int foreignRecordings = 56;
    int foreignFirst = 0;
    bool verbose = false;
    std::string keep;      ///< Folder for the simulated files, used again next time.
    std::string evidence;  ///< CSV of what the engine decided from.
};

bool asksFor(const Options& o, std::string_view name) {
    return std::find(o.only.begin(), o.only.end(), name) != o.only.end();
}

bool asked(const Options& o, const Group& g) {
    if (o.only.empty()) return true;
    if (asksFor(o, "real")) return !g.mustRefuse;
    return std::any_of(o.only.begin(), o.only.end(), [&](const std::string& part) {
        return g.name.find(part) != std::string::npos;
    });
}

std::string folderFor(const Options& o, const std::string& name) {
    const auto own = fs::temp_directory_path() / ("match-bench-" + std::to_string(getpid()));
    const auto path = (o.keep.empty() ? own : fs::path(o.keep)) / name;
    fs::create_directories(path);
    return path.string();
}

void sayWhatWentWrong(const PairSpec& spec, const Score& s, const TetherEstimate& e) {
    const bool well = s.right() && s.status == MatchStatus::Matched && s.errorMs <= 0.1 &&
                      s.placeErrorS <= 0.3 && s.foundJumps == s.realJumps;
    if (well) return;
    std::fprintf(
        stderr,
        "  %s seed %llu %s: %s conf %.3f err %.3f ms | take %.0f s rt60 %.2f %.0f m "
        "snr %.0f noise %d agc %d drift %.1f off %.1f ppm jumps %d of %d place %.2f | %s\n",
        spec.group.c_str(), static_cast<unsigned long long>(spec.seed),
        sourceKindText(spec.source.kind), statusText(s.status), s.confidence, s.errorMs,
        spec.takeSeconds, spec.rt60, spec.distance, spec.snrDb, static_cast<int>(spec.noise),
        spec.automaticGain, e.line.drift.value, s.driftErrorPpm, s.foundJumps, s.realJumps,
        s.placeErrorS, sentence(e.reason).c_str());
}

Result<std::vector<Score>> runRow(const std::vector<PairSpec>& row, const Options& o) {
    const std::string folder = folderFor(o, std::to_string(row.front().seed));
    auto made = makePairs(row, folder);
    if (!made) return tl::unexpected(made.error());
    auto begun = Clock::now();
    auto recording = scanSound(made->front().recording, {}, {});
    if (!recording) return tl::unexpected(recording.error());
    auto searched = std::make_shared<CoarseRecording>(recording->bands);
    const double read = since(begun) / static_cast<double>(row.size());
    std::vector<Score> out;
    for (std::size_t i = 0; i < row.size(); ++i) {
        begun = Clock::now();
        auto take = scanSound((*made)[i].take, {}, {});
        if (!take) return tl::unexpected(take.error());
        auto e = matchPair(*take, *recording, {.searched = searched}, {});
        if (!e) return tl::unexpected(e.error());
        Score s = scoreOf(*e, (*made)[i]);
        s.seconds = since(begun) + read;
        s.group = row[i].group;
        s.seed = row[i].seed;
        if (o.verbose) sayWhatWentWrong(row[i], s, *e);
        out.push_back(std::move(s));
    }
    if (o.keep.empty()) fs::remove_all(folder);
    return out;
}

void printRow(const Group& g, const std::vector<Score>& scores) {
    int matched = 0, unsure = 0, wrong = 0, jumps = 0, real = 0;
    std::vector<double> error, drift, jump, place, beyond, seconds;
    for (const auto& s : scores) {
        seconds.push_back(s.seconds);
        real += s.realJumps;
        if (s.realJumps > 0 && s.foundJumps == s.realJumps) {
            jumps += s.realJumps;
            jump.push_back(s.jumpErrorMs);
            place.push_back(s.placeErrorS);
            beyond.push_back(std::max(0.0, s.placeErrorS - s.placeDoubtS));
        }
        if (s.status == MatchStatus::Unsure) ++unsure;
        if (s.status != MatchStatus::Matched) continue;
        ++matched;
        if (!s.right()) {
            ++wrong;
            continue;
        }
        error.push_back(s.errorMs);
        drift.push_back(s.driftErrorPpm);
    }
    std::printf("| %s | %zu | %d | %d | %d | %d | %.3f | %.3f | %.3f | %.3f | %.2f | %.2f |\n",
                g.name.c_str(), scores.size(), matched, unsure,
                static_cast<int>(scores.size()) - matched - unsure, wrong, quantile(error, 0.5),
                quantile(error, 0.95), quantile(error, 1), quantile(drift, 0.5), quantile(drift, 1),
                quantile(seconds, 0.5));
    if (!jump.empty()) {
        std::printf(
            "| (jumps found %d of %d: worst jump error %.3f ms; place p50 %.3f s, worst %.3f s, "
            "worst "
            "beyond the doubt that the answer states %.3f s) |\n",
            jumps, real, quantile(jump, 1), quantile(place, 0.5), quantile(place, 1),
            quantile(beyond, 1));
    }
    std::fflush(stdout);
}

std::vector<Score> runGroup(const Group& g, const Options& o) {
    auto rows = rowsOfOneRecording(g.pairs, static_cast<std::size_t>(o.takesEach));
    if (o.seed != 0) {
        std::erase_if(rows, [&](const auto& row) {
            return std::none_of(row.begin(), row.end(),
                                [&](const PairSpec& p) { return p.seed == o.seed; });
        });
    }
    std::vector<std::vector<Score>> scores(rows.size());
    std::mutex lock;
    parallelFor(rows.size(), 0, [&](std::size_t i) {
        auto s = runRow(rows[i], o);
        if (!s) {
            const std::scoped_lock hold(lock);
            std::fprintf(stderr, "%s: %s\n", g.name.c_str(), sentence(s.error().fact).c_str());
            return;
        }
        scores[i] = std::move(*s);
    });
    std::vector<Score> answered;
    for (auto& row : scores) {
        for (Score& s : row) {
            if (o.seed == 0 || s.seed == o.seed) answered.push_back(std::move(s));
        }
    }
    return answered;
}

/// Of answers that claim about so much confidence, how many are right; and what a claim costs on
/// average (Brier 1950): 0 for a prophet, a quarter for always saying a half.
void printReliability(const std::vector<Score>& all) {
    std::printf("\n| confidence | answers | mean confidence | right |\n|---|---|---|---|\n");
    constexpr int kBins = 10;
    double squares = 0;
    for (int b = 0; b < kBins; ++b) {
        int n = 0, right = 0;
        double sum = 0;
        for (const auto& s : all) {
            if (std::min(kBins - 1, static_cast<int>(s.confidence * kBins)) != b) continue;
            ++n;
            sum += s.confidence;
            right += s.right() ? 1 : 0;
            squares += (s.confidence - s.right()) * (s.confidence - s.right());
        }
        if (n == 0) continue;
        std::printf("| %.1f to %.1f | %d | %.3f | %.3f |\n", 0.1 * b, 0.1 * (b + 1), n, sum / n,
                    static_cast<double>(right) / n);
    }
    std::printf("\nBrier score %.4f of %zu answers\n",
                squares / static_cast<double>(std::max<std::size_t>(1, all.size())), all.size());
}

void writeEvidence(const std::string& path, const std::vector<Score>& all) {
    FILE* f = path.empty() ? nullptr : std::fopen(path.c_str(), "w");
    if (!f) return;
    std::fprintf(f,
                 "group,seed,error_ms,right,status,confidence,method,overlap,coarse,stack,luck,"
                 "used,agreeing,against,rival,before,before_share,rivals\n");
    for (const auto& s : all) {
        std::fprintf(f, "%s,%llu,%.3f,%d,%s,%.4f,%s,%.1f,%.2f,%.2f,%.2f,%d,%d,%d,%.3f,%.2f,%.2f,",
                     s.group.c_str(), static_cast<unsigned long long>(s.seed), s.errorMs, s.right(),
                     statusText(s.status), s.confidence, s.method.c_str(), s.evidence.overlap,
                     s.evidence.coarse, s.evidence.stack, s.evidence.log10PValue, s.used,
                     s.agreeing, s.evidence.against, s.evidence.rival, s.evidence.before,
                     s.evidence.beforeShare);
        for (const Rival& r : s.rivals) std::fprintf(f, "%.2f ", r.relativeDb);
        std::fprintf(f, "\n");
    }
    std::fclose(f);
}

PairSpec foreignSpec(SourceSet set, int i, int half) {
    PairSpec s;
    s.seed = (set == SourceSet::Tuning ? 77000 : 88000) + static_cast<std::uint64_t>(i) * 2 +
             static_cast<std::uint64_t>(half);
    s.source = {static_cast<SourceKind>(i % 3), set, half};
    const double takes[] = {1.5, 3, 5, 2, 8, 12, 30, 45, 60, 150};
    const double recordings[] = {5, 15, 40, 90, 180, 300, 600, 1200};
    s.takeSeconds = takes[i % 10];
    s.recordingSeconds = recordings[i % 8];
    s.takeStart = 0;
    s.rt60 = 0.3 + 0.1 * (i % 7);
    s.distance = 1 + i % 6;
    s.snrDb = 5 + i % 18;
    s.noise = static_cast<Noise>(i / 3 % 3);
    s.automaticGain = i % 2 == 0;
    if (i % 4 == 3) {  // near silence with a clap or a few
        s.snrDb = 35;
        s.noise = Noise::Room;
        s.takeSeconds = std::max(12.0, s.takeSeconds);
        s.recordingSeconds = std::max(15.0, s.recordingSeconds);
        for (int c = 0; c <= i / 4 % 4; ++c) s.claps.push_back(2.0 + 0.83 * c + 0.11 * c * (i % 3));
    }
    return s;
}

/// Every take against every recording, none of which belong together.
void runForeign(SourceSet set, const Options& o, std::vector<Score>& all) {
    std::vector<std::optional<SoundScan>> takes(static_cast<std::size_t>(o.foreignTakes));
    std::vector<std::optional<SoundScan>> recordings(static_cast<std::size_t>(o.foreignRecordings));
    const auto make = [&](std::size_t i, bool isTake) {
        PairSpec s = foreignSpec(set, static_cast<int>(i), isTake ? 0 : 1);
        if (isTake) {
            s.recordingSeconds = 1;
        } else {
            s.takeSeconds = 1;
        }
        s.recorderSeed = s.seed;
        auto made =
            makePairs({s}, folderFor(o, o.set + (isTake ? "-take-" : "-rec-") + std::to_string(i)));
        if (!made) return;
        const MadePair& pair = made->front();
        auto scan = scanSound(isTake ? pair.take : pair.recording, {}, {});
        if (scan) (isTake ? takes : recordings)[i] = std::move(*scan);
    };
    parallelFor(takes.size(), 0, [&](std::size_t i) { make(i, true); });
    parallelFor(recordings.size(), 0, [&](std::size_t i) { make(i, false); });
    std::vector<std::shared_ptr<CoarseRecording>> searched;
    for (const auto& r : recordings) {
        searched.push_back(r ? std::make_shared<CoarseRecording>(r->bands) : nullptr);
    }
    const auto begun = Clock::now();
    std::mutex lock;
    int matched = 0, unsure = 0, count = 0;
    parallelFor(takes.size() * recordings.size(), 0, [&](std::size_t k) {
        if (asksFor(o, "foreign claps") &&
            (k / recordings.size() % 4 != 3 || k % recordings.size() % 4 != 3)) {
            return;
        }
        if (k / recordings.size() < static_cast<std::size_t>(o.foreignFirst)) return;
        const auto& t = takes[k / recordings.size()];
        const auto& r = recordings[k % recordings.size()];
        if (!t || !r) return;
        auto e = matchPair(*t, *r, {.searched = searched[k % recordings.size()]}, {});
        if (!e) return;
        const std::scoped_lock hold(lock);
        ++count;
        Score s = answerOf(*e);
        s.group = "foreign";
        s.seed = k;
        all.push_back(s);
        if (e->status == MatchStatus::Unmatched) return;
        (e->status == MatchStatus::Matched ? matched : unsure)++;
        if (o.verbose) {
            std::fprintf(stderr, "  foreign %zu x %zu (%.0f s in %.0f s) %s conf %.3f: %s\n",
                         k / recordings.size(), k % recordings.size(), t->length().value,
                         r->length().value, statusText(e->status), e->confidence,
                         sentence(e->reason).c_str());
        }
    });
    std::printf("\nForeign pairs: %d, matched (wrong) %d, unsure %d, %.2f s of matching each\n",
                count, matched, unsure, since(begun) * 2 / std::max(1, count));
}

int run(const Options& o) {
    const SourceSet set = o.set == "reported" ? SourceSet::Reported : SourceSet::Tuning;
    const auto begun = Clock::now();
    std::vector<Score> all;
    std::printf(
        "| group | pairs | matched | unsure | unmatched | wrong | error p50 ms | p95 | max | "
        "drift p50 ppm | max | s each |\n|---|---|---|---|---|---|---|---|---|---|---|---|\n");
    for (const Group& g : pairGroups(set, o.share, o.loopShare)) {
        if (!asked(o, g)) continue;
        const auto scores = runGroup(g, o);
        if (scores.empty()) continue;
        printRow(g, scores);
        all.insert(all.end(), scores.begin(), scores.end());
        writeEvidence(o.evidence, all);
    }
    if (o.only.empty() || asksFor(o, "foreign") || asksFor(o, "foreign claps")) {
        runForeign(set, o, all);
    }
    printReliability(all);
    std::printf("\n%.0f s in all\n", since(begun));
    writeEvidence(o.evidence, all);
    if (o.keep.empty()) fs::remove_all(fs::path(folderFor(o, "x")).parent_path());
    return 0;
}

}  // namespace
}  // namespace brisk::bench

static int measure(int argc, char** argv) {
    CLI::App app("Measures the matching engine against simulated truth");
    brisk::bench::Options o;
    app.add_option("--set", o.set)->check(CLI::IsMember({"tuning", "reported"}));
    app.add_option("--only", o.only, "Only groups whose name holds one of these; or foreign");
    app.add_option("--seed", o.seed, "Only the pair of this seed");
    app.add_option("--takes", o.takesEach, "Takes that share a recording, where they can");
    app.add_option("--share", o.share, "Part of the full number of pairs");
    app.add_option("--loop-share", o.loopShare, "The same of the loops, at least");
    app.add_option("--foreign", o.foreignTakes, "Foreign takes");
    app.add_option("--foreign-recordings", o.foreignRecordings);
    app.add_option("--foreign-first", o.foreignFirst,
                   "Begin with this foreign take: the long run in parts");
    app.add_option("--keep", o.keep, "Keep the simulated files here and use them again");
    app.add_option("--evidence", o.evidence, "CSV to write the evidence to");
    app.add_flag("--verbose", o.verbose, "Says which pairs went wrong");
    CLI11_PARSE(app, argc, argv);
    return brisk::bench::run(o);
}

int main(int argc, char** argv) {
    return brisk::bench::guardedMain(measure, argc, argv);
}
