// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a file may claim of itself before it is believed. No camera, phone or recorder goes beyond;
/// a file made to hurt does, and would take memory or hours. docs/limits.md says the same to
/// people.
#pragma once

#include <cstdint>
#include <optional>

#include "core/fact.h"
#include "core/units.h"

namespace brisk::limits {

constexpr int kMinSampleRate = 4000;    // Hz; below, a millisecond stamp is finer than a sample
constexpr int kMaxSampleRate = 768000;  // Hz; the fastest converters that are sold
constexpr int kMaxChannels = 64;        // of one stream
constexpr unsigned kMaxStreams = 128;   // of a file
constexpr std::int64_t kMaxPixels = std::int64_t{16384} * 16384;  // of a picture
/// Packets of a stream that may fail before its first sound; then nothing will come.
constexpr int kMaxPacketsToFirst = 4000;
/// Silence that time stamps may claim, beside as much as there is sound.
constexpr Seconds kMaxFreeSilence{600};
/// Time references beyond a week are damage: they count from a midnight.
constexpr Seconds kMaxTimeReference{7 * 86400.0};
/// Of the name of a channel, bytes; a longer one is cut.
constexpr std::size_t kMaxChannelName = 128;
/// A float sample beyond this, 96 dB over full scale, is no sound.
constexpr float kMaxSample = 65536;

/// Why a stream of such a rate and so many channels is not read; nothing where it is.
inline std::optional<Fact> beyond(int hertz, int channels) {
    if (hertz < kMinSampleRate || hertz > kMaxSampleRate) {
        return Fact{"sample-rate-beyond", {{"hertz", hertz}}};
    }
    if (channels < 1 || channels > kMaxChannels) {
        return Fact{"channels-beyond", {{"channels", channels}}};
    }
    return std::nullopt;
}

}  // namespace brisk::limits
