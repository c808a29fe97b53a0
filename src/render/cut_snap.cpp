// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the recording's level over time, 125 times a second, is known from reading it. A pause
// is what lies near the quietest that is around; an onset is where it rises out of what was before.
#include "render/cut_snap.h"
#include "core/decibels.h"
#include "core/statistics.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {

constexpr Seconds kReach{0.33};
constexpr Seconds kAround{5};      // where the quietest is looked for
constexpr double kPauseDb = 6;     // above the quietest tenth
constexpr Seconds kMinPause{0.1};  // shorter ones are inside of words
constexpr double kRiseDb = 9;
constexpr int kRiseFrames = 3;
constexpr Seconds kBefore{0.01};

/// Level of one frame, dB.
double levelOf(const BandFrame& f) {
    double power = 0;
    for (const std::uint8_t halfDb : f) power += std::pow(10.0, halfDb / 20.0);
    return dbOfPower(power);
}

/// Levels of a piece's recording around a moment, on frames of take time.
struct Levels {
    std::vector<double> db;
    std::int64_t first = 0;  // frame of the recording
    double quietest = 0;     // of a tenth of it
    [[nodiscard]] bool inPause(std::int64_t frame) const {
        const auto n = static_cast<std::size_t>(frame - first);
        return n < db.size() && db[n] < quietest + kPauseDb;
    }
};

/// The centre of a frame, on the recording's time.
Seconds timeOf(std::int64_t frame) {
    return {static_cast<double>(frame) / kBandFramesPerSecond + 0.0107};
}

std::int64_t frameAt(Seconds t) {
    return std::llround((t.value - 0.0107) * kBandFramesPerSecond);
}

Levels levelsAround(const BandLevels& bands, Seconds at) {
    const auto count = static_cast<std::int64_t>(bands.size());
    Levels l;
    l.first = std::clamp<std::int64_t>(frameAt(at - kAround), 0, count);
    const std::int64_t end = std::clamp<std::int64_t>(frameAt(at + kAround) + 1, 0, count);
    for (std::int64_t n = l.first; n < end; ++n) {
        l.db.push_back(levelOf(bands[static_cast<std::size_t>(n)]));
    }
    if (l.db.empty()) return l;
    l.quietest = quantile(l.db, 0.1);
    return l;
}

}  // namespace

SnappedCut snapCut(const CleanPieces& heard, Seconds at) {
    const auto piece = std::find_if(heard.begin(), heard.end(), [&](const CleanPiece& p) {
        const TimeRange r = p.range();
        return r.start <= at && at < r.end;
    });
    if (piece == heard.end()) return {at};
    const Seconds there = piece->line.toRecording(at);
    const Levels l = levelsAround(piece->recording->bands, there);
    const auto onTake = [&](Seconds t) { return piece->line.toTake(t); };
    const auto frames = [](Seconds s) { return std::llround(s.value * kBandFramesPerSecond); };
    const std::int64_t here = frameAt(there), reach = frames(kReach);

    SnappedCut best{at};
    double nearest = kReach.value;
    const auto offer = [&](Seconds t, CutPlace where) {
        const double away = std::fabs((onTake(t) - at).value);
        if (away < nearest) {
            nearest = away;
            best = {onTake(t), where};
        }
    };
    // Runs of quiet frames that meet the reach.
    std::int64_t begins = -1;
    for (std::int64_t n = here - reach - frames(kAround) / 2; n <= here + reach + 1; ++n) {
        const bool quiet = n <= here + reach && l.inPause(n);
        if (quiet && begins < 0) begins = n;
        if (quiet || begins < 0) continue;
        const std::int64_t end = n;  // one past it
        if (end - begins >= frames(kMinPause)) {
            const bool inside = begins <= here && here < end;
            if (inside) return {at, CutPlace::InPause};
            // A little into the pause, from the side that the hand is on.
            const std::int64_t in = std::min<std::int64_t>(2, (end - begins) / 2);
            offer(timeOf(here < begins ? begins + in : end - 1 - in), CutPlace::InPause);
        }
        begins = -1;
    }
    for (std::int64_t n = here - reach; n <= here + reach; ++n) {
        const auto k = static_cast<std::size_t>(n - l.first);
        if (n - l.first < kRiseFrames || k >= l.db.size()) continue;
        const double before = *std::min_element(l.db.begin() + static_cast<long>(k) - kRiseFrames,
                                                l.db.begin() + static_cast<long>(k));
        const bool rises = l.db[k] - before >= kRiseDb && l.db[k - 1] - before < kRiseDb;
        // A frame sees what begins at its end.
        if (rises) offer(timeOf(n) - kBefore, CutPlace::BeforeOnset);
    }
    return best;
}

}  // namespace brisk
