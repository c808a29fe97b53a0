// SPDX-License-Identifier: GPL-3.0-or-later
// What is rarer and dearer to search, for pairs in which nothing was found.
#include <algorithm>

#include "align/assemble/best_of_places.h"
#include "align/assemble/match_methods.h"
#include "align/decide/through_the_room.h"
#include "align/measure/window_curves.h"
#include "align/nominate/buried_places.h"
#include "align/nominate/pulled_rate.h"

namespace brisk {
namespace {

constexpr double kStandsOut = 1.25;  // against the next place
/// Buried places: deviations that none but the true one had, of a hundred drowned takes.
constexpr double kSurelyBuried = 11, kOtherBuried = 0.7;

/// Whether it was found there.
bool isAPlace(const TetherEstimate& e) {
    return e.status != MatchStatus::Unmatched && isAClocksDrift(e.line.drift);
}

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

/// The best of places that stand out, where that is one; `found` where it is not.
Result<TetherEstimate> orTheBestOf(WindowReader& reader, Result<std::vector<CoarsePlace>> places,
                                   TetherEstimate found, const JobControl& job) {
    if (!places) {
        if (tooLittleToCompare(places.error())) return found;
        return tl::unexpected(places.error());
    }
    const auto worth = ifOneStandsOut(std::move(*places));
    if (worth.empty()) return found;
    auto best = bestOfPlaces(reader, worth, std::nullopt, job);
    if (best && !isAPlace(*best)) return found;
    return best;
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
    auto there = bestOfPlaces(reader, places, std::nullopt, job);
    if (!there) return there;
    if (isAPlace(*there)) return there;
    const BuriedPlace& best = buried->front();
    const bool alone = buried->size() == 1 || (*buried)[1].stands < kOtherBuried * best.stands;
    if (best.stands < kSurelyBuried || !alone) return found;
    return throughTheRoom(reader, places.front().line, std::move(*there));
}

}  // namespace

Result<TetherEstimate> lookAtEdges(WindowReader& reader, TetherEstimate found,
                                   const JobControl& job) {
    auto places = placesAtEdges(reader.take().bands, reader.recording().bands, job.withReport({}));
    return orTheBestOf(reader, std::move(places), std::move(found), job);
}

Result<TetherEstimate> lookFurther(WindowReader& reader, CoarseRecording& searched,
                                   TetherEstimate found, const JobControl& job) {
    auto touching = lookAtEdges(reader, std::move(found), job);
    if (!touching || isAPlace(*touching)) return touching;
    auto places = placesAtPulledRates(reader.take().bands, searched, job.withReport({}));
    auto pulled = orTheBestOf(reader, std::move(places), std::move(*touching), job);
    if (!pulled || isAPlace(*pulled)) return pulled;
    return lookBeneath(reader, searched, std::move(*pulled), job);
}

}  // namespace brisk
