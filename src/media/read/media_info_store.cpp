// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/media_info_store.h"
#include "store/fact_bytes.h"

namespace brisk {
namespace {

/// Applies `put` or `get` to each part, so that both sides have the same order.
template <class Info, class Each>
bool everyPlainPart(Info& i, Each each) {
    return each(i.path) && each(i.kind) && each(i.container) && each(i.duration) &&
           each(i.stamps.timecode) && each(i.stamps.creationTime);
}

template <class Video, class Each>
bool everyPart(Video& v, Each each) {
    return each(v.stream) && each(v.codec) && each(v.width) && each(v.height) && each(v.rate) &&
           each(v.variableRate) && each(v.rotation) && each(v.timeBase) && each(v.firstPts) &&
           each(v.firstPicture);
}

template <class Sound, class Each>
bool everySoundPart(Sound& s, Each each) {
    return each(s.stream) && each(s.codec) && each(s.rate) && each(s.channels) &&
           each(s.bitsPerSample) && each(s.firstSample) && each(s.duration) && each(s.language) &&
           each(s.title) && each(s.byItself);
}

template <class Timecode, class Each>
bool everyTimecodePart(Timecode& t, Each each) {
    return each(t.channel) && each(t.atFirstSample) && each(t.drift) && each(t.frameRate) &&
           each(t.dropFrame) && each(t.text) && each(t.frames);
}

template <class Other, class Each>
bool everyOtherPart(Other& o, Each each) {
    return each(o.stream) && each(o.kind) && each(o.codec);
}

}  // namespace

void saveMediaInfo(const MediaInfo& info, ByteWriter& out) {
    const auto put = [&](const auto& v) {
        out.put(v);
        return true;
    };
    const auto count = [&](std::size_t n) { out.put(static_cast<std::uint64_t>(n)); };
    const auto putTexts = [&](const std::vector<std::string>& all) {
        count(all.size());
        for (const auto& text : all) out.put(text);
    };
    everyPlainPart(info, put);
    out.put(info.stamps.bextReference.has_value());
    out.put(info.stamps.bextReference.value_or(Seconds{}));
    out.put(info.stamps.inSound.has_value());
    if (info.stamps.inSound) everyTimecodePart(*info.stamps.inSound, put);
    out.put(info.video.has_value());
    if (info.video) everyPart(*info.video, put);
    count(info.sounds.size());
    for (const auto& s : info.sounds) {
        everySoundPart(s, put);
        putTexts(s.channelNames);
    }
    count(info.others.size());
    for (const auto& o : info.others) everyOtherPart(o, put);
    putFacts(info.warnings, out);
}

bool loadMediaInfo(ByteReader& in, MediaInfo& info) {
    constexpr std::uint64_t kMax = 10000;  // of anything: more is damage
    const auto get = [&](auto& v) { return in.get(v); };
    bool hasReference = false, hasVideo = false;
    Seconds reference;
    std::uint64_t sounds = 0;
    const auto getTexts = [&](std::vector<std::string>& all) {
        std::uint64_t n = 0;
        bool got = in.get(n) && n < kMax;
        for (std::uint64_t i = 0; got && i < n; ++i) got = in.get(all.emplace_back());
        return got;
    };
    bool hasTimecode = false;
    bool whole = everyPlainPart(info, get) && in.get(hasReference) && in.get(reference) &&
                 in.get(hasTimecode);
    if (whole && hasTimecode) whole = everyTimecodePart(info.stamps.inSound.emplace(), get);
    whole = whole && in.get(hasVideo);
    if (whole && hasReference) info.stamps.bextReference = reference;
    if (whole && hasVideo) whole = everyPart(info.video.emplace(), get);
    whole = whole && in.get(sounds) && sounds < kMax;
    for (std::uint64_t i = 0; whole && i < sounds; ++i) {
        SoundFacts& s = info.sounds.emplace_back();
        whole = everySoundPart(s, get) && getTexts(s.channelNames);
    }
    std::uint64_t others = 0;
    whole = whole && in.get(others) && others < kMax;
    for (std::uint64_t i = 0; whole && i < others; ++i) {
        whole = everyOtherPart(info.others.emplace_back(), get);
    }
    return whole && getFacts(in, info.warnings);
}

}  // namespace brisk
