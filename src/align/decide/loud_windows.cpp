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
constexpr double kQuietest = 0.1;      // of the windows that agree
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
    Seconds at;  // scratch time
    bool agrees = false;
    double take = 0, recording = 0;  // dB
};

std::vector<Loudness> loudnessOf(const SoundScan& take, const SoundScan& recording,
                                 const std::vector<MatchedRange>& parts) {
    std::vector<Loudness> out;
    for (const MatchedRange& p : parts) {
        for (const SlipWindow& w : p.match.windows) {
            if (w.underWay) continue;
            out.push_back({w.scratchTime, w.agrees, levelAt(take.bands, w.scratchTime),
                           levelAt(recording.bands, p.match.line.toRecording(w.scratchTime))});
        }
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const Loudness& a, const Loudness& b) { return a.at < b.at; });
    return out;
}

/// Levels of both sides that windows must have to speak against a place.
struct Least {
    double take = 0, recording = 0;  // dB

    [[nodiscard]] bool reached(const Loudness& l) const {
        return l.take >= take && l.recording >= recording;
    }
};

/// Levels that a part of those that agree do not reach.
Least levelsOfAgreeing(const std::vector<Loudness>& windows, double share) {
    std::vector<double> take, recording;
    for (const Loudness& l : windows) {
        if (!l.agrees) continue;
        take.push_back(l.take);
        recording.push_back(l.recording);
    }
    return {quantile(std::move(take), share), quantile(std::move(recording), share)};
}

}  // namespace

Disagreement disagreementOf(const SoundScan& take, const SoundScan& recording,
                            const std::vector<MatchedRange>& parts) {
    const auto windows = loudnessOf(take, recording, parts);
    const auto agrees = [](const Loudness& l) { return l.agrees; };
    const auto first = std::find_if(windows.begin(), windows.end(), agrees);
    if (first == windows.end()) return {};
    const auto afterLast = std::find_if(windows.rbegin(), windows.rend(), agrees).base();
    Least usual = levelsOfAgreeing(windows, 0.5);
    usual.take -= kAsLoudDb;
    usual.recording -= kAsLoudDb;
    const Least nearlyAll = levelsOfAgreeing(windows, kQuietest);
    const auto count = [](auto from, auto to, const Least& least) {
        return static_cast<int>(std::count_if(
            from, to, [&](const Loudness& l) { return !l.agrees && least.reached(l); }));
    };
    return {count(windows.begin(), windows.end(), usual),
            std::max(count(windows.begin(), first, nearlyAll),
                     count(afterLast, windows.end(), nearlyAll))};
}

}  // namespace brisk
