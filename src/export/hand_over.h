// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Writes what a plan promises: take by take, several at once, each file read back. A failure in
/// one does not stop the others, and what failed can be tried again.
///
///     HandOverRun run(plan);
///     run.go({}, observer, job);            // all that can be written
///     run.go(run.failed(), observer, job);  // again
#pragma once

#include <functional>
#include <mutex>
#include <string>
#include <vector>

#include "export/hand_over_plan.h"

namespace brisk {

enum class FileState { Waiting, Writing, Written, Failed, Stopped };

struct FileResult {
    FileState state = FileState::Waiting;
    std::string path;  ///< Where it was written; may be numbered.
    Facts holds;
    Facts problem;  ///< Why it failed, or what reading it back found.
    std::optional<ErrorCode> failedBy = {};
    double progress = 0;               ///< 0 to 1.
    std::optional<Seconds> left = {};  ///< While it is written, once that can be told.
    std::uintmax_t bytes = 0;
    std::string xxh3;       ///< Check value; empty where it was not taken.
    std::string sha256;     ///< Only where it was asked for.
    bool fromDisk = false;  ///< The check saw the disk itself, not what the system holds.
    PictureCheck picture;
    Seconds lead;       ///< Of a video that begins before its piece, see WrittenVideo.
    TimeStamps stamps;  ///< As they are read from what was written.
    std::optional<TimeRange> held = {};  ///< The take time that it holds, once it is written.
    TimeRanges parts = {};               ///< Of joined pieces: what it holds, one after the other.
    SoundCheck check;
    /// Written, but not what was meant.
    [[nodiscard]] bool marked() const { return state == FileState::Written && !problem.empty(); }
};

class HandOverRun {
  public:
    explicit HandOverRun(HandOverPlan plan);

    /// Told which file's result changed; from any thread, one at a time.
    using Observer = std::function<void(std::size_t file, const FileResult&)>;
    /// Writes these files of the plan, none = all that are not written yet. Timelines and reports
    /// come last and tell of everything so far. `job` stops all; what is whole stays.
    /// \param atOnce  takes that are worked on together.
    void go(const std::vector<std::size_t>& files, const Observer& observer, const JobControl& job,
            unsigned atOnce = 2);
    /// Stops one file that is waiting or being written. Threads: any.
    void stop(std::size_t file);

    [[nodiscard]] const HandOverPlan& plan() const { return plan_; }
    [[nodiscard]] const std::vector<FileResult>& results() const { return results_; }
    [[nodiscard]] std::vector<std::size_t> failed() const;

  private:
    void writeOne(std::size_t file, const JobControl& job);
    Result<void> writeMedia(const PlannedFile& f, FileResult& r, const JobControl& job);
    Result<void> writeWords(const PlannedFile& f, FileResult& r);
    Result<std::string> relinkedEdit(const PlannedFile& f, FileResult& r) const;
    Result<void> writeManifest(FileResult& r, const JobControl& job);
    void tell(std::size_t file);
    JobControl jobOf(std::size_t file);

    HandOverPlan plan_;
    std::vector<FileResult> results_;
    std::vector<JobControl> jobs_;
    Observer observer_;
    std::mutex mutex_, jobsMutex_;
};

}  // namespace brisk
