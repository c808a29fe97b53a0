// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is heard on a benchmark: synthetic speech, packaged recordings of real voices, music.
/// Two sets share no file and no voice: thresholds are set on one, figures are reported on the
/// other.
///
///     auto world = sourceSound({SourceKind::RealVoices, SourceSet::Reported}, seed, 60.0);
#pragma once

#include <cstdint>
#include <vector>

#include "core/result.h"

namespace brisk::bench {

enum class SourceKind { SyntheticSpeech, RealVoices, Music };
enum class SourceSet { Tuning, Reported };

const char* sourceKindText(SourceKind k);

/// What is spoken in the noise of a take is spoken in no world, or it would truly be on both sides.
constexpr int kVoicesInNoise = 2;

struct SourceChoice {
    SourceKind kind = SourceKind::SyntheticSpeech;
    SourceSet set = SourceSet::Tuning;
    /// Parts of the material that share nothing. 0, 1: for sounds that must not match;
    /// kVoicesInNoise is in neither; -1: 0 and 1.
    int part = -1;
};

/// Mono at 48 kHz, peak 0.5; the same arguments give the same samples. Threads: safe.
/// Errors: CannotRead when a package of scripts/bench_packages.txt is missing.
Result<std::vector<float>> sourceSound(const SourceChoice& choice, std::uint64_t seed,
                                       double seconds);

}  // namespace brisk::bench
