// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: coded pictures are copied, so that those of the file are found in the take by what they
// are; how all of them have moved alike is where the file begins in the take. From there on the
// picture asks for one moment of the recording and the sound gives another.
#include "export/together_check.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <vector>

#include "media/check/packet_digest.h"

namespace brisk {
namespace {
constexpr double kAlike = 0.0015;        // seconds: two roundings to a container's milliseconds
constexpr std::size_t kMaxPlaces = 400;  // of one coded picture: an hour of a still would be slow

struct ShownAt {
    std::array<std::uint8_t, 16> hash;
    double seconds = 0;
};

/// Those of which their file says when they are shown.
std::vector<ShownAt> shownOf(const PacketList& list) {
    std::vector<ShownAt> out;
    for (const PacketDigest& p : list.packets) {
        if (p.pts) out.push_back({p.hash, ticksToSeconds(*p.pts, list.timeBase)});
    }
    return out;
}
}  // namespace

Result<FoundPicture> findPicture(const MediaInfo& take, const MediaInfo& written,
                                 const JobControl& job) {
    auto source = pictureDigest(take.path, job.part(0, 0.5));
    if (!source) return tl::unexpected(source.error());
    auto copy = pictureDigest(written.path, job.part(0.5, 1));
    if (!copy) return tl::unexpected(copy.error());
    std::multimap<std::array<std::uint8_t, 16>, double> where;  // take time of each coded picture
    for (const ShownAt& p : shownOf(*source)) where.emplace(p.hash, p.seconds);
    const std::vector<ShownAt> shown = shownOf(*copy);
    FoundPicture found;
    found.pictures = static_cast<std::int64_t>(copy->packets.size());
    // Still pictures are coded alike many times: every place that one may have is a vote.
    std::map<std::int64_t, std::int64_t> votes;  // by milliseconds
    for (const ShownAt& p : shown) {
        auto [at, last] = where.equal_range(p.hash);
        for (std::size_t n = 0; at != last && n < kMaxPlaces; ++at, ++n) {
            const double by = at->second - p.seconds;
            ++votes[std::llround(by * 1000)];
        }
    }
    if (votes.empty()) return found;
    const auto fewer = [](const auto& a, const auto& b) { return a.second < b.second; };
    const auto best = std::max_element(votes.begin(), votes.end(), fewer);
    const auto rival = std::count_if(votes.begin(), votes.end(), [&](const auto& v) {
        return v.second >= best->second && std::llabs(v.first - best->first) > 1;
    });
    if (rival > 0) return found;  // it fits in several places alike
    double by = 0;
    for (const ShownAt& p : shown) {
        const double at = p.seconds + best->first * 1e-3;
        const auto [first, last] = where.equal_range(p.hash);
        const auto same = std::find_if(
            first, last, [&](const auto& w) { return std::fabs(w.second - at) < kAlike; });
        if (same == last) continue;
        by += same->second - p.seconds;
        ++found.identical;
    }
    by /= static_cast<double>(std::max<std::int64_t>(1, found.identical));
    found.startsAt = Seconds{std::fabs(by) < kAlike ? 0 : by};
    return found;
}

Seconds Apart::worst() const {
    return {std::max({std::fabs(start.value), std::fabs(middle.value), std::fabs(end.value)})};
}

Apart apartFromPicture(ClockLine meant, ClockLine found, Seconds startsAt, TimeRange over) {
    // Sound of a later moment than the picture asks for comes too early.
    const auto at = [&](Seconds t) {
        return meant.toRecording(startsAt + t) - found.toRecording(t);
    };
    return {at(over.start), at((over.start + over.end) / 2), at(over.end)};
}

}  // namespace brisk
