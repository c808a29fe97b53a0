// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Hands over one take as a video with the clean sound in it: picture copied packet for packet
/// (pieces of a take: see piece_start.h), sound rendered to the take's length, the file read back
/// and checked.
///
///     VideoExportPlan plan{.take = scan, .sound = sound, .folder = "out"};
///     describeExport(plan);          // says what the file will hold, before it exists
///     auto written = exportVideo(plan, job);
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "core/time_ranges.h"
#include "export/check_depth.h"
#include "export/documents/file_names.h"
#include "export/file_tracks.h"
#include "export/piece_start.h"
#include "export/read_back.h"
#include "export/video_format.h"
#include "features/sound_scan.h"
#include "media/read/picture_cut.h"
#include "render/take_sound.h"

namespace brisk {

struct VideoExportPlan {
    const SoundScan& take;
    TakeSoundPlan sound;
    VideoContainer container = VideoContainer::Mov;
    std::filesystem::path folder;
    /// File name without ending, see file_names.h.
    std::string namePattern = "{take} clean";
    std::optional<SoundCodec> codec = std::nullopt;  ///< None = the container's default.
    /// Of the names in the pattern, those that the files do not tell: camera, date, number, state.
    NameFacts names = {};
    /// Exactly there, whatever the pattern says; numbered where a file came in between.
    std::optional<std::filesystem::path> target = std::nullopt;
    /// The kept stretch that the file holds, and which of how many it is; none = the whole take.
    std::optional<TimeRange> stretch = std::nullopt;
    int piece = 1, pieces = 1;
    /// All kept stretches in one file, one after the other; `stretch` is none then.
    bool joined = false;
    PieceStart pieceStart = PieceStart::Exact;
    CheckDepth check = CheckDepth::Pictures;
    OverFull overFull = OverFull::TurnDown;
    /// What is written, once levels were fitted; empty: as the sound has them.
    std::vector<FileTrack> tracks = {};
    /// The pictures of that stretch, once they were looked for.
    std::optional<PictureCut> cut = std::nullopt;
};

/// A plan for each stretch that is kept; one for a whole take, or where they are joined.
std::vector<VideoExportPlan> plansForPieces(const VideoExportPlan& whole);

struct WrittenVideo {
    std::string path;
    Facts holds;
    /// From the file's first picture to the one that its piece was to begin with.
    Seconds lead;
    ReadBack readBack;
    LevelPlan level;   ///< As it was measured, or was known before.
    TimeRange held;    ///< The take time that it holds, its lead with it.
    TimeRanges parts;  ///< Where pieces were joined: what it holds, one after the other.
    std::string xxh3;  ///< Of the whole file; empty where pictures were not compared.
};

/// How its sound will be coded.
SoundCodec codecOf(const VideoExportPlan& plan);

/// The names that its pattern is filled with.
NameFacts nameFactsOf(const VideoExportPlan& plan);

/// One sentence: what the file will hold.
Facts describeExport(const VideoExportPlan& plan);
/// What is heard where no recording reaches.
Fact uncoveredFact(Uncovered becomes);

/// What it is called, without ending, as if nothing else were there.
std::string exportName(const VideoExportPlan& plan);

/// Where it will be written: never an existing file, a number is added instead.
std::filesystem::path exportTarget(const VideoExportPlan& plan);

/// Errors: CannotRead, CannotWrite, Cancelled; in all of them no file is left behind. A file whose
/// read-back fails is kept, and says so in readBack.problem.   Threads: safe.
Result<WrittenVideo> exportVideo(const VideoExportPlan& plan, const JobControl& job);

}  // namespace brisk
