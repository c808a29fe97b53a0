// SPDX-License-Identifier: GPL-3.0-or-later
// A recorder writes a second track at a lower level in case the first clips; a plug-in microphone
// fills one side only; a balanced cable wired wrongly makes one side the other upside down. In all
// these cases the mean is worse than the best channel; in all others it is the better choice, since
// two people may wear a microphone each. A channel that carries timecode is none to match by.
#include "features/channel_choice.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "features/timecode_in_sound.h"

namespace brisk {
namespace {

constexpr int kSpots = 16;
constexpr double kSpotSeconds = 1.5;
constexpr double kTellsTimecode = 0.5;  // seconds of a spot
constexpr double kDead = 1e-4;          // of the loudest channel's power
constexpr float kFull = 0.9995f;
constexpr double kClippedShare = 1e-5;
constexpr double kCancels = -0.3;  // correlation from which the mean loses more than it gains

struct Heard {
    std::vector<double> power;
    std::vector<double> clipped;
    std::vector<std::vector<double>> cross;
    double frames = 0;
    std::vector<bool> timecode = {};  // it carries that, and nothing to match by
};

void add(Heard& h, std::span<const float> block, std::size_t channels) {
    const std::size_t frames = block.size() / channels;
    h.frames += static_cast<double>(frames);
    for (std::size_t n = 0; n < frames; ++n) {
        const auto frame = block.subspan(n * channels, channels);
        for (std::size_t a = 0; a < channels; ++a) {
            h.power[a] += static_cast<double>(frame[a]) * frame[a];
            if (std::fabs(frame[a]) >= kFull) ++h.clipped[a];
            for (std::size_t b = 0; b < a; ++b) {
                h.cross[a][b] += static_cast<double>(frame[a]) * frame[b];
            }
        }
    }
}

int choose(const Heard& h) {
    const std::size_t channels = h.power.size();
    double loudest = 0;
    for (std::size_t c = 0; c < channels; ++c) {
        if (!h.timecode[c]) loudest = std::max(loudest, h.power[c]);
    }
    if (loudest <= 0) return -1;
    std::vector<std::size_t> live, clean;
    for (std::size_t c = 0; c < channels; ++c) {
        if (h.power[c] < kDead * loudest || h.timecode[c]) continue;
        live.push_back(c);
        if (h.clipped[c] < kClippedShare * h.frames) clean.push_back(c);
    }
    const auto louder = [&](std::size_t a, std::size_t b) { return h.power[a] < h.power[b]; };
    const auto best = [&](const std::vector<std::size_t>& of) {
        return static_cast<int>(*std::max_element(of.begin(), of.end(), louder));
    };
    if (live.empty()) return -1;
    const bool timecode = std::find(h.timecode.begin(), h.timecode.end(), true) != h.timecode.end();
    if (timecode) return best(clean.empty() ? live : clean);
    if (live.size() == 1) return static_cast<int>(live.front());
    if (!clean.empty() && clean.size() < live.size()) return best(clean);
    for (const std::size_t a : live) {
        for (const std::size_t b : live) {
            if (b < a && h.cross[a][b] < kCancels * std::sqrt(h.power[a] * h.power[b])) {
                return best(live);
            }
        }
    }
    return -1;
}

}  // namespace

Result<int> chooseChannel(SoundReader& reader, Seconds duration) {
    const auto channels = static_cast<std::size_t>(reader.channels());
    if (channels < 2) return -1;
    Heard h{std::vector<double>(channels), std::vector<double>(channels),
            std::vector<std::vector<double>>(channels, std::vector<double>(channels)), 0,
            std::vector<bool>(channels)};
    const double rate = reader.rate().hertz;
    std::vector<float> block(static_cast<std::size_t>(kSpotSeconds * rate) * channels);
    for (int i = 0; i < kSpots; ++i) {
        const double at = duration.value * (i + 0.5) / kSpots;
        if (auto gone = reader.seekNear(static_cast<std::int64_t>(at * rate)); !gone) {
            return tl::unexpected(gone.error());
        }
        auto got = reader.read(block);
        if (!got) return tl::unexpected(got.error());
        const auto heard = std::span<const float>(block).first(*got * channels);
        add(h, heard, channels);
        const std::size_t some = std::min(*got, static_cast<std::size_t>(kTellsTimecode * rate));
        const auto timecode = timecodeChannels(heard.first(some * channels), channels);
        for (std::size_t c = 0; c < channels; ++c) h.timecode[c] = h.timecode[c] || timecode[c];
    }
    return choose(h);
}

}  // namespace brisk
