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
#include <optional>
#include <string>
#include <vector>

#include "export/check_depth.h"
#include "export/handed_take.h"
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
    std::string shoot = "shoot";  ///< Names timelines and reports.
    std::filesystem::path folder;
    friend bool operator==(const HandOverChoice&, const HandOverChoice&) = default;
};

enum class FileKind { Video, Sound, Timeline, EditList, HtmlReport, CsvReport, JsonReport };

/// "video", "clean sound", "timeline" ..., for a table.
const char* fileKindText(FileKind kind);

struct PlannedFile {
    FileKind kind = FileKind::Video;
    int take = 0;  ///< 0 = of the whole shoot.
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
    std::uintmax_t free = 0;  ///< Bytes on the disk of the folder; 0 = not known.

    [[nodiscard]] std::uintmax_t bytes() const;
    /// Whether peaks of a file go over what its coding holds, or may do so.
    [[nodiscard]] bool goesOverFull() const;
    /// What is wrong with all of it: no room, no folder, a bad pattern. Empty where nothing is.
    [[nodiscard]] Fact problem() const;
    [[nodiscard]] const HandedTake* take(int id) const;
};

/// Nothing is written or opened; the disk is asked for names and room.   Threads: safe.
HandOverPlan planHandOver(std::vector<HandedTake> takes, const HandOverChoice& choice);

/// "1.2 GB".
std::string bytesText(std::uintmax_t bytes);

}  // namespace brisk
