// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the files of one take are one piece of work, since they share its loudness; takes are
// independent. Words - timelines, reports - come last, when it is known what was written.
#include "export/hand_over.h"

#include <algorithm>
#include <chrono>
#include <ctime>
#include <map>

#include "core/guarded.h"
#include "core/parallel_for.h"
#include "core/time_left.h"
#include "export/documents/edit_list.h"
#include "export/documents/mhl.h"
#include "export/documents/otio.h"
#include "export/documents/relink.h"
#include "export/report.h"
#include "store/atomic_file.h"
#include "store/file_hash.h"

namespace brisk {
namespace {

/// Where each take's files are now.
std::vector<WrittenTake> writtenTakes(const HandOverPlan& plan,
                                      const std::vector<FileResult>& results) {
    std::map<int, WrittenTake> takes;
    std::map<int, bool> whole;
    for (std::size_t i = 0; i < plan.files.size(); ++i) {
        const PlannedFile& f = plan.files[i];
        if (f.take <= 0) continue;  // words, and whole recordings
        const bool there = results[i].state == FileState::Written;
        const auto known = whole.emplace(f.take, true).first;
        known->second = known->second && there;
        WrittenTake& w = takes[f.take];
        w.take = f.take;
        const WrittenFile file{results[i].path, results[i].lead, results[i].stamps,
                               results[i].held};
        const std::size_t microphone = f.asSound ? f.asSound->microphone : 0;
        if (microphone > w.microphones.size()) w.microphones.resize(microphone);
        auto& list = f.asVideo        ? w.videos
                     : microphone > 0 ? w.microphones[microphone - 1]
                                      : w.sounds;
        if (results[i].parts.empty()) list.push_back(file);
        Seconds begins{0};
        for (const TimeRange& part : results[i].parts) {
            WrittenFile piece = file;
            piece.held = part;
            piece.begins = begins;
            begins = begins + part.length();
            list.push_back(std::move(piece));
        }
    }
    std::vector<WrittenTake> out;
    for (const auto& [take, w] : takes) {
        if (whole[take]) out.push_back(w);
    }
    return out;
}

}  // namespace

HandOverRun::HandOverRun(HandOverPlan plan)
    : plan_(std::move(plan)), results_(plan_.files.size()), jobs_(plan_.files.size()) {
    for (std::size_t i = 0; i < results_.size(); ++i) {
        results_[i].path = plan_.files[i].path.string();
        results_[i].holds = plan_.files[i].holds;
        if (plan_.files[i].problem.empty()) continue;
        results_[i].state = FileState::Failed;
        results_[i].problem = plan_.files[i].problem;
        results_[i].failedBy = ErrorCode::CannotWrite;
    }
}

std::vector<std::size_t> HandOverRun::failed() const {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < results_.size(); ++i) {
        const FileState s = results_[i].state;
        if (s == FileState::Failed || s == FileState::Stopped) out.push_back(i);
    }
    return out;
}

void HandOverRun::stop(std::size_t file) {
    const std::lock_guard lock(jobsMutex_);
    jobs_[file].requestStop();
}

JobControl HandOverRun::jobOf(std::size_t file) {
    const std::lock_guard lock(jobsMutex_);
    return jobs_[file];
}

void HandOverRun::tell(std::size_t file) {
    const std::lock_guard lock(mutex_);
    if (observer_) observer_(file, results_[file]);
}

void HandOverRun::go(const std::vector<std::size_t>& files, const Observer& observer,
                     const JobControl& job, unsigned atOnce) {
    observer_ = observer;
    std::vector<std::size_t> wanted = files;
    if (wanted.empty()) {
        for (std::size_t i = 0; i < results_.size(); ++i) {
            if (results_[i].state != FileState::Written && plan_.files[i].problem.empty()) {
                wanted.push_back(i);
            }
        }
    }
    // In the plan's order: reports tell of all before them, and a manifest lists them, too.
    std::sort(wanted.begin(), wanted.end());
    std::vector<std::vector<std::size_t>> media;  // a take each, in order
    std::vector<std::size_t> words;
    for (const std::size_t i : wanted) {
        {
            const std::lock_guard lock(jobsMutex_);
            jobs_[i] = JobControl{};
        }
        results_[i].state = FileState::Waiting;
        results_[i].problem.clear();
        results_[i].failedBy.reset();
        results_[i].progress = 0;
        const int take = plan_.files[i].take;
        if (take == 0) {
            words.push_back(i);
        } else if (!media.empty() && plan_.files[media.back().front()].take == take) {
            media.back().push_back(i);
        } else {
            media.push_back({i});
        }
    }
    parallelFor(media.size(), static_cast<int>(atOnce), [&](std::size_t n) {
        for (const std::size_t i : media[n]) writeOne(i, job);
    });
    for (const std::size_t i : words) writeOne(i, job);
}

void HandOverRun::writeOne(std::size_t i, const JobControl& all) {
    const PlannedFile& f = plan_.files[i];
    FileResult& r = results_[i];
    const auto begun = std::chrono::steady_clock::now();
    const JobControl job = jobOf(i).within(all).withReport([this, i, &r, begun](double fraction) {
        if (fraction < r.progress + 0.005) return;
        r.progress = fraction;
        const std::chrono::duration<double> elapsed = std::chrono::steady_clock::now() - begun;
        r.left = timeLeft({elapsed.count()}, fraction);
        tell(i);
    });
    if (!job.stopRequested()) {
        r.state = FileState::Writing;
        tell(i);
    }
    const auto done = guarded(f.path.string(), [&] {
        return job.stopRequested()            ? Result<void>(cancelled())
               : f.kind == FileKind::Manifest ? writeManifest(r, job)
               : f.take == 0                  ? writeWords(f, r)
                                              : writeMedia(f, r, job);
    });
    r.left.reset();
    if (done) {
        r.state = FileState::Written;
        r.progress = 1;
    } else {
        const bool stopped = done.error().code == ErrorCode::Cancelled;
        r.state = stopped ? FileState::Stopped : FileState::Failed;
        r.failedBy = done.error().code;
        r.problem = {stopped ? Fact{"stopped-nothing-left"} : done.error().fact};
    }
    tell(i);
}

Result<void> HandOverRun::writeMedia(const PlannedFile& f, FileResult& r, const JobControl& job) {
    const JobControl writing = job.part(0, plan_.choice.sha256 ? 0.8 : 1);
    LevelPlan level;
    if (f.asVideo) {
        auto w = exportVideo(*f.asVideo, writing);
        if (!w) return tl::unexpected(w.error());
        r.path = w->path;
        r.holds = w->holds;
        r.problem = w->readBack.problem;
        r.picture = w->readBack.picture;
        r.lead = w->lead;
        r.stamps = w->readBack.stamps;
        r.held = w->held;
        r.parts = w->parts;
        r.xxh3 = w->xxh3;
        r.fromDisk = w->readBack.fromDisk;
        r.check = w->readBack.sound;
        level = w->level;
    } else {
        auto w = exportSound(*f.asSound, writing);
        if (!w) return tl::unexpected(w.error());
        r.path = w->path;
        r.holds = w->holds;
        r.problem = w->check.problem;
        r.check = w->check;
        r.lead = w->lead;
        r.stamps = w->stamps;
        r.held = w->held;
        r.parts = w->parts;
        r.xxh3 = w->xxh3;
        r.fromDisk = w->fromDisk;
        level = w->level;
    }
    add(r.holds, f.confirmed);
    // The loudness of a take is measured once, however many files it becomes.
    for (PlannedFile& other : plan_.files) {
        if (other.take != f.take) continue;
        if (other.asVideo) other.asVideo->sound.level = level;
        if (other.asSound) other.asSound->sound.level = level;
    }
    std::error_code ec;
    r.bytes = std::filesystem::file_size(r.path, ec);
    if (plan_.choice.sha256) {
        auto hash = sha256Of(r.path, job.part(0.8, 1));
        if (hash) r.sha256 = *hash;  // else it is written all the same
    }
    return {};
}

/// The edit that was begun on the takes, on the files that were written of them.
Result<std::string> HandOverRun::relinkedEdit(const PlannedFile& f, FileResult& r) const {
    const auto edit = readWholeFile(plan_.choice.relink);
    if (!edit) return tl::unexpected(edit.error());
    auto done = relinked(*edit, plan_.choice.relink.parent_path(),
                         relinkTakes(plan_.takes, writtenTakes(plan_, results_)),
                         std::filesystem::absolute(f.path).parent_path());
    if (!done) return tl::unexpected(done.error());
    add(r.holds, {{"clips-relinked", {{"clips", done->clips}}}});
    add(r.holds, done->leftAlone);
    if (done->clips == 0) r.problem = {{"no-clip-of-these-takes"}};
    return std::move(done->text);
}

/// All that was written so far, with the values that it had when it was read back.
Result<void> HandOverRun::writeManifest(FileResult& r, const JobControl& job) {
    const std::filesystem::path folder = plan_.folder();
    std::vector<MhlEntry> entries;
    for (FileResult& other : results_) {
        if (&other == &r || other.state != FileState::Written) continue;
        if (other.xxh3.empty()) {
            auto value = xxh3Of(other.path, job);
            if (!value) return tl::unexpected(value.error());
            other.xxh3 = std::move(*value);
        }
        std::error_code ec;
        entries.push_back(
            {std::filesystem::path(other.path).lexically_relative(folder).generic_string(),
             std::filesystem::file_size(other.path, ec), other.xxh3});
    }
    auto written = writeMhl(folder, entries, std::time(nullptr));
    if (!written) return tl::unexpected(written.error());
    r.path = written->string();
    std::error_code ec;
    r.bytes = std::filesystem::file_size(*written, ec);
    return {};
}

Result<void> HandOverRun::writeWords(const PlannedFile& f, FileResult& r) {
    const auto folder = std::filesystem::absolute(f.path).parent_path();
    std::string text;
    r.holds = f.holds;  // written again, it is said again
    if (f.kind == FileKind::Timeline || f.kind == FileKind::EditList) {
        const auto written = plan_.choice.pointAtOriginals ? std::vector<WrittenTake>{}
                                                           : writtenTakes(plan_, results_);
        const Timeline timeline =
            buildTimeline(plan_.choice.shoot, plan_.takes, written, plan_.choice.closeGaps);
        if (f.kind == FileKind::Timeline) {
            text = otioText(timeline, folder);
        } else {
            const EditList list = editList(timeline, folder);
            text = list.text;
            add(r.holds, list.cannotSay);
        }
    } else if (f.kind == FileKind::Relinked) {
        auto edit = relinkedEdit(f, r);
        if (!edit) return tl::unexpected(edit.error());
        text = std::move(*edit);
    } else {
        text = reportText(f.kind, {plan_, results_});
    }
    auto written = writeNewFile(f.path, text);
    if (!written) return tl::unexpected(written.error());
    r.path = written->string();
    r.bytes = text.size();
    return {};
}

}  // namespace brisk
