// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/sound_change.h"

namespace brisk {
namespace {

const char* idOf(CameraSound c) {
    switch (c) {
        case CameraSound::LeftOut:
            break;
        case CameraSound::SecondTrack:
            return "camera-second-track";
        case CameraSound::Blended:
            return "camera-blended";
    }
    return "camera-left-out";
}

const char* idOf(ChannelMap m) {
    switch (m) {
        case ChannelMap::AsRecorded:
            break;
        case ChannelMap::Left:
            return "channels-left";
        case ChannelMap::Right:
            return "channels-right";
        case ChannelMap::Mix:
            return "channels-mixed";
        case ChannelMap::Stereo:
            return "channels-stereo";
        case ChannelMap::Swapped:
            return "channels-swapped";
        case ChannelMap::Chosen:
            return "channels-chosen";
    }
    return "channels-as-recorded";
}

const char* idOf(Uncovered u) {
    switch (u) {
        case Uncovered::Silence:
            break;
        case Uncovered::Camera:
            return "gaps-camera";
        case Uncovered::Trimmed:
            return "gaps-trimmed";
    }
    return "gaps-silent";
}

}  // namespace

Fact soundChange(const SoundChoice& a, const SoundChoice& b) {
    if (a.camera != b.camera) return {idOf(b.camera)};
    if (a.blendDb != b.blendDb) return {"camera-blended-by", {{"db", b.blendDb}}};
    if (a.map != b.map || a.channels != b.channels) return {idOf(b.map)};
    if (a.turned != b.turned) return {b.turned ? "polarity-turned" : "polarity-as-matched"};
    if (b.toLoudness && (!a.toLoudness || a.targetLufs != b.targetLufs)) {
        return {"level-to", {{"lufs", b.targetLufs}}};
    }
    if (a.toLoudness != b.toLoudness || a.gainDb != b.gainDb) {
        return {"level-by", {{"db", b.gainDb}}};
    }
    if (a.ceilingDbtp != b.ceilingDbtp) return {"peaks-under", {{"dbtp", b.ceilingDbtp}}};
    if (a.uncovered != b.uncovered) return {idOf(b.uncovered)};
    if (a.followClock != b.followClock) {
        return {b.followClock ? "drift-corrected" : "drift-not-corrected"};
    }
    if (b.quietClaps && (!a.quietClaps || a.clapsDb != b.clapsDb)) {
        return {"claps-lowered", {{"db", b.clapsDb}}};
    }
    if (a.quietClaps != b.quietClaps) return {"claps-heard"};
    if (a.softEdgeMs != b.softEdgeMs) return {"edges-soft", {{"ms", b.softEdgeMs}}};
    return {"sound-unchanged"};
}

}  // namespace brisk
