// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/level_plan.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/decibels.h"
#include "dsp/programme_loudness.h"
#include "render/headroom.h"
#include "render/take_sound.h"

namespace brisk {
namespace {

constexpr SampleRate kRate{48000};
constexpr std::size_t kBlock = 9600;
constexpr double kNear = 0.05;  // LU from the target
constexpr int kMaxRounds = 6;
constexpr double kSilent = -69.9;  // LUFS

}  // namespace

Result<LevelPlan> measureLevel(const TakeSoundPlan& plan, const JobControl& job) {
    auto sound = TakeSound::open(plan, kRate);
    if (!sound) return tl::unexpected(sound.error());
    const auto channels = static_cast<std::size_t>(sound->channels());
    ProgrammeLoudness meter(kRate, sound->channels());
    std::vector<float> block(kBlock * channels);
    const double all = std::max(1e-9, plan.length().value);
    double done = 0;
    float peak = 0;
    for (const TimeRange& stretch : plan.stretches()) {
        std::int64_t at = kRate.samples(stretch.start);
        const std::int64_t end = kRate.samples(stretch.end);
        if (auto sought = sound->seek(at); !sought) return tl::unexpected(sought.error());
        while (at < end) {
            if (job.stopRequested()) return cancelled();
            const auto n = static_cast<std::size_t>(std::min<std::int64_t>(kBlock, end - at));
            const auto part = std::span(block).first(n * channels);
            if (auto read = sound->read(part); !read) return tl::unexpected(read.error());
            meter.push(part);
            for (const float v : part) peak = std::max(peak, std::fabs(v));
            at += static_cast<std::int64_t>(n);
            done += kRate.seconds(static_cast<std::int64_t>(n)).value;
            job.report(done / all);
        }
    }
    LevelPlan level = plan.level;
    level.lufs = meter.lufs();
    level.samplePeakDb = dbOfRatio(std::max(1e-6, static_cast<double>(peak)));
    level.truePeakDbtp = std::max(meter.truePeakDb(), level.samplePeakDb);
    level.peakKnown = true;
    return level;
}

Result<LevelPlan> resolveLevel(const TakeSoundPlan& plan, const JobControl& job) {
    const SoundChoice& choice = plan.choice;
    LevelPlan level;
    level.gainDb = choice.gainDb;
    level.ceilingDbtp = choice.ceilingDbtp;
    TakeSoundPlan trial = plan;
    if (!choice.toLoudness) {
        trial.level = level;
        return surelyFits(trial) ? Result<LevelPlan>(level) : measureLevel(trial, job);
    }
    trial.level = {};
    auto as = measureLevel(trial, job.part(0, 0.4));
    if (!as) return as;
    if (as->lufs < kSilent) return level;
    level.gainDb = choice.targetLufs - as->lufs;
    level.lufs = choice.targetLufs;
    level.truePeakDbtp = as->truePeakDbtp + level.gainDb;
    level.samplePeakDb = as->samplePeakDb + level.gainDb;
    level.peakKnown = true;
    level.limit = level.truePeakDbtp > choice.ceilingDbtp;
    // Turning peaks down takes loudness away; what is missing is added, the more the less it helps.
    double helps = 1;
    LevelPlan before;
    for (int round = 0; level.limit && round < kMaxRounds; ++round) {
        trial.level = level;
        const double from = 0.4 + 0.6 * round / kMaxRounds;
        auto now = measureLevel(trial, job.part(from, from + 0.6 / kMaxRounds));
        if (!now) return now;
        const double missing = choice.targetLufs - now->lufs;
        if (round > 0 && std::fabs(level.gainDb - before.gainDb) > 1e-6) {
            helps =
                std::clamp((now->lufs - before.lufs) / (level.gainDb - before.gainDb), 0.1, 1.0);
        }
        level.lufs = now->lufs;
        level.truePeakDbtp = now->truePeakDbtp;
        level.samplePeakDb = now->samplePeakDb;
        if (std::fabs(missing) < kNear || round + 1 == kMaxRounds) break;
        before = level;
        level.gainDb += missing / helps;
    }
    return level;
}

}  // namespace brisk
