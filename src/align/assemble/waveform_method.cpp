// SPDX-License-Identifier: GPL-3.0-or-later
// Coarse search nominates places; the best of them is measured.
#include <algorithm>

#include "align/assemble/best_of_places.h"
#include "align/assemble/match_methods.h"
#include "align/follow/estimate_from.h"
#include "align/measure/window_curves.h"

namespace brisk {
namespace {

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
    return bestOfPlaces(reader, *places, stamps, job);
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
