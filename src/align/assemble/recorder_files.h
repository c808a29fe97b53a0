// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the files of one recorder say about each other: it records one at a time, and cuts long
/// recordings into files that continue each other to the sample.
#pragma once

#include <optional>
#include <string>

#include "features/sound_scan.h"

namespace brisk {

/// So much of a take beyond the end of a file is worth another file.
constexpr Seconds kWorthCovering{0.25};

/// The letters a device begins its files' names with: "lavalier-" of "card/lavalier-03.wav".
std::string namePattern(const std::string& path);

/// "lavalier-03.wav", for sentences.
std::string fileNameOf(const SoundScan& scan);

/// True where two files look as if they came from one recorder: same folder, format and naming.
bool sameRecorder(const MediaInfo& a, const MediaInfo& b);

/// True where their time stamps say that `after` begins with the very sample that would have come
/// next in `before`.
bool continuesExactly(const SoundScan& before, const SoundScan& after);

/// From the end of one file to the beginning of the other, as their time stamps have it; negative
/// where they overlap. Nothing where they carry none of a kind.
std::optional<Seconds> stampedGap(const SoundScan& before, const SoundScan& after);

/// True where one recorder made both, and their time stamps say at different times. A take that
/// lies wholly on one of them then cannot lie on the other.
bool neverTogether(const SoundScan& a, const SoundScan& b);

/// Whether by their time stamps a take and a recording ran at the same time.
bool ranTogether(const SoundScan& take, const SoundScan& recording);

/// True where two stretches share more than what is lost in measuring and in cutting.
bool overlapTooMuch(TimeRange a, TimeRange b);

}  // namespace brisk
