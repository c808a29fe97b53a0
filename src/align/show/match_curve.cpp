// SPDX-License-Identifier: GPL-3.0-or-later
// The coarse search again, thinned to what can be drawn. Why weak places stay in: without the
// floor of chance around it, a lonely needle looks like certainty.
#include "align/show/match_curve.h"

#include <algorithm>

#include "align/nominate/coarse_search.h"

namespace brisk {

Result<std::vector<MatchPoint>> matchCurve(const SoundScan& take, const SoundScan& recording,
                                           const JobControl& job, std::size_t most) {
    CoarseRecording searched(recording.bands);
    auto found = coarseSearch(take.bands, searched, job, most);
    if (!found) return tl::unexpected(found.error());
    const Seconds firstPicture = -take.onTake().start;  // in seconds of scratch sound
    std::vector<MatchPoint> points;
    for (const CoarsePlace& p : found->places) {
        points.push_back({p.line.toRecording(firstPicture), p.score});
    }
    std::sort(points.begin(), points.end(),
              [](const MatchPoint& a, const MatchPoint& b) { return a.offset < b.offset; });
    return points;
}

}  // namespace brisk
