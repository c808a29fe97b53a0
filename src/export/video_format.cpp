// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/video_format.h"

#include <filesystem>

#include "media/write/take_remux.h"

namespace brisk {
namespace {

constexpr int kBitsPerSecondOfAChannel = 160000;

struct CodecFacts {
    SoundCodec codec;
    const char* name;     // ours
    const char* encoder;  // libav's
    const char* words;
    bool small;
};

constexpr CodecFacts kCodecs[] = {
    {SoundCodec::Pcm24, "pcm", "pcm_s24le", "24-bit", false},
    {SoundCodec::Flac, "flac", "flac", "FLAC, 24-bit", false},
    {SoundCodec::Alac, "alac", "alac", "ALAC, 24-bit", false},
    {SoundCodec::Aac, "aac", "aac", "AAC", true},
    {SoundCodec::Opus, "opus", "libopus", "Opus", true},
    {SoundCodec::Float, "float", "pcm_f32le", "32-bit float", false},
};

const CodecFacts& factsOf(SoundCodec codec) {
    return kCodecs[static_cast<std::size_t>(codec)];
}

}  // namespace

std::string muxerOf(VideoContainer container, const std::string& takePath) {
    switch (container) {
        case VideoContainer::Mov:
            return "mov";
        case VideoContainer::Mkv:
            return "matroska";
        case VideoContainer::SameAsTake:
            break;
    }
    return muxerFor(takePath);
}

std::string endingOf(VideoContainer container, const std::string& takePath) {
    switch (container) {
        case VideoContainer::Mov:
            return ".mov";
        case VideoContainer::Mkv:
            return ".mkv";
        case VideoContainer::SameAsTake:
            break;
    }
    return std::filesystem::path(takePath).extension().string();
}

std::vector<SoundCodec> codecsFor(VideoContainer container, const std::string& takePath) {
    using C = SoundCodec;
    const std::string muxer = muxerOf(container, takePath);
    if (muxer == "mov") return {C::Pcm24, C::Alac, C::Aac, C::Float};
    if (muxer == "matroska") return {C::Pcm24, C::Flac, C::Aac, C::Opus, C::Float};
    // FLAC in MP4 is new, and few programs open it.
    if (muxer == "mp4") return {C::Aac, C::Alac, C::Opus};
    return {C::Aac};  // transport streams
}

SoundCodec defaultCodec(VideoContainer container) {
    return container == VideoContainer::SameAsTake ? SoundCodec::Aac : SoundCodec::Pcm24;
}

const char* codecWords(SoundCodec codec) {
    return factsOf(codec).words;
}

const char* codecName(SoundCodec codec) {
    return factsOf(codec).name;
}

std::optional<SoundCodec> codecNamed(std::string_view name) {
    for (const CodecFacts& f : kCodecs) {
        if (f.name == name) return f.codec;
    }
    return std::nullopt;
}

Coding codingOf(SoundCodec codec) {
    if (codec == SoundCodec::Float) return Coding::Float;
    return factsOf(codec).small ? Coding::Lossy : Coding::Integer;
}

SoundTrackSpec soundTrack(SoundCodec codec, const std::string& muxer, int channels,
                          const std::string& title) {
    SoundTrackSpec s;
    s.codec = factsOf(codec).encoder;
    // QuickTime's floating point has its first byte first; that it may be turned round is said in a
    // place where not every reader looks.
    if (codec == SoundCodec::Float && muxer == "mov") s.codec = "pcm_f32be";
    s.rate = kVideoSound;
    s.channels = channels;
    s.bitsPerSecond = factsOf(codec).small ? kBitsPerSecondOfAChannel * channels : 0;
    s.title = title;
    return s;
}

}  // namespace brisk
