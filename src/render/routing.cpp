// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/routing.h"

#include <algorithm>

namespace brisk {
namespace {

std::vector<float> only(std::size_t channels, std::size_t which) {
    std::vector<float> row(channels, 0.0f);
    row[std::min(which, channels - 1)] = 1;
    return row;
}

std::vector<float> meanOf(const std::vector<std::size_t>& which, std::size_t channels) {
    std::vector<float> row(channels, 0.0f);
    for (const std::size_t c : which) row[c] = 1.0f / static_cast<float>(which.size());
    return row;
}

/// What plays by itself, less a channel that carries timecode.
std::vector<std::size_t> playingOf(const SoundScan& scan, const HeardSound& sound) {
    std::vector<std::size_t> out = sound.playing;
    if (const auto& t = scan.info.stamps.inSound; t && out.size() > 1) {
        std::erase(out, static_cast<std::size_t>(t->channel));
    }
    return out;
}

/// As it would be heard best without being asked: stereo as stereo, one side to both ears.
Routing asRecorded(const SoundScan& scan, const HeardSound& sound, std::size_t channels) {
    const int one = scan.level.onlyChannel();
    if (one >= 0) return {only(channels, static_cast<std::size_t>(one))};
    const auto playing = playingOf(scan, sound);
    if (playing.size() == 2) return {only(channels, playing[0]), only(channels, playing[1])};
    return {meanOf(playing, channels)};
}

/// Those of the chosen channels that the file has.
std::vector<std::size_t> chosenOf(const HeardChannels& heard, std::size_t channels) {
    std::vector<std::size_t> out;
    for (const int c : heard.chosen) {
        if (c >= 0 && static_cast<std::size_t>(c) < channels) {
            out.push_back(static_cast<std::size_t>(c));
        }
    }
    return out;
}

}  // namespace

std::string channelWords(const HeardSound& sound, int channel) {
    const auto c = static_cast<std::size_t>(channel);
    const std::string number = std::to_string(channel + 1);
    if (c >= sound.names.size() || sound.names[c].empty()) return number;
    return number + " " + sound.names[c];
}

Routing routingOf(const SoundScan& scan, const HeardChannels& heard) {
    const HeardSound sound = heardSound(scan.info);
    const auto channels = static_cast<std::size_t>(std::max(1, sound.channels));
    switch (heard.map) {
        case ChannelMap::Left:
            return {only(channels, 0)};
        case ChannelMap::Right:
            return {only(channels, 1)};
        case ChannelMap::Mix:
            return {std::vector<float>(channels, 1.0f / static_cast<float>(channels))};
        case ChannelMap::Stereo:
            return {only(channels, 0), only(channels, 1)};
        case ChannelMap::Swapped:
            return {only(channels, 1), only(channels, 0)};
        case ChannelMap::Chosen:
            if (const auto which = chosenOf(heard, channels); !which.empty()) {
                return {meanOf(which, channels)};
            }
            break;
        case ChannelMap::AsRecorded:
            break;
    }
    return asRecorded(scan, sound, channels);
}

namespace {

/// "channels 1 Ines and 3".
Fact listFact(const char* id, const HeardSound& sound, const std::vector<std::size_t>& which) {
    Facts names;
    for (const std::size_t c : which) {
        names.push_back(named(channelWords(sound, static_cast<int>(c))));
    }
    return {id, {{"channels", listOf(names)}}};
}

Fact mixFact(const HeardSound& sound, const std::vector<std::size_t>& which) {
    return listFact(which.size() == 1 ? "one-channel-in-both-ears" : "some-channels-mixed", sound,
                    which);
}

/// Each channel to its own row, as it is.
bool passesUntouched(const Routing& routing) {
    if (routing.size() != routing.front().size()) return false;
    for (std::size_t r = 0; r < routing.size(); ++r) {
        for (std::size_t c = 0; c < routing.size(); ++c) {
            if (routing[r][c] != (r == c ? 1.0f : 0.0f)) return false;
        }
    }
    return true;
}

}  // namespace

Fact routingFact(const SoundScan& scan, const HeardChannels& heard) {
    const HeardSound sound = heardSound(scan.info);
    const int channels = sound.channels;
    switch (heard.map) {
        case ChannelMap::Left:
            return {"channels-left"};
        case ChannelMap::Right:
            return {"channels-right"};
        case ChannelMap::Mix:
            return {"all-channels-mixed"};
        case ChannelMap::Stereo:
            return {"stereo"};
        case ChannelMap::Swapped:
            return {"stereo-swapped"};
        case ChannelMap::Chosen:
            if (const auto which = chosenOf(heard, static_cast<std::size_t>(channels));
                !which.empty()) {
                return mixFact(sound, which);
            }
            break;
        case ChannelMap::AsRecorded:
            break;
    }
    const int one = scan.level.onlyChannel();
    if (channels == 1) return {"mono-in-both-ears"};
    if (one >= 0) {
        return {"one-sided-in-both-ears", {{"channel", one + 1}}};
    }
    const auto playing = playingOf(scan, sound);
    if (playing.size() == 2) {
        return channels == 2 ? Fact{"stereo"}
                             : listFact("channels-heard-as-stereo", sound, playing);
    }
    if (static_cast<int>(playing.size()) < channels) return mixFact(sound, playing);
    return {"channels-all-mixed", {{"channels", channels}}};
}

void route(const Routing& routing, std::span<const float> in, std::span<float> out) {
    const std::size_t rows = routing.size(), channels = routing.front().size();
    const std::size_t frames = out.size() / rows;
    if (passesUntouched(routing)) {
        std::copy_n(in.begin(), out.size(), out.begin());
        return;
    }
    for (std::size_t r = 0; r < rows; ++r) {
        for (std::size_t n = 0; n < frames; ++n) {
            float v = 0;
            for (std::size_t c = 0; c < channels; ++c) {
                // Channels that are left out are not added, so that those that stay pass untouched.
                if (routing[r][c] != 0) v += routing[r][c] * in[n * channels + c];
            }
            out[n * rows + r] = v;
        }
    }
}

}  // namespace brisk
