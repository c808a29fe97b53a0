// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/shared_recordings.h"

#include <algorithm>

namespace brisk::bench {
namespace {

bool mayShare(const PairSpec& s) {
    return s.elsewhere == Elsewhere::No && s.claps.empty() && s.metres.empty() &&
           std::all_of(s.losses.begin(), s.losses.end(),
                       [](const sim::Loss& l) { return l.inTake; });
}

/// Whether `s` has a place in another's recording; then it is there.
bool moveTo(const PairSpec& recorder, PairSpec& s) {
    const double room = recorder.recordingSeconds - s.takeSeconds;
    const double hadRoom = s.recordingSeconds - s.takeSeconds;
    const bool beginsBefore = s.takeStart < 0;
    const bool endsAfter = s.takeStart > hadRoom;
    double start = s.takeStart;
    if (endsAfter) {
        start += recorder.recordingSeconds - s.recordingSeconds;
    } else if (!beginsBefore) {
        if (room < 0 || hadRoom <= 0) return false;
        start *= room / hadRoom;
    }
    // One that sticks out at one end must not do so at the other.
    if ((endsAfter && start < 0) || (beginsBefore && start > room)) return false;
    for (sim::Loss& l : s.losses) l.at += start - s.takeStart;
    s.takeStart = start;
    return true;
}

void recordedAs(const PairSpec& recorder, PairSpec& s) {
    s.recorderSeed = recorder.recorderSeed;
    s.source = recorder.source;
    s.recordingSeconds = recorder.recordingSeconds;
    s.recorderDistance = recorder.recorderDistance;
    s.ppm = recorder.ppm;
    s.warmth = recorder.warmth;
    s.upsideDown = recorder.upsideDown;
    s.repair = recorder.repair;
    s.underCloth = recorder.underCloth;
    s.recordingRate = recorder.recordingRate;
    s.recordingCodec = recorder.recordingCodec;
    s.loopSeconds = recorder.loopSeconds;
}

}  // namespace

std::vector<std::vector<PairSpec>> rowsOfOneRecording(const std::vector<PairSpec>& pairs,
                                                      std::size_t takesEach) {
    std::vector<std::vector<PairSpec>> rows;
    for (PairSpec s : pairs) {
        s.recorderSeed = s.seed;
        const auto row = std::find_if(rows.rbegin(), rows.rend(), [&](const auto& r) {
            return r.size() < takesEach && mayShare(r.front());
        });
        if (row != rows.rend() && mayShare(s) && moveTo(row->front(), s)) {
            recordedAs(row->front(), s);
            row->push_back(s);
        } else {
            rows.push_back({s});
        }
    }
    return rows;
}

}  // namespace brisk::bench
