// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/write_all.h"

#include <algorithm>
#include <filesystem>

#include "cli/exit_code.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

/// Peaks are known before anything is written. Errors: CannotRead, Cancelled.
Result<void> measurePeaks(const ExportOptions& o, std::vector<HandedTake>& takes,
                          const Console& console) {
    const HandOverChoice choice = o.choice();
    if (!choice.video && !choice.sound) return {};
    const bool floats = (!choice.video || choice.codec == SoundCodec::Float) &&
                        (!choice.sound || choice.sound == SoundFormat::WavFloat);
    const Coding coding = floats ? Coding::Float : Coding::Lossy;
    const JobControl job = console.job("Measuring levels");
    const auto all = static_cast<double>(takes.size());
    for (std::size_t i = 0; i < takes.size(); ++i) {
        TakeSoundPlan& sound = takes[i].sound;
        const auto n = static_cast<double>(i);
        if (sound.nothingCovered || !needsMeasuring(sound, coding)) continue;
        auto level = resolveLevel(sound, job.part(n / all, (n + 1) / all));
        // A file that cannot be read is said where it is written.
        if (level) sound.level = *level;
        if (!level && level.error().code == ErrorCode::Cancelled) {
            return tl::unexpected(level.error());
        }
    }
    return {};
}

/// The files of a plan, before anything is written.
ordered_json planJson(const HandOverPlan& plan) {
    ordered_json files = ordered_json::array();
    for (const PlannedFile& f : plan.files) {
        ordered_json j{{"file", f.path}, {"kind", fileKindText(f.kind)}};
        if (const HandedTake* h = plan.take(f.take)) j["camera"] = h->scan->info.path;
        j["holds"] = sentence(f.holds);
        j["bytes_about"] = f.bytes;
        j["problem"] =
            f.problem.empty() ? ordered_json(nullptr) : ordered_json(sentence(f.problem));
        files.push_back(std::move(j));
    }
    return files;
}

ordered_json keptJson(const HandOverPlan& plan) {
    ordered_json out = ordered_json::array();
    for (const auto& path : plan.kept) out.push_back(std::filesystem::absolute(path).string());
    return out;
}

Answer planned(const HandOverPlan& plan, const Work& work) {
    const Fact whole = plan.problem();
    const bool troubled = work.attention || !work.problems.empty() ||
                          std::any_of(plan.files.begin(), plan.files.end(),
                                      [](const PlannedFile& f) { return !f.problem.empty(); });
    Answer a;
    a.json["plan"] = planJson(plan);
    a.json["kept"] = keptJson(plan);
    a.json["bytes_about"] = plan.bytes();
    a.json["free_bytes"] = plan.free > 0 ? ordered_json(plan.free) : ordered_json(nullptr);
    a.json["problem"] = whole.empty() ? ordered_json(nullptr) : ordered_json(sentence(whole));
    a.json["problems"] = problemsJson(work.problems);
    a.code = !plan.files.empty() && !whole.empty() ? kCannotWrite
             : troubled                            ? kNeedsAttention
                                                   : kAllDone;
    return a;
}

void write(HandOverRun& run, const Console& console) {
    const std::size_t files = run.plan().files.size();
    const JobControl job = console.job("Writing");
    std::vector<double> progress(files);
    run.go(
        {},
        [&](std::size_t file, const FileResult& r) {
            progress[file] = r.progress;
            double sum = 0;
            for (const double p : progress) sum += p;
            job.report(sum / static_cast<double>(files));
        },
        job, static_cast<unsigned>(console.threads));
}

Answer written(const HandOverRun& run, const Work& work, const Console& console) {
    ordered_json written = ordered_json::array(), failed = ordered_json::array();
    for (std::size_t i = 0; i < run.results().size(); ++i) {
        const FileResult& r = run.results()[i];
        if (r.state == FileState::Written) {
            written.push_back(writtenJson(run.plan(), i, r));
        } else {
            failed.push_back({{"file", r.path}, {"problem", sentence(r.problem)}});
        }
        if (r.state == FileState::Failed) {
            (void)console.report({*r.failedBy,
                                  Fact{"of-file", {{"file", r.path}, {"problem", r.problem}}},
                                  r.path,
                                  {}});
        } else if (!r.problem.empty()) {
            console.say(r.path + ": " + sentence(r.problem));
        }
    }
    Answer a;
    a.json["written"] = written;
    if (!failed.empty()) a.json["not_written"] = failed;
    if (!run.plan().kept.empty()) a.json["kept"] = keptJson(run.plan());
    a.json["problems"] = problemsJson(work.problems);
    a.code = exitCodeOf(run.results(), work.attention || !work.problems.empty());
    return a;
}

}  // namespace

Answer writeAll(const ExportOptions& o, Work work, const Console& console) {
    if (auto measured = measurePeaks(o, work.takes, console); !measured) {
        return {{}, console.report(measured.error())};
    }
    HandOverRun run(planHandOver(std::move(work.takes), o.choice(), work.recordings));
    const HandOverPlan& plan = run.plan();
    for (const PlannedFile& f : plan.files) {
        const HandedTake* h = plan.take(f.take);
        console.say((h ? h->scan->info.path + ": " : "") + sentence(f.holds) +
                    (f.problem.empty() ? "" : " Not written: " + sentence(f.problem)));
    }
    for (const auto& path : plan.kept) console.say(path.string() + ": there already, left alone.");
    if (o.dryRun) return planned(plan, work);
    if (!plan.files.empty() && !plan.problem().empty()) {
        return {{}, console.report({ErrorCode::CannotWrite, plan.problem(), o.out, {}})};
    }
    if (!plan.files.empty()) write(run, console);
    return written(run, work, console);
}

}  // namespace brisk::cli
