// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/continued_takes.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <filesystem>
#include <optional>

#include "align/recorder_files.h"
#include "align/stamp_place.h"

namespace brisk {
namespace {

constexpr double kStampDoubt = 1.0;  // seconds: creation times are whole ones
constexpr double kHalfAFrame = 0.5;

/// A file's place in its camera's counting: "sewing-", 7.
struct Counted {
    int id = 0;
    std::string series;  // camera, folder and pattern
    long number = 0;
};

std::optional<Counted> counted(const MediaItem& item, const MediaInfo* info) {
    const std::string stem = std::filesystem::path(item.path).stem().string();
    const auto last = stem.find_last_not_of("0123456789");
    const std::size_t digits = last == std::string::npos ? 0 : last + 1;
    Counted c;
    c.id = item.id;
    c.series = cameraOf(item, info) + "/" + stem.substr(0, digits);
    const auto read = std::from_chars(stem.data() + digits, stem.data() + stem.size(), c.number);
    return read.ec == std::errc() ? std::optional(c) : std::nullopt;
}

/// Whether the places of both on one recording meet; nothing where they do not lie on one.
std::optional<bool> placesMeet(const ShootState& s, int before, int after, Seconds length,
                               double frame) {
    for (const Tether* a : s.tethersOf(before)) {
        for (const Tether* b : s.tethersOf(after)) {
            if (a->recording != b->recording || a->state() == TetherState::Loose ||
                b->state() == TetherState::Loose) {
                continue;
            }
            const Seconds off = b->line.offset - a->line.toRecording(length);
            return std::fabs(off.value) < kHalfAFrame * frame;
        }
    }
    return std::nullopt;
}

bool stampsMeet(const MediaInfo& before, const MediaInfo& after, Seconds length) {
    const auto a = isoSeconds(before.stamps.creationTime),
               b = isoSeconds(after.stamps.creationTime);
    return a && b && std::fabs((*b - *a - length).value) < kStampDoubt;
}

}  // namespace

std::vector<ContinuedTake> continuedTakes(const ShootState& state,
                                          const std::function<DayFacts(int)>& factsOf) {
    std::vector<Counted> all;
    for (const MediaItem& m : state.media) {
        if (m.role != MediaKind::Take) continue;
        if (auto c = counted(m, factsOf(m.id).info)) all.push_back(std::move(*c));
    }
    std::sort(all.begin(), all.end(), [](const Counted& a, const Counted& b) {
        return std::tie(a.series, a.number) < std::tie(b.series, b.number);
    });
    std::vector<ContinuedTake> out;
    for (std::size_t i = 0; i + 1 < all.size(); ++i) {
        const Counted& a = all[i];
        const Counted& b = all[i + 1];
        if (a.series != b.series || a.number + 1 != b.number) continue;
        const DayFacts before = factsOf(a.id), after = factsOf(b.id);
        if (!before.info || !after.info || !before.info->video) continue;
        const double frame = 1 / before.info->video->rate.value();
        const auto meet = placesMeet(state, a.id, b.id, before.length, frame);
        if (meet ? *meet : stampsMeet(*before.info, *after.info, before.length)) {
            out.push_back({a.id, b.id, before.length, meet.has_value()});
        }
    }
    return out;
}

}  // namespace brisk
