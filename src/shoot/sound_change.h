// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person changed about a sound, for the history.
///
///     soundChange(before, after)    // {"camera-blended"}: "camera's sound mixed in"
#pragma once

#include "core/fact.h"
#include "render/sound_choice.h"

namespace brisk {

/// The first of the differences, in the order of the fields; "sound-unchanged" where there is none.
Fact soundChange(const SoundChoice& before, const SoundChoice& after);

}  // namespace brisk
