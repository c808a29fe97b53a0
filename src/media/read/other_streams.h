// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a take holds beside its picture and sound - subtitles, the camera's measured data, chapters
/// - and what of it a container can hold. Copied, never understood.
#pragma once

#include <string>
#include <vector>

#include "core/fact.h"

namespace brisk {

struct OtherStream {
    int stream = -1;
    std::string kind;   ///< "subtitles", "data", "attachment".
    std::string codec;  ///< libav's name; "none" where nobody knows it.
    friend bool operator==(const OtherStream&, const OtherStream&) = default;
};

/// \param muxer  libav's name.
bool containerTakes(const std::string& muxer, const OtherStream& stream);

/// "a data track (bin_data)", for a sentence.
Fact streamFact(const OtherStream& stream);

}  // namespace brisk
