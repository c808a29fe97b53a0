// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the engine says where the two lie to each other, as for any two sounds. Whether they
// are one sound is told by what no second microphone can have: the same clock to a part of a sample
// over the whole length, and the same waveform, not only the same events.
#include "align/assemble/copy_fit.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "align/assemble/match.h"
#include "align/assemble/recorder_files.h"
#include "align/measure/window_reader.h"
#include "core/statistics.h"
#include "dsp/plain_lag.h"

namespace brisk {
namespace {

constexpr int kWindow = 1 << 16;
constexpr int kPlaces = 24;
constexpr int kOutBy = 96;           // samples at 48 kHz that the engine's answer may be out
constexpr double kLikeEnough = 0.6;  // two microphones, however near, stay below
constexpr double kSameClock = 1e-4;  // seconds between head and end
constexpr double kWhole = 0.1;       // of a sample: cut and padded files are out by whole ones

struct Look {
    double time = 0;  // of the copy
    double slip = 0;
    double likeness = 0;
    double energy = 0;
};

double energyOf(const std::vector<float>& v) {
    return std::inner_product(v.begin(), v.end(), v.begin(), 0.0);
}

Result<std::vector<Look>> looks(const SoundScan& copy, const SoundScan& old, ClockLine line,
                                int polarity, const JobControl& job) {
    auto reader = WindowReader::open(copy, old);
    if (!reader) return tl::unexpected(reader.error());
    const TimeRange both = reader->overlap(line);
    const Seconds window{static_cast<double>(kWindow) / WindowReader::kRate};
    std::vector<Look> out;
    for (int i = 0; i < kPlaces; ++i) {
        if (job.stopRequested()) return cancelled();
        const double share = (i + 0.5) / kPlaces;
        const Seconds at = both.start + (both.length() - window) * share;
        if (at < both.start) break;
        auto w = reader->read(line, line.toRecording(at), kWindow);
        if (!w) return tl::unexpected(w.error());
        if (polarity < 0) {
            for (float& v : w->scratch) v = -v;
        }
        const PlainLag lag = measureLag(w->clean, w->scratch, kOutBy);
        out.push_back({w->middle.value, lag.samples / WindowReader::kRate + w->lagCorrection.value,
                       lag.correlation, energyOf(w->clean)});
        job.report(share);
    }
    // Pauses tell nothing: in a repaired copy they are what was repaired.
    std::sort(out.begin(), out.end(),
              [](const Look& a, const Look& b) { return a.energy > b.energy; });
    out.resize((out.size() + 1) / 2);
    return out;
}

template <class Of>
double medianOf(const std::vector<Look>& all, Of of) {
    std::vector<double> v;
    for (const Look& l : all) v.push_back(of(l));
    return median(std::move(v));
}

}  // namespace

ClockLine onCopy(ClockLine toOld, ClockLine copyToOld) {
    const double factor = toOld.drift.factor() / copyToOld.drift.factor();
    return {copyToOld.toTake(toOld.offset),
            copyToOld.drift.value == 0 ? toOld.drift : Ppm{(factor - 1) * 1e6}};
}

Result<CopyFit> fitCopy(const SoundScan& copy, const SoundScan& old, const JobControl& job) {
    const auto refused = [&](const char* id, const Facts& why) {
        return Fact{id, {{"copy", fileNameOf(copy)}, {"recording", fileNameOf(old)}, {"why", why}}};
    };
    CopyFit fit;
    // Matched like a take, but by its sound alone: time stamps may be another program's.
    SoundScan asTake = copy;
    asTake.info.video.reset();
    asTake.info.stamps = {};
    auto found = matchPair(asTake, old, {}, job.part(0, 0.7));
    if (!found) return tl::unexpected(found.error());
    fit.line = found->line;
    fit.polarity = found->polarity;
    if (found->status != MatchStatus::Matched) {
        fit.refusal = refused("not-the-same-sound", found->reason);
        return fit;
    }
    if (!found->oneLineHolds()) {
        fit.refusal = refused("copy-was-cut", found->reason);
        return fit;
    }
    const double apart = std::fabs(found->line.drift.value) * 1e-6 * found->overlap.length().value;
    if (apart > kSameClock) {
        fit.refusal = refused("not-the-same-sound",
                              {{"another-clock", {{"drift_ppm", found->line.drift.value}}}});
        return fit;
    }
    // On the old file's own clock then; drift that small is what measuring costs.
    const Seconds middle = (found->overlap.start + found->overlap.end) / 2;
    fit.line = {found->line.toRecording(middle) - middle, {0}};
    auto seen = looks(asTake, old, fit.line, fit.polarity, job.part(0.7, 1));
    if (!seen) return tl::unexpected(seen.error());
    fit.likeness = medianOf(*seen, [](const Look& l) { return l.likeness; });
    if (fit.likeness < kLikeEnough) {
        fit.refusal = refused("not-the-same-sound", {{"another-microphone"}});
        return fit;
    }
    fit.line.offset =
        fit.line.offset - Seconds{medianOf(*seen, [](const Look& l) { return l.slip; })};
    const double samples = fit.line.offset.value * old.rate.hertz;
    if (std::fabs(samples - std::round(samples)) < kWhole) {
        fit.line.offset = {std::round(samples) / old.rate.hertz};
    }
    return fit;
}

}  // namespace brisk
