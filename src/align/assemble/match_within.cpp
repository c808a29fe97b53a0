// SPDX-License-Identifier: GPL-3.0-or-later
// The stretch is cut out of what was kept of the file, and goes the plain way. Why its stamps are
// left out: they place the whole file, and would let the whole outvote the stretch that a person
// chose.
#include "align/assemble/match_within.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

/// From the excerpt's recording time to the whole recording's.
void shift(TetherEstimate& e, Seconds by) {
    e.line.offset = e.line.offset + by;
    for (auto& s : e.segments) s.line.offset = s.line.offset + by;
    for (auto& r : e.rivals) r.offset = r.offset + by;
}

}  // namespace

SoundScan excerptOf(const SoundScan& scan, TimeRange stretch) {
    const TimeRange inside = stretch.intersect({{0}, scan.length()});
    const auto frame = [&](Seconds t) {
        return std::clamp<std::int64_t>(std::llround(t.value * kBandFramesPerSecond), 0,
                                        static_cast<std::int64_t>(scan.bands.size()));
    };
    const std::int64_t first = frame(inside.start);
    const std::int64_t last = std::max(first, frame(inside.end));
    const Seconds start{static_cast<double>(first) / kBandFramesPerSecond};
    const Seconds end{static_cast<double>(last) / kBandFramesPerSecond};
    SoundScan part;
    part.info = scan.info;
    part.info.stamps = {};
    part.rate = scan.rate;
    part.channel = scan.channel;
    part.level = scan.level;
    part.seekIndex = scan.seekIndex;
    part.from = scan.from + scan.rate.samples(start);
    part.samples = std::min(scan.rate.samples(end), scan.samples) - scan.rate.samples(start);
    // Whole samples: the start as it really is.
    const Seconds by = scan.rate.seconds(part.from - scan.from);
    if (!part.info.sounds.empty()) {
        auto& sound = part.info.sounds.front();
        sound.firstSample = sound.firstSample + by;
    }
    part.bands.assign(scan.bands.begin() + first, scan.bands.begin() + last);
    for (Spike s : scan.spikes) {
        s.time = s.time - by;
        if (s.time >= Seconds{0} && s.time < part.length()) part.spikes.push_back(s);
    }
    return part;
}

Result<TetherEstimate> matchWithin(const SoundScan& take, const SoundScan& recording,
                                   const SearchWithin& within, const MatchOptions& options,
                                   const JobControl& job) {
    const Seconds scratchStart = take.onTake().start;
    std::optional<SoundScan> takePart, recordingPart;
    if (within.take) {
        takePart =
            excerptOf(take, {within.take->start - scratchStart, within.take->end - scratchStart});
    }
    if (within.recording) recordingPart = excerptOf(recording, *within.recording);
    const SoundScan& a = takePart ? *takePart : take;
    const SoundScan& r = recordingPart ? *recordingPart : recording;
    auto e = matchPair(a, r, options, job);
    if (e && recordingPart) shift(*e, r.rate.seconds(r.from - recording.from));
    return e;
}

}  // namespace brisk
