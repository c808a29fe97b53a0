// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: each stream has a reader of its own file handle and clock, and frame n of the whole is
// frame n - offset of each. A demuxer shared by several streams would have to keep what one stream
// is ahead of the other, without a bound where a file is badly interleaved.
#include "media/read/sound_reader.h"

#include <algorithm>
#include <cmath>

#include "core/mono_mix.h"
#include "media/read/sound_stream.h"

namespace brisk {

class SeekIndex {
  public:
    std::vector<std::shared_ptr<const PacketPlaces>> streams;
};

struct SoundReader::State {
    struct Part {
        SoundStream sound;
        std::int64_t offset = 0;  // frames by which it begins after the first
        std::size_t firstChannel = 0;
    };
    std::vector<Part> parts;
    std::size_t channels = 0;
    std::int64_t silentAt = 0;  // without parts
    std::vector<float> block;

    [[nodiscard]] const SoundStream& first() const { return parts.front().sound; }

    /// One stream's next frames, put into its channels of `out`.
    Result<std::size_t> readPart(Part& p, std::span<float> out) {
        const auto mine = static_cast<std::size_t>(p.sound.channels());
        block.resize(out.size() / channels * mine);
        auto got = p.sound.read(block);
        if (!got) return got;
        for (std::size_t n = 0; n < *got; ++n) {
            for (std::size_t c = 0; c < mine; ++c) {
                out[n * channels + p.firstChannel + c] = block[n * mine + c];
            }
        }
        return got;
    }
};

namespace {

/// Frames by which a stream begins after the first one.
std::int64_t offsetOf(const SoundStream& s, const SoundStream& first) {
    const Seconds later = s.firstSample() - first.firstSample();
    // Less than stamps can say is rounding: such tracks were cut from one clock.
    const double rounding = 1.5 * std::max(s.clockTick().value, first.clockTick().value);
    return std::fabs(later.value) < rounding ? 0 : first.rate().samples(later);
}

}  // namespace

SoundReader::SoundReader(std::unique_ptr<State> state) : state_(std::move(state)) {}
SoundReader::SoundReader(SoundReader&&) noexcept = default;
SoundReader& SoundReader::operator=(SoundReader&&) noexcept = default;
SoundReader::~SoundReader() = default;

Result<SoundReader> SoundReader::open(const std::string& path, int stream,
                                      std::shared_ptr<const SeekIndex> index,
                                      const JobControl& job) {
    return open(path, std::vector<int>{stream}, std::move(index), job);
}

Result<SoundReader> SoundReader::open(const std::string& path, const std::vector<int>& streams,
                                      std::shared_ptr<const SeekIndex> index,
                                      const JobControl& job) {
    const auto places = std::move(index);
    auto state = std::make_unique<State>();
    for (std::size_t i = 0; i < streams.size(); ++i) {
        const bool known = places && i < places->streams.size();
        auto sound = SoundStream::open(path, streams[i], known ? places->streams[i] : nullptr, job);
        if (!sound) return tl::unexpected(sound.error());
        const std::int64_t offset = i == 0 ? 0 : offsetOf(*sound, state->first());
        if (offset != 0) {
            if (auto placed = sound->seek(-offset); !placed) {
                return tl::unexpected(placed.error());
            }
        }
        const auto channels = static_cast<std::size_t>(sound->channels());
        state->parts.push_back({std::move(*sound), offset, state->channels});
        state->channels += channels;
    }
    state->channels = std::max<std::size_t>(1, state->channels);
    return SoundReader(std::move(state));
}

SampleRate SoundReader::rate() const {
    return state_->parts.empty() ? kSilentRate : state_->first().rate();
}
int SoundReader::channels() const {
    return static_cast<int>(state_->channels);
}
Seconds SoundReader::firstSample() const {
    return state_->parts.empty() ? Seconds{0} : state_->first().firstSample();
}

std::int64_t SoundReader::position() const {
    if (state_->parts.empty()) return state_->silentAt;
    // A track that has ended stays behind.
    std::int64_t furthest = INT64_MIN;
    for (const auto& p : state_->parts) {
        furthest = std::max(furthest, p.sound.position() + p.offset);
    }
    return furthest;
}

StreamTroubles SoundReader::troubles() const {
    StreamTroubles all;
    for (const auto& p : state_->parts) all.add(p.sound.troubles());
    return all;
}

std::shared_ptr<const SeekIndex> SoundReader::seekIndex() const {
    auto index = std::make_shared<SeekIndex>();
    for (const auto& p : state_->parts) index->streams.push_back(p.sound.places());
    return index;
}

void SoundReader::collectPictureTimes(int videoStream) {
    if (!state_->parts.empty()) state_->parts.front().sound.collectPictureTimes(videoStream);
}
std::vector<PictureStamp> SoundReader::takePictureTimes() {
    if (state_->parts.empty()) return {};
    return state_->parts.front().sound.takePictureTimes();
}

Result<std::size_t> SoundReader::read(std::span<float> out) {
    if (state_->parts.size() == 1) return state_->parts.front().sound.read(out);
    std::fill(out.begin(), out.end(), 0.0f);
    std::size_t most = 0;
    for (auto& p : state_->parts) {
        auto got = state_->readPart(p, out);
        if (!got) return got;
        most = std::max(most, *got);
    }
    return most;
}

Result<void> SoundReader::seek(std::int64_t frame) {
    state_->silentAt = frame;
    for (auto& p : state_->parts) {
        if (auto sought = p.sound.seek(frame - p.offset); !sought) return sought;
    }
    return {};
}

Result<void> SoundReader::seekNear(std::int64_t frame) {
    for (auto& p : state_->parts) {
        if (auto sought = p.sound.seekNear(frame - p.offset); !sought) return sought;
    }
    return {};
}

void saveSeekIndex(const SeekIndex& index, ByteWriter& out) {
    out.put(static_cast<std::uint64_t>(index.streams.size()));
    for (const auto& places : index.streams) places->save(out);
}

std::shared_ptr<const SeekIndex> loadSeekIndex(ByteReader& in) {
    constexpr std::uint64_t kMax = 1000;  // more is damage
    std::uint64_t streams = 0;
    if (!in.get(streams) || streams > kMax) return nullptr;
    auto index = std::make_shared<SeekIndex>();
    for (std::uint64_t i = 0; i < streams; ++i) {
        auto places = std::make_shared<PacketPlaces>();
        if (!places->load(in)) return nullptr;
        index->streams.push_back(std::move(places));
    }
    return index;
}

Result<void> readMono(SoundReader& reader, std::int64_t first, std::span<float> out, int channel) {
    if (auto sought = reader.seek(first); !sought) return sought;
    const auto channels = static_cast<std::size_t>(reader.channels());
    std::vector<float> block(4096 * channels);
    const bool pastTheEnd = reader.position() != first;
    std::size_t done = 0;
    while (!pastTheEnd && done < out.size()) {
        const std::size_t n = std::min<std::size_t>(4096, out.size() - done);
        auto got = reader.read(std::span(block).first(n * channels));
        if (!got) return tl::unexpected(got.error());
        mixToMono(block, channels, channel, out.subspan(done, *got));
        done += *got;
        if (*got < n) break;
    }
    std::fill(out.begin() + static_cast<std::ptrdiff_t>(done), out.end(), 0.0f);
    return {};
}

}  // namespace brisk
