// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Hands over the sound of one take alone: as long as the take to the sample, on the picture's
/// clock, so that it only needs to be put under the picture.
///
///     SoundExportPlan plan{.take = scan, .sound = sound, .folder = "out"};
///     auto written = exportSound(plan, job);
#pragma once

#include <filesystem>
#include <optional>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/time_ranges.h"
#include "export/check_depth.h"
#include "export/documents/file_names.h"
#include "export/file_tracks.h"
#include "export/piece_start.h"
#include "export/sound_check.h"
#include "shoot/slate.h"

namespace brisk {

enum class SoundFormat {
    Wav,       ///< Broadcast WAV, 24-bit; RF64 where it grows beyond 4 GB.
    Flac,      ///< 24-bit.
    WavFloat,  ///< Like Wav, 32-bit floating point: peaks over full scale are kept.
};

/// A moment of a take that has a name in the file, too.
struct NamedMoment {
    Seconds at;  ///< Take time.
    std::string name;
};

struct SoundExportPlan {
    const SoundScan& take;
    TakeSoundPlan sound;
    SoundFormat format = SoundFormat::Wav;
    std::filesystem::path folder;
    std::string namePattern = "{take} clean";
    NameFacts names = {};
    /// 0 = the clean sound, then other microphones.
    std::size_t microphone = 0;
    /// The kept stretch that the file holds, and which of how many it is; none = the whole take.
    std::optional<TimeRange> stretch = std::nullopt;
    int piece = 1, pieces = 1;
    bool joined = false;  ///< As in VideoExportPlan.
    /// How the video of the same stretch gets its picture, so that both begin and end together.
    PieceWay beside = PieceWay::Copied;
    CheckDepth depth = CheckDepth::Pictures;
    OverFull overFull = OverFull::TurnDown;
    std::optional<std::filesystem::path> target = std::nullopt;  ///< As in VideoExportPlan.
    Slate slate = {};
    std::vector<NamedMoment> moments =
        {};  ///< In order; those that the file holds are named in it.
    /// What it holds, said first, where it is more than the sound of a take.
    Facts about = {};
};

Coding codingOf(SoundFormat format);

/// One for each microphone and each stretch that is kept.
std::vector<SoundExportPlan> plansForSounds(const SoundExportPlan& whole);

struct WrittenSound {
    std::string path;
    Facts holds;
    std::int64_t samples = 0;
    Seconds lead;       ///< As in WrittenVideo.
    TimeStamps stamps;  ///< As another program reads them.
    SoundCheck check;
    LevelPlan level;
    TimeRange held;    ///< As in WrittenVideo.
    TimeRanges parts;  ///< As in WrittenVideo.
    bool fromDisk = false;
    std::string xxh3;  ///< Of the whole file.
};

/// What the file will hold.
Facts describeSound(const SoundExportPlan& plan);

/// What it is called, without ending, as if nothing else were there.
std::string soundName(const SoundExportPlan& plan);
std::string soundEnding(const SoundExportPlan& plan);

/// Where it will be written: never an existing file, a number is added instead.
std::filesystem::path soundTarget(const SoundExportPlan& plan);

/// When the file's first sample was, since midnight: the take's own timecode, so that programs that
/// go by it put both together; else the recorder's clock; else nothing.
std::optional<Seconds> timeReference(const SoundExportPlan& plan, Seconds begins);

/// Errors: CannotRead, CannotWrite, Cancelled; in all of them no file is left behind.
/// Threads: safe.
Result<WrittenSound> exportSound(const SoundExportPlan& plan, const JobControl& job);

}  // namespace brisk
