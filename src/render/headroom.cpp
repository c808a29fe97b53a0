// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/headroom.h"

#include <algorithm>
#include <cmath>

#include "core/decibels.h"
#include "render/routing.h"
#include "render/take_sound.h"

namespace brisk {
namespace {

/// What lies between samples, and what a resampler's filter adds, of sounds that are not made to
/// break it.
constexpr double kBetweenSamplesDb = 3;

/// The largest factor by which a recording's channels come together in one ear.
double mixFactor(const SoundScan& scan, const HeardChannels& heard) {
    double most = 0;
    for (const auto& row : routingOf(scan, heard)) {
        double sum = 0;
        for (const float weight : row) sum += std::fabs(weight);
        most = std::max(most, sum);
    }
    return most;
}

}  // namespace

std::optional<OverFull> overFullNamed(std::string_view name) {
    for (const auto& [how, word] : kOverFullNames) {
        if (word == name) return how;
    }
    return std::nullopt;
}

bool surelyFits(const TakeSoundPlan& plan) {
    if (plan.level.limit) return true;
    double peak = 0;
    for (const CleanPiece& p : plan.clean) {
        peak = std::max(
            peak, p.recording->level.samplePeak * mixFactor(*p.recording, plan.choice.heard()));
    }
    const SoundChoice& c = plan.choice;
    const double camera =
        plan.take->level.samplePeak * loudnessGain(*plan.take, *plan.clean.front().recording);
    if (c.camera == CameraSound::Blended) peak += ratioOfDb(c.blendDb) * camera;
    if (c.uncovered == Uncovered::Camera) peak = std::max(peak, camera);
    return peak * ratioOfDb(plan.level.gainDb + kBetweenSamplesDb) < 1;
}

bool needsMeasuring(const TakeSoundPlan& plan, Coding coding) {
    if (plan.choice.toLoudness) return !plan.level.measured();
    return coding != Coding::Float && !plan.level.peakKnown && !surelyFits(plan);
}

double overBy(const LevelPlan& level, Coding coding) {
    if (coding == Coding::Float || !level.peakKnown || level.limit) return 0;
    return std::max(0.0, coding == Coding::Lossy ? level.truePeakDbtp : level.samplePeakDb);
}

LevelPlan fittedInto(LevelPlan level, Coding coding, OverFull how) {
    if (overBy(level, coding) <= 0 || how == OverFull::Clip) return level;
    if (how == OverFull::Limit) {
        level.limit = true;
        level.truePeakDbtp = level.ceilingDbtp;
        return level;
    }
    const double by = level.truePeakDbtp - level.ceilingDbtp;
    level.gainDb -= by;
    level.truePeakDbtp -= by;
    level.samplePeakDb -= by;
    level.lufs -= by;
    return level;
}

Facts headroomFacts(const TakeSoundPlan& plan, Coding coding, OverFull how) {
    const LevelPlan& level = plan.level;
    if (!level.peakKnown) {
        if (coding == Coding::Float || surelyFits(plan)) return {};
        return {{how == OverFull::TurnDown ? "peaks-measured-then-turned-down"
                 : how == OverFull::Limit  ? "peaks-measured-then-limited"
                                           : "peaks-measured-then-cut"}};
    }
    if (coding == Coding::Float) {
        if (level.samplePeakDb <= 0) return {};
        return {{"peaks-kept", {{"over_db", level.samplePeakDb}}}};
    }
    const double over = overBy(level, coding);
    if (over <= 0) return {};
    switch (how) {
        case OverFull::TurnDown:
            return {{"turned-down",
                     {{"over_db", over},
                      {"by_db", level.gainDb - fittedInto(level, coding, how).gainDb}}}};
        case OverFull::Limit:
            return {{"peaks-limited", {{"over_db", over}, {"dbtp", level.ceilingDbtp}}}};
        case OverFull::Clip:
            break;
    }
    return {{"peaks-cut", {{"over_db", over}}}};
}

}  // namespace brisk
