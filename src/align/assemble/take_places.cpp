// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: one pair of files knows nothing of a third. Only together they tell that a recorder
// went on in its next file, and that the second of two sure answers is another microphone.
#include "align/assemble/take_places.h"

#include <algorithm>
#include <cmath>

#include "align/assemble/match_within.h"
#include "align/assemble/recorder_files.h"

namespace brisk {
namespace {

constexpr Seconds kTouching{0.002};    // measured ends nearer than that belong together
constexpr Seconds kWorthMeasuring{5};  // of a take, against what stamps say
constexpr Seconds kSearchBeyond{20};   // a recorder was stopped and started again
constexpr double kContradicted = 0.5;  // most that can be sure of two that exclude each other

/// One place with its file, and the stretch of the take it covers.
struct Laid {
    TakePlace place;
    const SoundScan* recording = nullptr;

    [[nodiscard]] ClockLine firstLine() const { return place.estimate.line; }
    [[nodiscard]] ClockLine lastLine() const {
        const auto& s = place.estimate.segments;
        return s.empty() ? place.estimate.line : s.back().line;
    }
    [[nodiscard]] TimeRange reach() const {
        return {firstLine().toTake({0}), lastLine().toTake(recording->length())};
    }
};

/// The files of one recorder that a take lies on.
class Microphone {
  public:
    Microphone(const SoundScan& take, const std::vector<const SoundScan*>& recordings,
               std::vector<Error>& unreadable, const JobControl& job)
        : take_(take), recordings_(recordings), unreadable_(unreadable), job_(job) {}

    void add(const RankedMatch& r) {
        laid_.push_back({{r.recording, r.estimate}, recordings_[r.recording]});
    }
    [[nodiscard]] const SoundScan& first() const { return *laid_.front().recording; }
    [[nodiscard]] bool covers(TimeRange range) const {
        return std::any_of(laid_.begin(), laid_.end(),
                           [&](const Laid& l) { return overlapTooMuch(l.reach(), range); });
    }
    /// True where a file covers what one of these does, and was made at another time.
    [[nodiscard]] bool contradicts(const Laid& other) const {
        return std::any_of(laid_.begin(), laid_.end(), [&](const Laid& l) {
            return overlapTooMuch(l.reach(), other.reach()) &&
                   neverTogether(*l.recording, *other.recording);
        });
    }
    void doubt(const SoundScan& other) {
        TetherEstimate& e = laid_.front().place.estimate;
        e.status = MatchStatus::Unsure;
        e.confidence = std::min(e.confidence, kContradicted);
        e.reason.insert(e.reason.begin(),
                        {"fits-two-recordings",
                         {{"other", fileNameOf(other)}, {"recording", fileNameOf(first())}}});
    }
    /// Looks for the files that go on where these end.
    Result<void> complete() {
        // Each file that is found may end inside the take, too.
        for (std::size_t i = 0; i < laid_.size(); ++i) {
            for (const bool after : {true, false}) {
                if (auto done = goOn(i, after); !done) return done;
            }
        }
        joinTouching();
        return {};
    }
    void giveTo(std::vector<TakePlace>& out, bool beside) {
        for (Laid& l : laid_) {
            l.place.beside = beside;
            out.push_back(std::move(l.place));
        }
    }

  private:
    [[nodiscard]] bool known(std::size_t recording) const {
        return std::any_of(laid_.begin(), laid_.end(),
                           [&](const Laid& l) { return l.place.recording == recording; });
    }

    /// The part of the take that lies beyond one end of a file, up to the next file that is known.
    [[nodiscard]] TimeRange beyond(const Laid& l, bool after) const {
        TimeRange rest = take_.onTake();
        after ? rest.start = std::max(rest.start, l.reach().end)
              : rest.end = std::min(rest.end, l.reach().start);
        for (const Laid& o : laid_) {
            if (o.recording == l.recording) continue;
            if (after && o.reach().end > rest.start) rest.end = std::min(rest.end, o.reach().start);
            if (!after && o.reach().start < rest.end) {
                rest.start = std::max(rest.start, o.reach().end);
            }
        }
        return rest;
    }

    Result<void> goOn(std::size_t i, bool after) {
        const TimeRange rest = beyond(laid_[i], after);
        if (rest.empty() || rest.length() < kWorthCovering) return {};
        const SoundScan& here = *laid_[i].recording;
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            const SoundScan& other = *recordings_[r];
            if (known(r) || !sameRecorder(here.info, other.info)) continue;
            if (after ? continuesExactly(here, other) : continuesExactly(other, here)) {
                // Two recorders that were started together stamp alike; sound knows better.
                auto wrong = liesElsewhere(i, r, rest, after);
                if (!wrong) {
                    if (isOthers(wrong.error())) continue;
                    return tl::unexpected(wrong.error());
                }
                if (*wrong) continue;
                laid_.push_back(continued(i, r, after));
                laid_.back().place.estimate.reason = {
                    {"goes-on-by-stamps", {{"recording", fileNameOf(here)}}}};
                return {};
            }
        }
        for (std::size_t r = 0; r < recordings_.size(); ++r) {
            const SoundScan& other = *recordings_[r];
            if (known(r) || !sameRecorder(here.info, other.info)) continue;
            const auto gap = after ? stampedGap(here, other) : stampedGap(other, here);
            if (gap && *gap > rest.length() + kSearchBeyond) continue;
            if (gap && *gap < -kSearchBeyond) continue;
            auto found = lookFor(i, r, rest, after);
            if (!found) {
                if (isOthers(found.error())) continue;
                return tl::unexpected(found.error());
            }
            if (*found) {
                laid_.push_back(std::move(**found));
                return {};
            }
        }
        return {};
    }

    /// A recording that cannot be read, noted: it says nothing, and hinders none of the others.
    bool isOthers(const Error& e) {
        if (e.code == ErrorCode::Cancelled || e.path == take_.info.path) return false;
        unreadable_.push_back(e);
        return true;
    }

    /// The place that a file has which touches another, from that one's line.
    [[nodiscard]] Laid continued(std::size_t i, std::size_t r, bool after) const {
        const Laid& from = laid_[i];
        ClockLine line = after ? from.lastLine() : from.firstLine();
        line.offset =
            after ? line.offset - from.recording->length() : line.offset + recordings_[r]->length();
        return onLine(from, r, line);
    }

    [[nodiscard]] Laid onLine(const Laid& from, std::size_t r, ClockLine line) const {
        Laid l{{r, {}}, recordings_[r]};
        TetherEstimate& e = l.place.estimate;
        e.line = line;
        e.overlap =
            take_.onTake().intersect({line.toTake({0}), line.toTake(recordings_[r]->length())});
        e.segments = {{e.overlap, line}};
        e.polarity = from.place.estimate.polarity;
        e.status = from.place.estimate.status;
        e.confidence = from.place.estimate.confidence;
        e.method = from.place.estimate.method;
        return l;
    }

    /// The gap that a place in another file leaves to one that is known.
    [[nodiscard]] Seconds gapTo(std::size_t i, const Laid& other, bool after) const {
        return after ? other.reach().start - laid_[i].reach().end
                     : laid_[i].reach().start - other.reach().end;
    }

    /// A stretch of the take, and what of a file may lie there.
    static SearchWithin around(const SoundScan& other, TimeRange rest, bool after) {
        const Seconds reach = rest.length() + kSearchBeyond;
        if (after) return {rest, TimeRange{{0}, std::min(other.length(), reach)}};
        return {rest, TimeRange{std::max(Seconds{0}, other.length() - reach), other.length()}};
    }

    /// True where a file that should touch by its stamps is surely heard elsewhere. What is too
    /// short or too quiet to tell says nothing against them.
    Result<bool> liesElsewhere(std::size_t i, std::size_t r, TimeRange rest, bool after) const {
        if (rest.length() < kWorthMeasuring) return false;
        const SoundScan& other = *recordings_[r];
        auto e = matchWithin(take_, other, around(other, rest, after), {}, job_.withReport({}));
        if (!e) return tl::unexpected(e.error());
        if (e->status != MatchStatus::Matched) return false;
        return std::fabs(gapTo(i, {{r, *e}, &other}, after).value) > kTouching.value;
    }

    /// Searches a file that may go on where another ends: a narrow search, that hears what is too
    /// short for the whole.
    Result<std::optional<Laid>> lookFor(std::size_t i, std::size_t r, TimeRange rest, bool after) {
        const SoundScan& other = *recordings_[r];
        auto e = matchWithin(take_, other, around(other, rest, after), {}, job_.withReport({}));
        if (!e) return tl::unexpected(e.error());
        if (e->status == MatchStatus::Unmatched || !e->oneLineHolds()) return std::nullopt;
        Laid found{{r, *e}, &other};
        const Seconds gap = gapTo(i, found, after);
        // By luck nothing lands on the very moment at which the other ends.
        const bool touches = std::fabs(gap.value) < kTouching.value;
        if (touches) {
            found.place.estimate.status = laid_[i].place.estimate.status;
            found.place.estimate.confidence = laid_[i].place.estimate.confidence;
            return found;
        }
        if (e->status != MatchStatus::Matched || gap < Seconds{0}) return std::nullopt;
        return found;
    }

    /// Lets files that touch share the line of the one that was measured over the longer stretch.
    void joinTouching() {
        std::stable_sort(laid_.begin() + 1, laid_.end(), [](const Laid& a, const Laid& b) {
            return a.reach().start < b.reach().start;
        });
        std::vector<Laid*> order;
        for (Laid& l : laid_) order.push_back(&l);
        std::sort(order.begin(), order.end(),
                  [](const Laid* a, const Laid* b) { return a->reach().start < b->reach().start; });
        for (std::size_t i = 0; i + 1 < order.size(); ++i) {
            Laid& a = *order[i];
            Laid& b = *order[i + 1];
            if (!sameRecorder(a.recording->info, b.recording->info)) continue;
            const Seconds gap = b.reach().start - a.reach().end;
            if (!continuesExactly(*a.recording, *b.recording) &&
                std::fabs(gap.value) > kTouching.value) {
                continue;
            }
            const bool forth =
                a.place.estimate.overlap.length() >= b.place.estimate.overlap.length();
            Laid& lead = forth ? a : b;
            Laid& follows = forth ? b : a;
            ClockLine line = forth ? a.lastLine() : b.firstLine();
            line.offset =
                forth ? line.offset - a.recording->length() : line.offset + a.recording->length();
            shareLine(follows, line, lead);
        }
    }

    void shareLine(Laid& l, ClockLine line, const Laid& lead) const {
        TetherEstimate& e = l.place.estimate;
        if (!e.oneLineHolds() || e.line == line) return;
        // A follower that was measured otherwise is no follower.
        const Seconds middle = (e.overlap.start + e.overlap.end) / 2;
        const Seconds off = e.line.toRecording(middle) - line.toRecording(middle);
        if (std::fabs(off.value) > kTouching.value) return;
        e.line = line;
        for (TetherSegment& s : e.segments) s.line = line;
        if (findFact(e.reason, "goes-on-by-stamps")) return;
        e.reason.push_back({"one-clock", {{"recording", fileNameOf(*lead.recording)}}});
    }

    const SoundScan& take_;
    const std::vector<const SoundScan*>& recordings_;
    std::vector<Error>& unreadable_;
    const JobControl& job_;
    std::vector<Laid> laid_;
};

}  // namespace

Result<std::vector<TakePlace>> takePlaces(const SoundScan& take,
                                          const std::vector<const SoundScan*>& recordings,
                                          const std::vector<RankedMatch>& ranked,
                                          std::vector<Error>& unreadable, const JobControl& job) {
    const RankedMatch& best = ranked.front();
    if (best.estimate.status != MatchStatus::Matched) {
        return std::vector<TakePlace>{{best.recording, best.estimate}};
    }
    std::vector<Microphone> microphones;
    bool contradicted = false;
    for (const RankedMatch& r : ranked) {
        if (r.estimate.status != MatchStatus::Matched) break;
        const SoundScan& recording = *recordings[r.recording];
        const Laid candidate{{r.recording, r.estimate}, &recording};
        const auto same =
            std::find_if(microphones.begin(), microphones.end(), [&](const Microphone& m) {
                return sameRecorder(m.first().info, recording.info) &&
                       (!m.covers(candidate.reach()) || m.contradicts(candidate));
            });
        if (same == microphones.end()) {
            microphones.emplace_back(take, recordings, unreadable, job).add(r);
        } else if (!same->contradicts(candidate)) {
            same->add(r);
        } else if (same == microphones.begin() && !contradicted) {
            contradicted = true;
            same->doubt(recording);
        }
    }
    std::vector<TakePlace> out;
    for (std::size_t i = 0; i < microphones.size(); ++i) {
        if (auto done = contradicted ? Result<void>() : microphones[i].complete(); !done) {
            return tl::unexpected(done.error());
        }
        microphones[i].giveTo(out, i > 0);
    }
    return out;
}

}  // namespace brisk
