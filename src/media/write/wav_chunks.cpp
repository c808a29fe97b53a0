// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the RIFF/WAVE layout, and EBU Tech 3306 for RF64 and its ds64 chunk.
#include "media/write/wav_chunks.h"

#include <fstream>
#include <limits>

namespace brisk {
namespace {

constexpr std::uint64_t kMost32 = std::numeric_limits<std::uint32_t>::max();

std::string little(std::uint64_t v, int bytes) {
    std::string out;
    for (int i = 0; i < bytes; ++i) out += static_cast<char>((v >> (8 * i)) & 0xFF);
    return out;
}

}  // namespace

std::string chunk(std::string_view name, std::string_view content) {
    std::string out(name);
    out += little(content.size(), 4);
    out += content;
    if (content.size() % 2 != 0) out += '\0';
    return out;
}

std::string cueChunks(const std::vector<CuePoint>& points) {
    std::string cues, labels = "adtl";
    std::uint32_t count = 0;
    for (const CuePoint& p : points) {
        if (p.sample < 0 || static_cast<std::uint64_t>(p.sample) > kMost32) continue;
        const auto at = static_cast<std::uint64_t>(p.sample);
        const std::string id = little(++count, 4);
        cues += id + little(at, 4) + "data" + little(0, 4) + little(0, 4) + little(at, 4);
        labels += chunk("labl", id + p.label + '\0');
    }
    if (count == 0) return {};
    return chunk("cue ", little(count, 4) + cues) + chunk("LIST", labels);
}

Result<void> appendChunks(const std::filesystem::path& path, const std::string& chunks) {
    if (chunks.empty()) return {};
    const auto failed = [&] {
        return failAt(ErrorCode::CannotWrite, path.string(), {"cannot-write"});
    };
    std::fstream file(path, std::ios::in | std::ios::out | std::ios::binary);
    std::string head(12, '\0');
    file.read(head.data(), static_cast<std::streamsize>(head.size()));
    const bool rf64 = head.starts_with("RF64");
    if (!file || head.substr(8) != "WAVE" || (!rf64 && !head.starts_with("RIFF"))) return failed();
    file.seekp(0, std::ios::end);
    if (static_cast<std::uint64_t>(file.tellp()) % 2 != 0) file.put('\0');
    file.write(chunks.data(), static_cast<std::streamsize>(chunks.size()));
    const auto size = static_cast<std::uint64_t>(file.tellp()) - 8;
    if (!rf64 && size > kMost32) return failed();
    // An RF64 file says its size in the chunk that comes first, after the form's name.
    constexpr std::streamoff kRiffSize = 4, kDs64RiffSize = 20;
    const std::string written = little(size, rf64 ? 8 : 4);
    file.seekp(rf64 ? kDs64RiffSize : kRiffSize);
    file.write(written.data(), static_cast<std::streamsize>(written.size()));
    file.flush();
    if (!file) return failed();
    return {};
}

}  // namespace brisk
