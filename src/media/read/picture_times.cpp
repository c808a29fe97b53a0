// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/picture_times.h"

#include <algorithm>

namespace brisk {

namespace {

void sortOnce(std::vector<std::int64_t>& ticks) {
    std::sort(ticks.begin(), ticks.end());
    ticks.erase(std::unique(ticks.begin(), ticks.end()), ticks.end());
}

}  // namespace

PictureTimes::PictureTimes(const std::vector<PictureStamp>& stamps, Rational timeBase,
                           std::int64_t firstPts)
    : timeBase_(timeBase) {
    ticks_.reserve(stamps.size());
    for (const PictureStamp& s : stamps) {
        if (s.pts < firstPts) continue;
        ticks_.push_back(s.pts - firstPts);
        if (s.key) keys_.push_back(s.pts - firstPts);
    }
    sortOnce(ticks_);
    sortOnce(keys_);
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

std::int64_t PictureTimes::keyFrameBefore(std::int64_t n) const {
    if (ticks_.empty()) return 0;
    const std::int64_t tick =
        ticks_[static_cast<std::size_t>(std::clamp<std::int64_t>(n, 0, count() - 1))];
    const auto after = std::upper_bound(keys_.begin(), keys_.end(), tick);
    if (after == keys_.begin()) return 0;
    return std::lower_bound(ticks_.begin(), ticks_.end(), *(after - 1)) - ticks_.begin();
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
    out.put(keys_);
}

bool PictureTimes::load(ByteReader& in) {
    return in.get(timeBase_) && in.get(ticks_) && in.get(keys_);
}

}  // namespace brisk
