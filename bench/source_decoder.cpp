// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/source_decoder.h"

#include <algorithm>
#include <cmath>
#include <fstream>
#include <iterator>

#include "dsp/resampler.h"
#include "media/read/av_handles.h"
#include "media/read/sound_reader.h"

namespace brisk::bench {
namespace {

constexpr double kDecodedRate = 48000;

std::vector<float> atSourceRate(const std::vector<float>& mono, double rate) {
    if (rate == kDecodedRate || mono.empty()) return mono;
    return resampleBlock(mono, rate, kDecodedRate, StreamResampler::Quality::Mastering);
}

/// Telephone prompts are bare ITU-T G.722 (64 kbit/s, 16 kHz, mono) without any container: no
/// camera or recorder writes that, and what reads their files refuses it.
std::vector<float> decodedPrompt(const std::string& path, double start, double seconds) {
    constexpr int kRate = 16000;
    constexpr std::size_t kBytesPerPacket = 2048;
    std::ifstream in(path, std::ios::binary);
    std::vector<std::uint8_t> bytes{std::istreambuf_iterator<char>(in), {}};
    const AVCodec* kind = avcodec_find_decoder(AV_CODEC_ID_ADPCM_G722);
    av::Codec codec(kind ? avcodec_alloc_context3(kind) : nullptr);
    if (!codec || bytes.empty()) return {};
    codec->sample_rate = kRate;
    av_channel_layout_default(&codec->ch_layout, 1);
    if (avcodec_open2(codec.get(), kind, nullptr) < 0) return {};

    const av::Packet packet = av::makePacket();
    const av::Frame frame = av::makeFrame();
    std::vector<float> mono;
    for (std::size_t at = 0; at < bytes.size(); at += kBytesPerPacket) {
        const std::size_t size = std::min(kBytesPerPacket, bytes.size() - at);
        if (av_new_packet(packet.get(), static_cast<int>(size)) < 0) return {};
        std::copy_n(bytes.begin() + static_cast<std::ptrdiff_t>(at), size, packet->data);
        avcodec_send_packet(codec.get(), packet.get());
        av_packet_unref(packet.get());
        while (avcodec_receive_frame(codec.get(), frame.get()) >= 0) {
            const auto* samples = reinterpret_cast<const std::int16_t*>(frame->data[0]);
            for (int n = 0; n < frame->nb_samples; ++n) {
                mono.push_back(static_cast<float>(samples[n]) / 32768.0f);
            }
        }
    }
    const auto first = std::min(mono.size(), static_cast<std::size_t>(start * kRate));
    mono.erase(mono.begin(), mono.begin() + static_cast<std::ptrdiff_t>(first));
    mono.resize(std::min(mono.size(), static_cast<std::size_t>(seconds * kRate)));
    return atSourceRate(mono, kRate);
}

}  // namespace

std::vector<float> decodedSource(const std::string& path, double start, double seconds) {
    if (path.ends_with(".g722")) return decodedPrompt(path, start, seconds);
    auto reader = SoundReader::open(path);
    if (!reader) return {};
    const double rate = reader->rate().hertz;
    if (!reader->seek(std::llround(start * rate))) return {};
    const auto channels = static_cast<std::size_t>(reader->channels());
    const auto wanted = static_cast<std::size_t>(seconds * rate);
    std::vector<float> mono;
    std::vector<float> block(4096 * channels);
    while (mono.size() < wanted) {
        const auto got = reader->read(block);
        if (!got || *got == 0) break;
        for (std::size_t n = 0; n < std::min(*got, wanted - mono.size()); ++n) {
            float sum = 0;
            for (std::size_t c = 0; c < channels; ++c) sum += block[n * channels + c];
            mono.push_back(sum / static_cast<float>(channels));
        }
    }
    return atSourceRate(mono, rate);
}

}  // namespace brisk::bench
