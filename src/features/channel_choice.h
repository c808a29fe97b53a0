// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which channel of a file to match by: the mean of all, unless one of them is better by itself.
///
///     options.channel = *chooseChannel(reader, info.duration);   // -1: the mean
#pragma once

#include "core/result.h"
#include "media/read/sound_reader.h"

namespace brisk {

/// Listens to a few seconds in a dozen places; decodes nothing else.
/// \return -1 for the mean, else the channel, from 0: where the others are dead or clipped, or
///         where they would cancel each other.
/// Errors: CannotRead.  Positions of the reader are rough afterwards: give it one of its own.
Result<int> chooseChannel(SoundReader& reader, Seconds duration);

}  // namespace brisk
