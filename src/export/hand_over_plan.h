// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The plan before the act: which files a hand-over will write, what each holds, how large it will
/// be, and what cannot be written and why.
///
///     HandOverPlan plan = planHandOver(takes, choice);
///     plan.files[0].holds; plan.problems();
///     handOver(plan, ...);                         // hand_over.h
#pragma once

#include <cstdint>
#include <filesystem>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "day/whole_recording.h"
#include "export/check_depth.h"
#include "export/documents/handed_take.h"
#include "export/sound_export.h"
#include "export/video_export.h"

namespace brisk {

struct HandOverChoice {
    bool video = true;
    VideoContainer container = VideoContainer::Mov;
    std::optional<SoundCodec> codec = {};   ///< None = the container's default.
    std::optional<SoundFormat> sound = {};  ///< The clean sound alone.
    PieceStart pieces = PieceStart::Exact;
    bool timeline = false;  ///< OpenTimelineIO.
    bool editList = false;
    /// Timelines point at the originals, whatever else is written.
    bool pointAtOriginals = false;
    OverFull overFull = OverFull::TurnDown;
    CheckDepth check = CheckDepth::Pictures;
    bool sha256 = false;  ///< Beside the check value that is always taken; slow.
    bool htmlReport = false, csvReport = false, jsonReport = false;
    std::string pattern = "{take} clean";
    /// What single files are called instead, without ending, by the name that they would have.
    std::map<std::string, std::string> ownNames = {};
    std::string shoot = "shoot";  ///< Names timelines and reports.
    std::filesystem::path folder;
    bool joined = false;     ///< Kept pieces of a take as one file without gaps.
    bool closeGaps = false;  ///< In timelines, what no camera keeps takes no time.
    /// Each recording that takes are heard by, whole, on the clock of their camera.
    bool wholeRecordings = false;
    /// A timeline that was begun on the takes as they are: written once more, on the new files.
    std::filesystem::path relink = {};
    bool package = false;   ///< All of it in a folder of its own, named for the shoot.
    bool manifest = false;  ///< A list of all files with their check values, in ASC MHL.
    /// Videos and sounds whose names are there already are left alone, and not in the plan.
    bool keepThere = false;
    friend bool operator==(const HandOverChoice&, const HandOverChoice&) = default;
};

enum class FileKind {
    Video,
    Sound,
    WholeRecording,
    Timeline,
    EditList,
    Relinked,
    HtmlReport,
    CsvReport,
    JsonReport,
    Manifest,  ///< Last, for it lists all others.
};

/// "video", "clean sound", "timeline" ..., for a table.
const char* fileKindText(FileKind kind);

/// Of those that tell of all others.
inline bool isReport(FileKind kind) {
    return kind == FileKind::HtmlReport || kind == FileKind::CsvReport ||
           kind == FileKind::JsonReport;
}

struct PlannedFile {
    FileKind kind = FileKind::Video;
    int take = 0;  ///< 0 = of the whole shoot; below 0 = of a recording by itself.
    std::filesystem::path path;
    Facts holds;
    Facts confirmed;           ///< What should be known of its place; the end of `holds`.
    std::uintmax_t bytes = 0;  ///< About; 0 = small.
    Facts problem;             ///< Why it cannot be written; empty where it can.
    /// How, for those of one take.
    std::optional<VideoExportPlan> asVideo = {};
    std::optional<SoundExportPlan> asSound = {};
};

struct HandOverPlan {
    HandOverChoice choice;
    std::vector<HandedTake> takes;
    std::vector<PlannedFile> files;
    std::vector<std::filesystem::path> kept;  ///< Were there already, and are left alone.
    std::uintmax_t free = 0;                  ///< Bytes on the disk of the folder; 0 = not known.

    [[nodiscard]] std::uintmax_t bytes() const;
    /// Whether peaks of a file go over what its coding holds, or may do so.
    [[nodiscard]] bool goesOverFull() const;
    /// What is wrong with all of it: no room, no folder, a bad pattern. Empty where nothing is.
    [[nodiscard]] Fact problem() const;
    [[nodiscard]] const HandedTake* take(int id) const;
    /// Where everything goes: the folder that was chosen, or the package in it.
    [[nodiscard]] std::filesystem::path folder() const;
};

/// Nothing is written or opened; the disk is asked for names and room.   Threads: safe.
/// \param recordings  what wholeRecordings writes, see whole_recording.h.
HandOverPlan planHandOver(std::vector<HandedTake> takes, const HandOverChoice& choice,
                          const std::vector<WholeRecording>& recordings = {});

}  // namespace brisk
