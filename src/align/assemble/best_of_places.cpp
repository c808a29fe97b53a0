// SPDX-License-Identifier: GPL-3.0-or-later
// A probe of each place sorts them, the best are measured, and the judge compares.
#include "align/assemble/best_of_places.h"

#include <algorithm>
#include <cmath>

#include "align/assemble/what_happened.h"
#include "align/decide/judge.h"
#include "align/decide/loud_windows.h"
#include "align/decide/shared_by_balance.h"
#include "align/follow/estimate_from.h"
#include "align/follow/follow_clock.h"
#include "align/follow/heard_spots.h"
#include "align/follow/steady_way.h"
#include "align/follow/stretch_search.h"
#include "align/measure/window_curves.h"

namespace brisk {
namespace {

/// Where nothing is common, probes of chance stand at five to seven deviations, and two of those
/// are measured: far and drowned voices stand no higher. The rest would only cost time, unless one
/// of the two may be right: then every rival is wanted.
constexpr std::size_t kMeasuredAnyway = 2;
constexpr double kProbeStands = 8.0;
constexpr double kShareOfChance = 0.3;
/// Beyond what chance reaches, what one segment needs so that one foreign pair in twenty has it;
/// the more segments, the less.
constexpr double kMuchBeyond = 3.3;
/// What stands out so far, a segment, cannot be there twice without both being seen.
constexpr double kSeenTwice = 9.0;
constexpr double kHeardAlong = 0.5;   // share of the windows
constexpr double kClearlyMore = 1.5;  // evidence along a slope that no clock has
constexpr double kSameSeconds = 0.05;
constexpr double kStampedSeconds = 2.5;

bool samePlace(const FineMatch& a, const FineMatch& b) {
    return meetAt((a.overlap.start + a.overlap.end) / 2, a.line, b.line);
}

/// Whether no more windows agree along its line than do by chance.
bool isOfChance(const FineMatch& m) {
    return m.agreeing() < kShareOfChance * static_cast<double>(m.windows.size());
}

struct Tested {
    FineMatch match;
    double weight = 0;
};

/// One more place, unless there was too little to compare.
Result<void> add(std::vector<Tested>& tested, Result<FineMatch> fine) {
    if (fine) {
        const double weight = evidence(*fine);
        tested.push_back({std::move(*fine), weight});
    } else if (!tooLittleToCompare(fine.error())) {
        return tl::unexpected(fine.error());
    }
    return {};
}

void strongestFirst(std::vector<Tested>& tested) {
    std::stable_sort(tested.begin(), tested.end(),
                     [](const Tested& a, const Tested& b) { return a.weight > b.weight; });
}

Result<std::vector<Tested>> measureBest(WindowReader& reader,
                                        const std::vector<CoarsePlace>& places,
                                        const JobControl& job) {
    const TimeRange whole{{0}, reader.take().length()};
    std::vector<PlaceProbe> probes;
    for (std::size_t i = 0; i < places.size(); ++i) {
        auto probe = probePlace(reader, places[i], whole, job.withReport({}));
        job.report(0.5 * static_cast<double>(i + 1) / static_cast<double>(places.size()));
        if (probe) {
            probes.push_back(*probe);
        } else if (!tooLittleToCompare(probe.error())) {
            return tl::unexpected(probe.error());
        }
    }
    std::stable_sort(probes.begin(), probes.end(), [](const PlaceProbe& a, const PlaceProbe& b) {
        return a.strength > b.strength;
    });
    std::vector<Tested> tested;
    // Where nothing will be compared with it, a place is measured once and for all.
    const bool alone =
        !probes.empty() && probes.front().strength >= kProbeStands &&
        (probes.size() == 1 || probes[1].strength < kWorthFollowing * probes.front().strength);
    const int windows =
        alone ? spotsWanted(reader.overlap(probes.front().line).length()) : kMeasureWindows;
    const double each = 0.5 / static_cast<double>(std::max<std::size_t>(1, probes.size()));
    for (const auto& probe : probes) {
        const double from = 0.5 + each * static_cast<double>(tested.size());
        if (!tested.empty() && probe.strength < kWorthFollowing * probes.front().strength) break;
        const bool hopeless = std::all_of(tested.begin(), tested.end(),
                                          [](const Tested& t) { return isOfChance(t.match); });
        if (tested.size() >= kMeasuredAnyway && hopeless && probe.strength < kProbeStands) break;
        auto fine = measurePlace(reader, probe, whole, job.part(from, from + each), windows);
        if (auto added = add(tested, std::move(fine)); !added) return tl::unexpected(added.error());
    }
    strongestFirst(tested);
    return tested;
}

/// A take that is hardly heard names one of two equal places and misses the other, where the
/// recording itself shows both: those are measured, too.
Result<void> addRepeats(WindowReader& reader, std::vector<Tested>& tested, const JobControl& job) {
    const FineMatch& heard = tested.front().match;
    if (isOfChance(heard) || heard.coarse >= kSeenTwice * heard.segments) return {};
    const FineMatch best = heard;  // places are added below
    const TimeRange whole{{0}, reader.take().length()};
    const TimeRange there{best.line.toRecording(best.overlap.start),
                          best.line.toRecording(best.overlap.end)};
    auto repeats = repeatsOf(reader.recording().bands, there, job);
    if (!repeats) return tl::unexpected(repeats.error());
    for (const Seconds later : *repeats) {
        const CoarsePlace place{best.line.shifted(later), best.coarse, best.segments, true};
        const bool known = std::any_of(tested.begin(), tested.end(), [&](const Tested& t) {
            return meetAt((t.match.overlap.start + t.match.overlap.end) / 2, t.match.line,
                          place.line);
        });
        if (known) continue;
        auto probe = probePlace(reader, place, whole, job);
        auto added = add(tested, probe ? measurePlace(reader, *probe, whole, job)
                                       : Result<FineMatch>(tl::unexpected(probe.error())));
        if (!added) return added;
    }
    strongestFirst(tested);
    return {};
}

/// Places that the sound cannot tell apart are put in the order that the stamps give them.
/// \return whether that changed which comes first.
bool preferStamped(std::vector<Tested>& tested, const std::optional<StampPlace>& stamps,
                   Seconds scratchStart) {
    if (!stamps) return false;
    for (std::size_t i = 0; i < tested.size(); ++i) {
        const Seconds there = onTakeTime(tested[i].match.line, scratchStart).offset;
        if (tested[i].weight < kRivalTooNear * tested.front().weight ||
            std::fabs((there - stamps->line.offset).value) >= kStampedSeconds) {
            continue;
        }
        const auto at = tested.begin() + static_cast<std::ptrdiff_t>(i);
        std::rotate(tested.begin(), at, at + 1);
        return i != 0;
    }
    return false;
}

/// Whether neither the coarse search nor the windows see anything here.
bool isHopeless(const FineMatch& m) {
    return !coarseSaysMuch(m.coarse, m.segments) && isOfChance(m);
}

/// A place that much speaks for, and along whose line little is heard, is looked at in parts.
Result<void> anchor(WindowReader& reader, Tested& best, const JobControl& job) {
    const double n = static_cast<double>(best.match.windows.size());
    if (!coarseSaysMuch(best.match.coarse, best.match.segments) ||
        best.match.agreeing() >= kHeardAlong * n) {
        return {};
    }
    auto found = findAnchor(reader, best.match, job);
    if (!found) return tl::unexpected(found.error());
    if (*found) {
        best.match = std::move(**found);
        best.weight = evidence(best.match);
    }
    return {};
}

/// A camera that is carried away is heard along a slope that the search for clocks did not try.
Result<void> followACarriedCamera(WindowReader& reader, Tested& best, const JobControl& job) {
    if (isHopeless(best.match)) return {};
    auto found = findSteadyWay(reader, best.match, job);
    if (!found) return tl::unexpected(found.error());
    if (!*found) return {};
    const double weight = evidence(**found);
    if (weight < kClearlyMore * best.weight) return {};
    best = {std::move(**found), weight};
    return {};
}

/// Another place, and how near it comes to the best.
struct RivalPlace {
    Rival place;
    double strength = 0;
};

std::vector<RivalPlace> rivalsOf(const std::vector<Tested>& tested, Seconds scratchStart) {
    const Tested& best = tested.front();
    std::vector<RivalPlace> out;
    for (std::size_t i = 1; i < tested.size(); ++i) {
        const Tested& other = tested[i];
        if (samePlace(best.match, other.match)) continue;
        out.push_back({rivalAt(other.match.line, scratchStart, other.weight, best.weight),
                       rivalStrength(best.match, other.match)});
    }
    return out;
}

/// A place that belongs to another part of the same take is no rival. Those that are left count as
/// they do without a jump.
void dropOwnParts(std::vector<RivalPlace>& rivals, const std::vector<MatchedRange>& parts,
                  Seconds scratchStart) {
    if (parts.size() < 2) return;
    std::erase_if(rivals, [&](const RivalPlace& r) {
        return std::any_of(parts.begin(), parts.end(), [&](const auto& p) {
            const Seconds there = onTakeTime(p.match.line, scratchStart).offset;
            return std::fabs((there - r.place.offset).value) < kSameSeconds;
        });
    });
}

}  // namespace

bool meetAt(Seconds middle, ClockLine a, ClockLine b) {
    return std::fabs((a.toRecording(middle) - b.toRecording(middle)).value) < kSameSeconds;
}

bool coarseSaysMuch(double score, int segments) {
    const double n = std::max(1, segments);
    return score / n >= kChanceReaches + kMuchBeyond / std::sqrt(n);
}

Result<TetherEstimate> bestOfPlaces(WindowReader& reader, const std::vector<CoarsePlace>& places,
                                    const std::optional<StampPlace>& stamps,
                                    const JobControl& job) {
    auto tested = measureBest(reader, places, job.part(0, 0.85));
    if (!tested) return tl::unexpected(tested.error());
    if (tested->empty()) return refusal({"too-little-shared"});

    if (auto more = addRepeats(reader, *tested, job.withReport({})); !more) {
        return tl::unexpected(more.error());
    }
    const Seconds scratchStart = reader.take().info.soundStartInTake();
    const bool byStamps = preferStamped(*tested, stamps, scratchStart);
    if (auto anchored = anchor(reader, tested->front(), job.withReport({})); !anchored) {
        return tl::unexpected(anchored.error());
    }
    auto carried = followACarriedCamera(reader, tested->front(), job.withReport({}));
    if (!carried) return tl::unexpected(carried.error());
    auto rivals = rivalsOf(*tested, scratchStart);
    const FineMatch& match = tested->front().match;
    auto followed =
        isHopeless(match)
            ? Result<FollowedClock>(FollowedClock{{{match.overlap, match, {}}}, {}, {}, 0})
            : followClock(reader, match, job.part(0.85, 1.0));
    if (!followed) return tl::unexpected(followed.error());
    const auto& parts = followed->ranges;
    dropOwnParts(rivals, parts, scratchStart);
    TetherEstimate e = estimateFrom(parts, scratchStart);
    for (const WayPoint& w : followed->way) e.path.push_back({w.time + scratchStart, w.later});
    Beside beside{{}, followed->steps, disagreementOf(reader.take(), reader.recording(), parts)};
    beside.stood = followed->stood;
    for (const RivalPlace& r : rivals) {
        e.rivals.push_back(r.place);
        beside.rivals.push_back(r.strength);
    }
    judge(parts, beside, e);
    if (e.status != MatchStatus::Unmatched) {  // dearer to ask, and only ever says no
        auto shared = sharedByBalance(reader, parts, e.polarity, job.withReport({}));
        if (shared) {
            beside.shared = *shared;
            judge(parts, beside, e);
        } else if (!tooLittleToCompare(shared.error())) {
            return tl::unexpected(shared.error());
        }
    }
    addWhatHappened(e, parts);
    if (byStamps && e.status == MatchStatus::Unsure) e.reason.push_back({"where-stamps-have-it"});
    return e;
}

}  // namespace brisk
