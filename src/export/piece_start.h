// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How a kept piece of a take gets its picture, what that costs, and how it is said: before
/// anything is written, and without opening a file.
///
///     wayOf(plan);          // PieceWay::CodedAnew: MKV cannot begin between key frames
///     pictureWords(plan);   // "Picture re-encoded (H.264, ...) because MKV cannot ..."
#pragma once

#include <optional>
#include <string>

#include "core/fact.h"
#include "features/sound_scan.h"
#include "media/read/picture_cut.h"

namespace brisk {

struct VideoExportPlan;

/// What a person asks for, where a piece begins between two key frames.
enum class PieceStart {
    Exact,      ///< Exact; copied where the container can hide what comes before, else re-encoded.
    CodedAnew,  ///< Exact for programs, too, that show what is hidden.
    KeyFrame,   ///< Copied whatever the container: begins some earlier.
};

/// "exact", "coded", "key-frame", for the command line and what is remembered.
const char* pieceStartName(PieceStart start);
/// Nothing for any other word.
std::optional<PieceStart> pieceStartNamed(const std::string& name);

/// Whole takes are always copied.
PieceWay wayOf(const VideoExportPlan& plan);

/// From the picture that a piece of a take begins with back to the key frame before it; 0 for whole
/// takes.
Seconds leadOf(const SoundScan& take, const std::optional<TimeRange>& stretch);

/// What becomes of the picture, and at what cost: the beginning of a sentence.
Fact pictureFact(const VideoExportPlan& plan);

/// How much larger its picture becomes, about: 1 where it is copied.
double pictureGrowth(const VideoExportPlan& plan);

}  // namespace brisk
