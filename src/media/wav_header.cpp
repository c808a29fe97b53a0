// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the RIFF/WAVE layout, and EBU Tech 3306 for RF64 and its ds64 chunk.
#include "media/wav_header.h"

#include <array>
#include <cstring>
#include <filesystem>
#include <fstream>

#include "core/time_text.h"

namespace brisk {
namespace {

std::uint64_t little(const unsigned char* p, int bytes) {
    std::uint64_t v = 0;
    for (int i = bytes - 1; i >= 0; --i) v = (v << 8) | p[i];
    return v;
}

}  // namespace

std::optional<WavHeader> readWavHeader(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::array<unsigned char, 28> b{};
    const auto get = [&](int n) {
        return static_cast<bool>(in.read(reinterpret_cast<char*>(b.data()), n));
    };
    if (!get(12) || std::memcmp(b.data() + 8, "WAVE", 4) != 0) return std::nullopt;
    WavHeader h;
    h.rf64 = std::memcmp(b.data(), "RF64", 4) == 0;
    if (!h.rf64 && std::memcmp(b.data(), "RIFF", 4) != 0) return std::nullopt;

    std::error_code ec;
    const std::uint64_t fileSize = std::filesystem::file_size(path, ec);
    std::uint64_t ds64Data = 0;
    std::uint64_t at = 12;
    while (at + 8 <= fileSize) {
        in.seekg(static_cast<std::streamoff>(at));
        if (!get(8)) break;
        const std::string id(reinterpret_cast<const char*>(b.data()), 4);
        const std::uint64_t size = little(b.data() + 4, 4);
        at += 8;
        if (id == "data") {
            h.sizeLeftOpen = !h.rf64 && (size == 0 || size == 0xFFFFFFFFu);
            h.promisedBytes = h.rf64 && size == 0xFFFFFFFFu ? ds64Data : size;
            h.presentBytes = fileSize - at;
            if (h.rf64 && h.promisedBytes == 0) h.sizeLeftOpen = true;
            return h;
        }
        if (id == "ds64" && get(16)) ds64Data = little(b.data() + 8, 8);
        if (id == "fmt " && get(16)) {
            h.bytesPerSecond = static_cast<std::uint32_t>(little(b.data() + 8, 4));
        }
        at += size + (size & 1);
    }
    return h;
}

std::optional<std::string> wavWarning(const WavHeader& h) {
    if (h.bytesPerSecond == 0) return std::nullopt;
    const auto length = [&](std::uint64_t bytes) {
        return clockText({static_cast<double>(bytes) / h.bytesPerSecond}, 0);
    };
    if (h.sizeLeftOpen) {
        return "The header was never completed (the recorder lost power?); all " +
               length(h.presentBytes) + " of sound that follow it are used.";
    }
    if (h.promisedBytes > h.presentBytes) {
        return "Cut short: the header promises " + length(h.promisedBytes) +
               " of sound, the file ends after " + length(h.presentBytes) +
               ". What is there is used; copy the file again if the card still has it.";
    }
    return std::nullopt;
}

}  // namespace brisk
