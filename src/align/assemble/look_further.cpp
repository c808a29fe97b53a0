// SPDX-License-Identifier: GPL-3.0-or-later
// What is rarer and dearer to search, for pairs in which nothing was found.
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

Result<std::vector<CoarsePlace>> touchingPlaces(const WindowReader& reader, CoarseRecording&,
                                                const JobControl& job) {
    return placesAtEdges(reader.take().bands, reader.recording().bands, job).map(ifOneStandsOut);
}

Result<std::vector<CoarsePlace>> pulledPlaces(const WindowReader& reader, CoarseRecording& searched,
                                              const JobControl& job) {
    return placesAtPulledRates(reader.take().bands, searched, job).map(ifOneStandsOut);
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

Result<TetherEstimate> lookFurther(WindowReader& reader, CoarseRecording& searched,
                                   TetherEstimate found, const JobControl& job) {
    for (const auto& look : {touchingPlaces, pulledPlaces}) {
        auto others = look(reader, searched, job.withReport({}));
        if (!others) {
            if (tooLittleToCompare(others.error())) continue;
            return tl::unexpected(others.error());
        }
        if (others->empty()) continue;
        auto other = bestOfPlaces(reader, *others, std::nullopt, job);
        if (!other) return other;
        if (isAPlace(*other)) return other;
    }
    return lookBeneath(reader, searched, std::move(found), job);
}

}  // namespace brisk
