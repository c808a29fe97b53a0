// SPDX-License-Identifier: GPL-3.0-or-later
// The synthesiser runs as a program of its own for each sentence: as a library it remembers what it
// said before, and the same sentence would not give the same samples.
#include "sim/speech.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstring>
#include <memory>

#include "dsp/resampler.h"

namespace brisk::sim {
namespace {

constexpr std::size_t kHeaderBytes = 44;  // a plain RIFF header, its sizes left open

std::string quoted(const std::string& text) {
    std::string out = "'";
    for (const char c : text) out += c == '\'' ? std::string("'\\''") : std::string(1, c);
    return out + "'";
}

}  // namespace

Result<std::vector<float>> speak(const std::string& sentence, const Voice& voice) {
    const std::string command =
        "espeak-ng -v " + quoted(voice.name) + " -s " + std::to_string(voice.wordsPerMinute) +
        " -p " + std::to_string(voice.pitch) + " --stdout -- " + quoted(sentence) + " 2>/dev/null";
    struct Close {
        void operator()(FILE* f) const { pclose(f); }
    };
    const std::unique_ptr<FILE, Close> pipe(popen(command.c_str(), "r"));
    std::vector<char> bytes;
    char part[65536];
    std::size_t n = 0;
    while (pipe && (n = std::fread(part, 1, sizeof part, pipe.get())) > 0) {
        bytes.insert(bytes.end(), part, part + n);
    }
    if (bytes.size() <= kHeaderBytes) {
        return fail(ErrorCode::CannotRead, {"nothing-spoken", {{"voice", voice.name}}});
    }
    std::uint32_t rate = 0;
    std::memcpy(&rate, bytes.data() + 24, sizeof rate);
    std::vector<float> mono((bytes.size() - kHeaderBytes) / 2);
    for (std::size_t i = 0; i < mono.size(); ++i) {
        std::int16_t v = 0;
        std::memcpy(&v, bytes.data() + kHeaderBytes + 2 * i, sizeof v);
        mono[i] = static_cast<float>(v) / 32768.0f;
    }
    auto out = resampleBlock(mono, rate, 48000, StreamResampler::Quality::Mastering);
    float peak = 1e-6f;
    for (const float v : out) peak = std::max(peak, std::fabs(v));
    for (float& v : out) v *= 0.5f / peak;
    return out;
}

}  // namespace brisk::sim
