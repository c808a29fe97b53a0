// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/shot_order.h"

#include <algorithm>
#include <charconv>
#include <optional>
#include <tuple>

namespace brisk {
namespace {

std::optional<Shot> counted(const MediaItem& item, const MediaInfo* info) {
    // No std::filesystem: see cameraOf.
    const std::string name = item.path.substr(item.path.rfind('/') + 1);
    const std::string stem = name.substr(0, name.rfind('.'));
    const auto last = stem.find_last_not_of("0123456789");
    const std::size_t digits = last == std::string::npos ? 0 : last + 1;
    Shot c;
    c.take = item.id;
    c.series = cameraOf(item, info) + "/" + stem.substr(0, digits);
    const auto read = std::from_chars(stem.data() + digits, stem.data() + stem.size(), c.number);
    return read.ec == std::errc() ? std::optional(c) : std::nullopt;
}

}  // namespace

std::vector<Shot> shotOrder(const ShootState& state, const std::function<DayFacts(int)>& factsOf) {
    std::vector<Shot> all;
    for (const MediaItem& m : state.media) {
        if (m.role != MediaKind::Take) continue;
        if (auto c = counted(m, factsOf(m.id).info)) all.push_back(std::move(*c));
    }
    std::sort(all.begin(), all.end(), [](const Shot& a, const Shot& b) {
        return std::tie(a.series, a.number) < std::tie(b.series, b.number);
    });
    return all;
}

}  // namespace brisk
