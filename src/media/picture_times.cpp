// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/picture_times.h"

#include <algorithm>

namespace brisk {

PictureTimes::PictureTimes(std::vector<std::int64_t> pts, Rational timeBase, std::int64_t firstPts)
    : ticks_(std::move(pts)), timeBase_(timeBase) {
    for (auto& t : ticks_) t -= firstPts;
    std::erase_if(ticks_, [](std::int64_t t) { return t < 0; });
    std::sort(ticks_.begin(), ticks_.end());
    ticks_.erase(std::unique(ticks_.begin(), ticks_.end()), ticks_.end());
}

Seconds PictureTimes::timeOf(std::int64_t n) const {
    if (ticks_.empty()) return {};
    const auto i = static_cast<std::size_t>(std::clamp<std::int64_t>(n, 0, count() - 1));
    return {ticksToSeconds(ticks_[i], timeBase_)};
}

std::int64_t PictureTimes::frameAt(Seconds t) const {
    if (ticks_.empty()) return 0;
    // A tenth of a tick of grace, so that timeOf(n) always lands on frame n.
    const double tick = t.value / timeBase_.value() + 0.1;
    const auto after =
        std::upper_bound(ticks_.begin(), ticks_.end(), tick,
                         [](double v, std::int64_t e) { return v < static_cast<double>(e); });
    return std::max<std::int64_t>(0, (after - ticks_.begin()) - 1);
}

Seconds PictureTimes::end() const {
    if (ticks_.empty()) return {};
    const std::size_t n = ticks_.size();
    const std::int64_t step = n > 1 ? ticks_[n - 1] - ticks_[n - 2] : 0;
    return {ticksToSeconds(ticks_.back() + step, timeBase_)};
}

void PictureTimes::save(ByteWriter& out) const {
    out.put(timeBase_);
    out.put(ticks_);
}

bool PictureTimes::load(ByteReader& in) {
    return in.get(timeBase_) && in.get(ticks_);
}

}  // namespace brisk
