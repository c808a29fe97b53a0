// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a sound track in a written file shall be.
#pragma once

#include <string>

#include "core/units.h"

namespace brisk {

struct SoundTrackSpec {
    std::string codec = "pcm_s24le";  ///< libav's encoder name.
    SampleRate rate{48000};
    int channels = 1;
    int bitsPerSecond = 0;  ///< 0 = the codec's own choice.
    std::string title = {};
    std::string language = {};  ///< ISO 639-2, "deu"; empty where nobody said.
    bool playsByItself = true;  ///< The track that players choose unasked.
};

}  // namespace brisk
