// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/sound_quality.h"
#include "core/decibels.h"
#include "core/statistics.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk {
namespace {

constexpr double kSilence = -120;
constexpr int kMaxColumns = 400000;
constexpr double kColumn = 0.008;  // seconds
constexpr int kAfter = 12;         // columns: a tenth of a second
constexpr double kLoud = 25;       // dB above the noise: what falls from there falls far enough
constexpr std::size_t kMinCount = 50;
constexpr double kOneSided = 20;   // dB between the sides
constexpr double kTellsApart = 3;  // dB that make a difference worth naming

double decibels(double v) {
    return v > 1e-6 ? dbOfRatio(v) : kSilence;
}

/// Levels of stretches of 8 ms and more, in dB.
std::vector<double> levelsOf(const SoundScan& scan) {
    const double per =
        std::max(kColumn * scan.rate.hertz, static_cast<double>(scan.samples) / kMaxColumns);
    const auto count = static_cast<int>(static_cast<double>(scan.samples) / per);
    std::vector<double> levels;
    for (const PeakColumn& c : scan.peaks->columns(0, per, count)) {
        if (c.known) levels.push_back(decibels(c.rms));
    }
    return levels;
}

}  // namespace

SoundQuality qualityOf(const SoundScan& scan) {
    SoundQuality q;
    q.levelLufs = scan.level.integratedLufs;
    q.clipped = scan.level.clippedSamples;
    const auto& sides = scan.level.channelRmsDb;
    q.oneSided = sides.size() == 2 && std::fabs(sides[0] - sides[1]) > kOneSided;
    const auto levels = levelsOf(scan);
    q.noiseDb = levels.empty() ? kSilence : quantile(levels, 0.1);
    std::vector<double> falls;
    for (std::size_t i = 0; i + kAfter < levels.size(); ++i) {
        if (levels[i] > q.noiseDb + kLoud) falls.push_back(levels[i] - levels[i + kAfter]);
    }
    // Words end suddenly, rooms do not: how fast the fastest falls are is up to the echo.
    if (falls.size() > kMinCount) q.clarityDb = std::max(0.0, quantile(falls, 0.95));
    return q;
}

Facts betterSound(const SoundQuality& camera, const SoundQuality& clean) {
    // The noise counts against the level: a quiet recording is not a noisy one.
    const double noise = (camera.noiseDb - camera.levelLufs) - (clean.noiseDb - clean.levelLufs);
    const double clarity = clean.clarityDb - camera.clarityDb;
    // What one side has of the two, that it is better by; positive = the recording.
    const auto better = [&](int side) -> Fact {
        const bool quiet = side * noise >= kTellsApart, clear = side * clarity >= kTellsApart;
        const FactArg less{"noise_db", std::fabs(noise)}, dry{"echo_db", std::fabs(clarity)};
        if (quiet && clear) return {"less-noise-and-echo", {less, dry}};
        if (quiet) return {"less-noise", {less}};
        if (clear) return {"less-echo", {dry}};
        return {};
    };
    Facts said;
    if (const Fact f = better(1); !f.empty()) said.push_back({"recording-has", {{"what", f}}});
    if (const Fact f = better(-1); !f.empty()) {
        said.push_back({said.empty() ? "camera-has" : "but-camera-has", {{"what", f}}});
    }
    if (said.empty()) said.push_back({"sounds-alike"});
    if (clean.clipped > 0) said.push_back({"recording-clipped", {{"samples", clean.clipped}}});
    if (camera.clipped > 0 && clean.clipped == 0) said.push_back({"camera-clipped"});
    if (clean.oneSided) said.push_back({"recording-one-sided"});
    return said;
}

}  // namespace brisk
