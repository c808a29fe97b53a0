// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse search nominates places, a probe of each sorts them, the best are measured, and the judge
// compares.
#include <algorithm>
#include <cmath>

#include "align/assemble/match_methods.h"
#include "align/assemble/what_happened.h"
#include "align/decide/judge.h"
#include "align/decide/loud_windows.h"
#include "align/measure/estimate_from.h"
#include "align/measure/follow_clock.h"
#include "align/measure/heard_spots.h"
#include "align/measure/shared_by_balance.h"
#include "align/measure/stretch_search.h"
#include "align/nominate/buried_places.h"
#include "align/nominate/coarse_search.h"
#include "align/nominate/pulled_rate.h"
#include "core/decibels.h"

namespace brisk {
namespace {

/// A second place is looked at when it scores at least this part of the best.
constexpr double kWorthFollowing = 0.5;
constexpr std::size_t kMaxProbed = 5;
/// Where nothing is common, probes of chance stand at five to seven deviations, and two of those
/// are measured: far and drowned voices stand no higher. The rest would only cost time, unless one
/// of the two may be right: then every rival is wanted.
constexpr std::size_t kMeasuredAnyway = 2;
constexpr double kProbeStands = 8.0;
constexpr double kShareOfChance = 0.3;
// Deviations of a segment that chance reaches for the best of all places, and what one needs beyond
// that so that one foreign pair in twenty has it; the more segments, the less.
constexpr double kChanceReaches = 4.7, kMuchBeyond = 3.3;
/// What stands out so far, a segment, cannot be there twice without both being seen.
constexpr double kSeenTwice = 9.0;
constexpr double kStandsOut = 1.25;      // against the next place
constexpr double kHeardAlong = 0.5;      // share of the windows
constexpr double kPulledLoosePpm = 110;  // two clocks of the poorer kind
constexpr double kSameSeconds = 0.05;
constexpr double kStampedSeconds = 2.5;
// Buried places: deviations that none but the true one had, of a hundred drowned takes; how near
// they are; and how often they are right to a millisecond.
constexpr double kSurelyBuried = 11, kOtherBuried = 0.7;
constexpr double kRoomSeconds = 0.06;
constexpr double kThroughTheRoom = 0.1;

bool meetAt(Seconds middle, ClockLine a, ClockLine b) {
    return std::fabs((a.toRecording(middle) - b.toRecording(middle)).value) < kSameSeconds;
}

bool samePlace(const FineMatch& a, const FineMatch& b) {
    return meetAt((a.overlap.start + a.overlap.end) / 2, a.line, b.line);
}

/// The best place close to where the stamps say, if sound has any there.
Result<std::vector<CoarsePlace>> stampedPlaces(const WindowReader& reader, const StampPlace& stamps,
                                               const JobControl& job) {
    const SoundScan& take = reader.take();
    const ClockLine line = onScratchTime(stamps.line, take.info.soundStartInTake());
    return placesNear(take.bands, reader.recording().bands, {{0}, take.length()}, line,
                      stamps.doubt, job);
}

/// What was nominated, and one place near the stamps.
Result<std::vector<CoarsePlace>> candidates(const WindowReader& reader,
                                            const std::vector<CoarsePlace>& nominated,
                                            const std::optional<StampPlace>& stamps,
                                            const JobControl& job) {
    std::vector<CoarsePlace> out = nominated;
    if (!stamps) return out;
    auto near = stampedPlaces(reader, *stamps, job.withReport({}));
    if (!near) {
        if (tooLittleToCompare(near.error())) return out;
        return tl::unexpected(near.error());
    }
    const Seconds middle = reader.take().length() / 2;
    for (const auto& p : *near) {
        const bool known = std::any_of(out.begin(), out.end(), [&](const CoarsePlace& o) {
            return meetAt(middle, o.line, p.line);
        });
        if (!known) {
            out.push_back(p);
            break;
        }
    }
    return out;
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

/// Whether a coarse score is more than chance makes of the best of so many places.
bool coarseSaysMuch(double score, int segments) {
    const double n = std::max(1, segments);
    return score / n >= kChanceReaches + kMuchBeyond / std::sqrt(n);
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

/// The best of some places, and what is said of it.
Result<TetherEstimate> bestOf(WindowReader& reader, const std::vector<CoarsePlace>& places,
                              const std::optional<StampPlace>& stamps, const JobControl& job) {
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
    Beside beside{{}, followed->steps, windowsAgainst(reader.take(), reader.recording(), parts)};
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

/// Two clocks run about alike, or a thousandth apart. In between somebody carried the camera away.
bool isAClocksDrift(Ppm drift) {
    return expectedDrift(drift).value == 0 ||
           std::fabs(drift.value - expectedDrift(drift).value) <= kPulledLoosePpm;
}

/// Whether what is rarer and dearer to search was found there.
bool isAPlace(const TetherEstimate& e) {
    return e.status != MatchStatus::Unmatched && isAClocksDrift(e.line.drift);
}

// What is looked at where nothing was found: rarer, and dearer to search.

/// The places that are worth measuring: where one place stands out of chance and of the others, as
/// the true one does.
std::vector<CoarsePlace> ifOneStandsOut(std::vector<CoarsePlace> places) {
    if (places.empty()) return {};
    const CoarsePlace& best = places.front();
    const bool standsOut = best.score >= (kChanceReaches + 1) * best.segmentsAgreeing &&
                           (places.size() == 1 || best.score >= kStandsOut * places[1].score);
    if (!standsOut) return {};
    places.resize(std::min(places.size(), kMaxProbed));
    return places;
}

Result<std::vector<CoarsePlace>> touchingPlaces(const WindowReader& reader, CoarseRecording&,
                                                const JobControl& job) {
    return placesAtEdges(reader.take().bands, reader.recording().bands, job).map(ifOneStandsOut);
}

Result<std::vector<CoarsePlace>> pulledPlaces(const WindowReader& reader, CoarseRecording& searched,
                                              const JobControl& job) {
    return placesAtPulledRates(reader.take().bands, searched, job).map(ifOneStandsOut);
}

/// A place that is there, though no window hears it by itself: what the room makes of the sound
/// says so, to some hundredths of a second. `measured` where its best lies as near.
TetherEstimate throughTheRoom(const WindowReader& reader, ClockLine buried,
                              TetherEstimate measured) {
    const Seconds scratchStart = reader.take().info.soundStartInTake();
    const TimeRange overlap = reader.overlap(buried);
    const Seconds middle = (overlap.start + overlap.end) / 2;
    const Seconds off =
        onScratchTime(measured.line, scratchStart).toRecording(middle) - buried.toRecording(middle);
    if (measured.segments.empty() || std::fabs(off.value) > kRoomSeconds ||
        !isAClocksDrift(measured.line.drift)) {
        FineMatch there;
        there.line = buried;
        there.overlap = overlap;
        measured = estimateFrom({{overlap, there, {}}}, scratchStart);
    }
    measured.status = MatchStatus::Unsure;
    measured.confidence = kThroughTheRoom;
    measured.reason = {{"only-through-the-room", {{"within_ms", kRoomSeconds * 1e3}}}};
    return measured;
}

/// What is buried under other sound, measured; `found` where nothing is.
Result<TetherEstimate> lookBeneath(WindowReader& reader, CoarseRecording& searched,
                                   TetherEstimate found, const JobControl& job) {
    auto buried =
        buriedPlaces(reader.takeSound(), reader.recordingSound(), searched.whitened(), job);
    if (!buried) return tl::unexpected(buried.error());
    if (buried->empty()) return found;
    // Onsets say nothing of these places: they count as one segment without a score.
    std::vector<CoarsePlace> places;
    for (const BuriedPlace& p : *buried) places.push_back({{p.offset, {0}}, 0, 1, false});
    auto there = bestOf(reader, places, std::nullopt, job);
    if (!there) return there;
    if (isAPlace(*there)) return there;
    const BuriedPlace& best = buried->front();
    const bool alone = buried->size() == 1 || (*buried)[1].stands < kOtherBuried * best.stands;
    if (best.stands < kSurelyBuried || !alone) return found;
    return throughTheRoom(reader, places.front().line, std::move(*there));
}

}  // namespace

bool Nominated::beyondChance() const {
    return !places.empty() && coarseSaysMuch(best(), places.front().segmentsAgreeing);
}

Result<Nominated> nominate(const CoarseTake& take, CoarseRecording& searched,
                           const JobControl& job) {
    auto coarse = coarseSearch(take, searched, job);
    Nominated out;
    if (!coarse) {
        if (!tooLittleToCompare(coarse.error())) return tl::unexpected(coarse.error());
        out.refused = {
            {coarse.error().code == ErrorCode::Silent ? "one-is-silent" : "too-short-to-tell"}};
        return out;
    }
    for (const auto& p : coarse->places) {
        const bool worth = p.score >= kWorthFollowing * coarse->places.front().score;
        if (out.places.size() == kMaxProbed || !worth) break;
        out.places.push_back(p);
    }
    return out;
}

Result<TetherEstimate> measureNominated(WindowReader& reader, const Nominated& nominated,
                                        const std::optional<StampPlace>& stamps,
                                        const JobControl& job) {
    if (!nominated.refused.empty()) return refusal(nominated.refused.front());
    auto places = candidates(reader, nominated.places, stamps, job);
    if (!places) return tl::unexpected(places.error());
    if (places->empty()) return refusal({"no-place"});
    return bestOf(reader, *places, stamps, job);
}

Result<TetherEstimate> lookFurther(WindowReader& reader, CoarseRecording& searched,
                                   TetherEstimate found, const JobControl& job) {
    for (const auto& look : {touchingPlaces, pulledPlaces}) {
        auto others = look(reader, searched, job.withReport({}));
        if (!others) {
            if (tooLittleToCompare(others.error())) continue;
            return tl::unexpected(others.error());
        }
        if (others->empty()) continue;
        auto other = bestOf(reader, *others, std::nullopt, job);
        if (!other) return other;
        if (isAPlace(*other)) return other;
    }
    return lookBeneath(reader, searched, std::move(found), job);
}

Result<TetherEstimate> matchByWaveform(WindowReader& reader, CoarseRecording& searched,
                                       const std::optional<StampPlace>& stamps,
                                       const JobControl& job) {
    auto nominated = nominate(CoarseTake(reader.take().bands), searched, job.part(0, 0.4));
    if (!nominated) return tl::unexpected(nominated.error());
    auto found = measureNominated(reader, *nominated, stamps, job.part(0.4, 0.9));
    if (!found || found->status != MatchStatus::Unmatched || !nominated->refused.empty()) {
        return found;
    }
    return lookFurther(reader, searched, std::move(*found), job.part(0.9, 1.0));
}

}  // namespace brisk
