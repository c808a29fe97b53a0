// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/take_plan.h"

#include <algorithm>
#include <cmath>

#include "core/time_ranges.h"

namespace brisk {
namespace {

constexpr double kMaybeAClap = 8;  // dB, where a person put a mark
constexpr Seconds kNearMark{0.03};
constexpr Seconds kBefore{0.006};
constexpr Seconds kDiesAway{0.14};
constexpr Seconds kNoCut{0.001};

/// The claps of one recording, on its own time.
std::vector<Seconds> clapsOn(const SoundScan& scan, const std::vector<Mark>& marks) {
    std::vector<Seconds> out;
    for (const Spike& s : scan.spikes) {
        const bool marked = std::any_of(marks.begin(), marks.end(), [&](const Mark& m) {
            return std::fabs((m.time - s.time).value) < kNearMark.value;
        });
        if (s.strengthDb >= (marked ? kMaybeAClap : kWorthShowingDb)) out.push_back(s.time);
    }
    return out;
}

}  // namespace

std::vector<TimeRange> clapsIn(const ShootState& state, const CleanPieces& heard,
                               const ScanOf& scanOf) {
    std::vector<TimeRange> out;
    for (const CleanPiece& p : heard) {
        std::vector<Mark> marks;
        for (const MediaItem& m : state.media) {
            if (m.role == MediaKind::Recording && scanOf(m.id) == p.recording) {
                marks = state.marksOf(m.id);
            }
        }
        const TimeRange range = p.range();
        for (const Seconds at : clapsOn(*p.recording, marks)) {
            const Seconds t = p.line.toTake(at);
            if (t < range.start || t >= range.end) continue;
            out.push_back({t - kBefore, t + kDiesAway});
        }
    }
    std::sort(out.begin(), out.end(),
              [](const TimeRange& a, const TimeRange& b) { return a.start < b.start; });
    // Claps that follow each other closely are one silence.
    std::vector<TimeRange> merged;
    for (const TimeRange& r : out) {
        if (!merged.empty() && r.start <= merged.back().end) {
            merged.back().end = std::max(merged.back().end, r.end);
        } else {
            merged.push_back(r);
        }
    }
    return merged;
}

std::optional<TakeSoundPlan> takeSoundPlan(const ShootState& state, int take,
                                           const ScanOf& scanOf) {
    TakeSoundPlan plan;
    plan.take = scanOf(take);
    if (!plan.take) return std::nullopt;
    plan.clean = takePieces(state, take, PieceLines::Heard, scanOf);
    if (plan.clean.empty()) return std::nullopt;
    plan.beside = besidePieces(state, take, PieceLines::Heard, scanOf);
    plan.choice = state.soundOf(take);
    if (plan.take->silent()) {
        // There is no camera's sound to keep, or to fill anything with.
        plan.choice.camera = CameraSound::LeftOut;
        if (plan.choice.uncovered == Uncovered::Camera) plan.choice.uncovered = Uncovered::Silence;
    }
    plan.level.ceilingDbtp = plan.choice.ceilingDbtp;
    plan.level.gainDb = plan.choice.gainDb;
    if (plan.choice.toLoudness) {
        plan.level.gainDb =
            plan.choice.targetLufs - plan.clean.front().recording->level.integratedLufs;
        plan.level.limit = true;
    }
    const TakeEdit* edit = state.editOf(take);
    if (edit) plan.kept = edit->kept;
    if (plan.choice.uncovered == Uncovered::Trimmed) {
        TimeRanges covered;
        for (const CleanPiece& p : plan.clean) covered.push_back(p.range());
        TimeRanges within = keptWithin(plan.stretches(), covered);
        plan.nothingCovered = within.empty();
        if (!within.empty()) plan.kept = std::move(within);
    }
    // A picture and its sound cannot be made of less. Where nothing else is kept it is told.
    if (auto pieces = longEnough(plan.kept, shortestPiece(*plan.take)); !pieces.empty()) {
        plan.kept = std::move(pieces);
    }
    // All of it is no cut.
    const auto all = TakeSoundPlan{plan.take, plan.clean}.stretches().front();
    if (plan.kept.size() == 1 && plan.kept[0].start - all.start < kNoCut &&
        all.end - plan.kept[0].end < kNoCut) {
        plan.kept.clear();
    }
    if (plan.choice.quietClaps) {
        plan.claps = clapsIn(state, plan.clean, scanOf);
        // The camera hears them later, by the sound's way to it.
        for (TimeRange& c : plan.claps) c.end = c.end + state.tetherOf(take)->soundDelay;
    }
    if (edit) {
        for (const QuietStretch& q : edit->quiet) {
            if (q.db < 0) {
                plan.quiet.push_back(q);
                continue;
            }
            // An exception: claps in it are heard.
            std::erase_if(plan.claps, [&](const TimeRange& c) {
                return c.start < q.range.end && q.range.start < c.end;
            });
        }
    }
    return plan;
}

}  // namespace brisk
