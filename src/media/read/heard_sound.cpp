// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/heard_sound.h"

namespace brisk {
namespace {

constexpr std::size_t kMaxTracks = 32;  // each has a reader of its own

bool belongs(const MediaInfo& info, std::size_t which) {
    const SoundFacts& first = info.sounds.front();
    const SoundFacts& s = info.sounds[which];
    if (which == 0) return true;
    if (s.rate.hertz != first.rate.hertz || which >= kMaxTracks) return false;
    if (info.kind == MediaKind::Recording) return true;
    return s.byItself == first.byItself && s.language == first.language;
}

std::string nameOf(const SoundFacts& s, int channel) {
    const auto c = static_cast<std::size_t>(channel);
    if (c < s.channelNames.size() && !s.channelNames[c].empty()) return s.channelNames[c];
    if (s.title.empty() || s.channels == 1) return s.title;
    if (s.channels == 2) return s.title + (channel == 0 ? " left" : " right");
    return s.title + " " + std::to_string(channel + 1);
}

}  // namespace

HeardSound heardSound(const MediaInfo& info) {
    HeardSound h;
    for (std::size_t i = 0; i < info.sounds.size(); ++i) {
        if (!belongs(info, i)) continue;
        const SoundFacts& s = info.sounds[i];
        h.sounds.push_back(i);
        h.streams.push_back(s.stream);
        const bool playing = i == 0 || s.byItself;
        for (int c = 0; c < s.channels; ++c) {
            if (playing) h.playing.push_back(h.names.size());
            h.names.push_back(nameOf(s, c));
        }
        h.channels += s.channels;
    }
    return h;
}

std::optional<Fact> tracksFact(const MediaInfo& info) {
    const std::size_t all = info.sounds.size();
    if (all < 2) return std::nullopt;
    const HeardSound h = heardSound(info);
    if (h.sounds.size() == 1) return Fact{"only-first-track", {{"tracks", all}}};
    if (h.sounds.size() == all) {
        return Fact{"tracks-side-by-side", {{"tracks", all}, {"channels", h.channels}}};
    }
    return Fact{"some-tracks-side-by-side",
                {{"tracks", all}, {"read", h.sounds.size()}, {"channels", h.channels}}};
}

}  // namespace brisk
