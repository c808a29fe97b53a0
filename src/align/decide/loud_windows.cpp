// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/loud_windows.h"

#include <algorithm>
#include <cmath>

#include "core/statistics.h"
#include "features/band_power.h"

namespace brisk {
namespace {

constexpr double kAroundMiddle = 0.7;  // seconds, each way
constexpr double kAsLoudDb = 3;        // so much quieter is as loud still
constexpr double kNothingDb = -200;

/// Mean level of all bands together around a moment, dB.
double levelAt(const BandLevels& levels, Seconds middle) {
    const auto count = static_cast<std::int64_t>(levels.size());
    const auto frame = [&](double t) {
        return std::clamp<std::int64_t>(std::llround(t * kBandFramesPerSecond), 0, count);
    };
    const std::int64_t from = frame(middle.value - kAroundMiddle);
    const std::int64_t to = frame(middle.value + kAroundMiddle);
    double sum = 0;
    for (std::int64_t n = from; n < to; ++n) sum += powerOf(levels[static_cast<std::size_t>(n)]);
    return sum > 0 ? 10 * std::log10(sum / static_cast<double>(to - from)) : kNothingDb;
}

struct Loudness {
    bool agrees = false;
    double take = 0, recording = 0;  // dB
};

}  // namespace

int windowsAgainst(const SoundScan& take, const SoundScan& recording,
                   const std::vector<MatchedRange>& parts) {
    std::vector<Loudness> windows;
    std::vector<double> ofTake, ofRecording;
    for (const MatchedRange& p : parts) {
        for (const SlipWindow& w : p.match.windows) {
            if (w.underWay) continue;
            const Loudness l{w.agrees, levelAt(take.bands, w.scratchTime),
                             levelAt(recording.bands, p.match.line.toRecording(w.scratchTime))};
            windows.push_back(l);
            if (!l.agrees) continue;
            ofTake.push_back(l.take);
            ofRecording.push_back(l.recording);
        }
    }
    if (ofTake.empty()) return 0;
    const double usualTake = median(std::move(ofTake));
    const double usualRecording = median(std::move(ofRecording));
    return static_cast<int>(std::count_if(windows.begin(), windows.end(), [&](const Loudness& l) {
        return !l.agrees && l.take >= usualTake - kAsLoudDb &&
               l.recording >= usualRecording - kAsLoudDb;
    }));
}

}  // namespace brisk
