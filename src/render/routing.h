// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// From a file's channels to ears: a matrix, one row a channel of what comes out.
///
///     Routing r = routingOf(scan, ChannelMap::Swapped);   // {{0, 1}, {1, 0}}
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/fact.h"
#include "features/sound_scan.h"
#include "media/read/heard_sound.h"
#include "render/sound_choice.h"

namespace brisk {

using Routing = std::vector<std::vector<float>>;

/// One row (for both ears) or two.
Routing routingOf(const SoundScan& scan, const HeardChannels& heard);

/// A channel as a person knows it, from 0: "3 Lavalier Ines", or "3" where it has no name.
std::string channelWords(const HeardSound& sound, int channel);

/// What it does, for a sentence: "left channel on both sides".
Fact routingFact(const SoundScan& scan, const HeardChannels& heard);

/// Applies a routing to whole frames. Shape: interleaved; `out` has frames times rows.
void route(const Routing& routing, std::span<const float> in, std::span<float> out);

}  // namespace brisk
