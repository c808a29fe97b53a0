// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/take_pieces.h"

#include <algorithm>

#include "align/assemble/recorder_files.h"

namespace brisk {
namespace {
/// Recordings that cover each other by more are cut; by less they are one recorder's, whose places
/// are known to some samples.
constexpr Seconds kTouching{0.001};

/// Fades one into the other around a moment.
void cutInto(CleanPiece& before, CleanPiece& after, Seconds at) {
    before.until = at + kCutFade / 2;
    after.from = at - kCutFade / 2;
}

/// Puts what is heard of one recorder in order, and cuts where its files cover each other.
void layInOrder(CleanPieces& out) {
    std::stable_sort(out.begin(), out.end(), [](const CleanPiece& a, const CleanPiece& b) {
        return a.range().start < b.range().start;
    });
    for (std::size_t i = 0; i + 1 < out.size(); ++i) {
        CleanPiece& a = out[i];
        CleanPiece& b = out[i + 1];
        const TimeRange both = a.range().intersect(b.range());
        if (a.recording == b.recording || both.empty() || both.length() < kTouching) continue;
        cutInto(a, b, (both.start + both.end) / 2);
    }
}

void append(CleanPieces& all, const CleanPieces& more) {
    all.insert(all.end(), more.begin(), more.end());
}
}  // namespace

CleanPieces tetherPieces(const Tether& t, const std::shared_ptr<const SoundScan>& recording,
                         PieceLines lines) {
    const Seconds earlier = lines == PieceLines::Heard ? t.soundDelay : Seconds{0};
    const auto laid = [&](ClockLine found) {
        return movedAlong(found, t.found.line, t.line).from(earlier);
    };
    if (t.found.oneLineHolds()) return {{recording, laid(t.found.line), t.polarity}};
    CleanPieces out;
    for (const TetherSegment& s : t.found.segments) {
        CleanPiece p{recording, laid(s.line), t.polarity};
        if (!out.empty()) {
            // Where the recording jumps, on take time as the clean sound lies now. What was lost
            // leaves a gap; what is there twice is heard once.
            const TetherSegment& before = *(&s - 1);
            CleanPiece& left = out.back();
            left.until = left.line.toTake(before.line.toRecording(before.range.end));
            p.from = p.line.toTake(s.line.toRecording(s.range.start));
            if (*p.from - *left.until < kCutFade) cutInto(left, p, (*left.until + *p.from) / 2);
        }
        out.push_back(p);
    }
    return out;
}

CleanPieces takePieces(const ShootState& state, int take, PieceLines lines, const ScanOf& scanOf) {
    CleanPieces out;
    for (const Tether* t : state.tethersOf(take)) {
        if (t->beside || t->state() == TetherState::Loose) continue;
        if (const auto recording = scanOf(t->recording)) {
            append(out, tetherPieces(*t, recording, lines));
        }
    }
    layInOrder(out);
    return out;
}

std::vector<CleanPieces> besidePieces(const ShootState& state, int take, PieceLines lines,
                                      const ScanOf& scanOf) {
    std::vector<CleanPieces> out;
    for (const Tether* t : state.tethersOf(take)) {
        if (!t->beside || t->state() == TetherState::Loose) continue;
        const auto recording = scanOf(t->recording);
        if (!recording) continue;
        auto mine = std::find_if(out.begin(), out.end(), [&](const CleanPieces& p) {
            return sameRecorder(p.front().recording->info, recording->info);
        });
        if (mine == out.end()) mine = out.insert(out.end(), CleanPieces{});
        append(*mine, tetherPieces(*t, recording, lines));
    }
    for (CleanPieces& p : out) layInOrder(p);
    return out;
}

}  // namespace brisk
