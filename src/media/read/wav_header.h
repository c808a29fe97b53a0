// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a WAV or RF64 header tells the truth about its file. Decoding is libav's work; this
/// notices recorders that lost power and copies that were cut, and finds what libav passes over.
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include "core/fact.h"

namespace brisk {

struct WavHeader {
    bool rf64 = false;
    std::uint32_t bytesPerSecond = 0;
    std::uint64_t promisedBytes = 0;  ///< Of sound, as the header says.
    std::uint64_t presentBytes = 0;   ///< Of sound, that the file really holds from there on.
    bool sizeLeftOpen = false;        ///< 0 or 0xFFFFFFFF: the header was never completed.
};

/// Nothing when the file is no WAV at all.
std::optional<WavHeader> readWavHeader(const std::string& path);

/// The content of the first chunk with this name, a megabyte of it at most; empty where there is
/// none.
std::string wavChunk(const std::string& path, const std::string& id);

/// A sentence for a header that is incomplete or promises more than there is.
std::optional<Fact> wavWarning(const WavHeader& header);

}  // namespace brisk
