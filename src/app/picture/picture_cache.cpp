// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/picture_cache.h"

#include <cmath>

namespace brisk::app {

void PictureCache::clear() {
    pictures_.clear();
    bytes_ = 0;
}

void PictureCache::add(ShownPicture picture) {
    const auto size = static_cast<std::size_t>(picture.image.sizeInBytes());
    const double time = picture.time.value;
    if (!pictures_.emplace(time, std::move(picture)).second) return;
    bytes_ += size;
    while (bytes_ > most_ && pictures_.size() > 1) {
        const auto first = pictures_.begin();
        const auto last = std::prev(pictures_.end());
        const bool dropFirst =
            std::fabs(first->first - here_.value) > std::fabs(last->first - here_.value);
        const auto out = dropFirst ? first : last;
        bytes_ -= static_cast<std::size_t>(out->second.image.sizeInBytes());
        pictures_.erase(out);
    }
}

const ShownPicture* PictureCache::at(Seconds t) const {
    constexpr double kRounding = 1e-6;  // times of one picture, worked out twice
    auto after = pictures_.upper_bound(t.value + kRounding);
    if (after == pictures_.begin()) return nullptr;
    const ShownPicture& p = std::prev(after)->second;
    return t.value < p.end.value - kRounding ? &p : nullptr;
}

const ShownPicture* PictureCache::near(Seconds t, Seconds reach) const {
    const ShownPicture* best = nullptr;
    double away = reach.value;
    const auto after = pictures_.lower_bound(t.value);
    const auto look = [&](auto it) {
        if (std::fabs(it->first - t.value) > away) return;
        away = std::fabs(it->first - t.value);
        best = &it->second;
    };
    if (after != pictures_.end()) look(after);
    if (after != pictures_.begin()) look(std::prev(after));
    return best;
}

}  // namespace brisk::app
