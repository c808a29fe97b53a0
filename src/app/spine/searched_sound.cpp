// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/searched_sound.h"

#include <algorithm>

#include "align/assemble/match_within.h"
#include "features/scan_cache.h"

namespace brisk::app {

Result<std::shared_ptr<const SoundScan>> heardBy(const std::shared_ptr<const SoundScan>& scan,
                                                 std::optional<int> channel,
                                                 const JobControl& job) {
    if (!channel || *channel == scan->channel) return scan;
    ScanOptions options;
    options.channel = *channel;
    options.loudness = false;
    auto again = scanKept(scan->info.path, options, job);
    if (!again) return tl::unexpected(again.error());
    return std::make_shared<const SoundScan>(std::move(*again));
}

std::shared_ptr<const SoundScan> SearchedSounds::of(const SearchedSound& wished,
                                                    std::vector<Error>& problems,
                                                    const JobControl& job) {
    auto& ready = ready_[wished.id];
    const auto known =
        std::find_if(ready.begin(), ready.end(), [&](const Ready& r) { return r.as == wished; });
    if (known != ready.end()) return known->sound;
    auto by = heardBy(wished.scan, wished.channel, job);
    if (!by && by.error().code != ErrorCode::Cancelled) problems.push_back(by.error());
    std::shared_ptr<const SoundScan> sound = by ? *by : wished.scan;
    if (const auto& kept = wished.kept) {
        const Seconds start = sound->onTake().start;
        sound = std::make_shared<const SoundScan>(
            excerptOf(*sound, {kept->start - start, kept->end - start}));
    }
    ready.push_back({wished, sound});
    return sound;
}

}  // namespace brisk::app
