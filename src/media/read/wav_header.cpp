// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the RIFF/WAVE layout, and EBU Tech 3306 for RF64 and its ds64 chunk.
#include "media/read/wav_header.h"

#include <algorithm>
#include <filesystem>
#include <fstream>

namespace brisk {
namespace {

constexpr std::uint64_t kSaidElsewhere = 0xFFFFFFFFu;  // in ds64, or nowhere

std::uint64_t little(const std::string& bytes, std::size_t at, int count) {
    std::uint64_t v = 0;
    for (int i = count - 1; i >= 0; --i) {
        v = (v << 8) | static_cast<unsigned char>(bytes[at + static_cast<std::size_t>(i)]);
    }
    return v;
}

/// Walks over the chunks of a file, from one to the next; past its sound where its size is known.
class Chunks {
  public:
    explicit Chunks(const std::string& path) : in_(path, std::ios::binary) {
        std::error_code ec;
        fileSize_ = std::filesystem::file_size(path, ec);
        if (ec) fileSize_ = 0;
        const std::string head = read(12);
        if (head.size() != 12 || head.substr(8) != "WAVE") return;
        rf64_ = head.starts_with("RF64");
        wav_ = rf64_ || head.starts_with("RIFF");
        next_ = 12;
    }
    [[nodiscard]] bool isWav() const { return wav_; }
    [[nodiscard]] bool isRf64() const { return rf64_; }
    /// To the first chunk, then to each that follows; false at the end.
    bool next() {
        if (!wav_ || next_ + 8 > fileSize_) return false;
        in_.clear();
        in_.seekg(static_cast<std::streamoff>(next_));
        const std::string head = read(8);
        if (head.size() != 8) return false;
        id_ = head.substr(0, 4);
        // Space that was reserved and never written: nothing follows in it.
        if (id_ == std::string_view("\0\0\0\0", 4) || ++seen_ > kMaxChunks) return false;
        written_ = little(head, 4, 4);
        at_ = next_ + 8;
        if (id_ == "ds64") {
            const std::string sizes = content(16);
            if (sizes.size() == 16) ds64Data_ = little(sizes, 8, 8);
        }
        next_ = at_ + size() + (size() & 1);
        if (next_ < at_) next_ = fileSize_;  // a damaged size leads nowhere
        return true;
    }
    [[nodiscard]] const std::string& id() const { return id_; }
    [[nodiscard]] std::uint64_t writtenSize() const { return written_; }
    /// Of the sound in an RF64 file: what its ds64 chunk says.
    [[nodiscard]] std::uint64_t size() const {
        return rf64_ && id_ == "data" && written_ == kSaidElsewhere ? ds64Data_ : written_;
    }
    [[nodiscard]] std::uint64_t bytesThatFollow() const { return fileSize_ - at_; }
    /// The first bytes of this chunk, at most so many.
    std::string content(std::size_t most) {
        in_.clear();
        in_.seekg(static_cast<std::streamoff>(at_));
        return read(
            static_cast<std::size_t>(std::min<std::uint64_t>({most, written_, bytesThatFollow()})));
    }

  private:
    std::string read(std::size_t n) {
        std::string bytes(n, '\0');
        in_.read(bytes.data(), static_cast<std::streamsize>(n));
        bytes.resize(static_cast<std::size_t>(in_.gcount()));
        return bytes;
    }
    std::ifstream in_;
    static constexpr int kMaxChunks = 10000;  // a chunk every eight bytes is damage
    int seen_ = 0;
    bool wav_ = false, rf64_ = false;
    std::uint64_t fileSize_ = 0, next_ = 0, at_ = 0, written_ = 0, ds64Data_ = 0;
    std::string id_;
};

}  // namespace

std::optional<WavHeader> readWavHeader(const std::string& path) {
    Chunks chunks(path);
    if (!chunks.isWav()) return std::nullopt;
    WavHeader h;
    h.rf64 = chunks.isRf64();
    while (chunks.next()) {
        if (chunks.id() == "data") {
            const std::uint64_t size = chunks.writtenSize();
            h.sizeLeftOpen = !h.rf64 && (size == 0 || size == kSaidElsewhere);
            h.promisedBytes = chunks.size();
            h.presentBytes = chunks.bytesThatFollow();
            if (h.rf64 && h.promisedBytes == 0) h.sizeLeftOpen = true;
            return h;
        }
        if (chunks.id() == "fmt ") {
            const std::string fmt = chunks.content(16);
            if (fmt.size() == 16) h.bytesPerSecond = static_cast<std::uint32_t>(little(fmt, 8, 4));
        }
    }
    return h;
}

std::string wavChunk(const std::string& path, const std::string& id) {
    constexpr std::size_t kMax = 1u << 20;  // notes; more is damage
    Chunks chunks(path);
    while (chunks.next()) {
        if (chunks.id() == id) return chunks.content(kMax);
    }
    return {};
}

std::optional<Fact> wavWarning(const WavHeader& h) {
    if (h.bytesPerSecond == 0) return std::nullopt;
    const auto length = [&](std::uint64_t bytes) {
        return static_cast<double>(bytes) / h.bytesPerSecond;
    };
    if (h.sizeLeftOpen) {
        return Fact{"header-never-completed", {{"present", length(h.presentBytes)}}};
    }
    if (h.promisedBytes > h.presentBytes) {
        return Fact{"file-cut-short",
                    {{"promised", length(h.promisedBytes)}, {"present", length(h.presentBytes)}}};
    }
    return std::nullopt;
}

}  // namespace brisk
