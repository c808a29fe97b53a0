// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One channel out of several: the mean of all, or one of them.
///
///     mixToMono(interleaved, 2, -1, mono);
#pragma once

#include <algorithm>
#include <cstddef>
#include <span>

namespace brisk {

/// Channels that are no number.
constexpr int kMeanOfChannels = -1;
constexpr int kBestChannel = -2;  ///< As channel_choice.h finds it.

/// Shape: interleaved frames of `channels`; `mono` takes as many frames as it has room for.
/// \param channel  kMeanOfChannels (or one that is not there) for the mean.
inline void mixToMono(std::span<const float> interleaved, std::size_t channels, int channel,
                      std::span<float> mono) {
    if (channels == 1) {
        std::copy_n(interleaved.begin(), mono.size(), mono.begin());
        return;
    }
    if (channel >= 0 && static_cast<std::size_t>(channel) < channels) {
        const float* in = interleaved.data() + channel;
        for (std::size_t n = 0; n < mono.size(); ++n) mono[n] = in[n * channels];
        return;
    }
    if (channels == 2) {
        const float* in = interleaved.data();
        for (std::size_t n = 0; n < mono.size(); ++n) mono[n] = (in[2 * n] + in[2 * n + 1]) / 2;
        return;
    }
    for (std::size_t n = 0; n < mono.size(); ++n) {
        const auto frame = interleaved.subspan(n * channels, channels);
        float sum = 0;
        for (const float v : frame) sum += v;
        mono[n] = sum / static_cast<float>(channels);
    }
}

}  // namespace brisk
