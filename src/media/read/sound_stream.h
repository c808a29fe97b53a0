// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One sound stream of a file as float samples on an exact time line. Position 0 is the first
/// sample a correct player presents; holes in the time stamps are silence, so position n is always
/// n / rate seconds later. Memory stays flat however long the file. SoundReader puts several of
/// them side by side; everything outside of media uses that one.
#pragma once

#include <cstdint>
#include <map>
#include <memory>
#include <span>
#include <string>
#include <utility>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "core/units.h"
#include "media/read/picture_times.h"
#include "media/read/stream_troubles.h"
#include "store/byte_stream.h"

namespace brisk {

/// Where the packets of one stream really lie, by their time stamps.
class PacketPlaces {
  public:
    /// Remembered a few times a second at most.
    void add(std::int64_t pts, std::int64_t frame);
    /// The exact frame position of a packet, or -1.
    [[nodiscard]] std::int64_t find(std::int64_t pts) const;
    [[nodiscard]] bool empty() const { return places_.empty(); }
    /// The clock jumped and was not followed: stamps repeat, or lie, and find nothing.
    void setAnew() { setAnew_ = true; }
    [[nodiscard]] bool wasSetAnew() const { return setAnew_; }
    void save(ByteWriter& out) const;
    bool load(ByteReader& in);

  private:
    struct Place {
        std::int64_t pts = 0;
        std::int64_t frame = 0;
        Place() = default;
        explicit Place(const std::pair<const std::int64_t, std::int64_t>& p)
            : pts(p.first), frame(p.second) {}
    };
    static constexpr std::int64_t kSpacing = 8000;
    std::map<std::int64_t, std::int64_t> places_;
    bool setAnew_ = false;
};

class SoundStream {
  public:
    /// \param stream index in the container, or -1 for the first sound.
    /// \param index  from an earlier whole reading of the same stream, or null.
    /// \param job    asked at every read of the file.
    /// Errors: CannotRead, NotMedia, NoSound, Cancelled.  The file is opened for reading only.
    static Result<SoundStream> open(const std::string& path, int stream,
                                    std::shared_ptr<const PacketPlaces> index,
                                    const JobControl& job = {});

    SoundStream(SoundStream&&) noexcept;
    SoundStream& operator=(SoundStream&&) noexcept;
    ~SoundStream();

    [[nodiscard]] SampleRate rate() const;
    [[nodiscard]] int channels() const;
    /// File time of position 0. Known from opening on.
    [[nodiscard]] Seconds firstSample() const;
    /// What the container's time stamps can tell apart.
    [[nodiscard]] Seconds clockTick() const;
    [[nodiscard]] std::int64_t position() const;

    /// Fills interleaved samples; the span's size must be a multiple of channels().
    /// Returns frames read, fewer only at the end, 0 after it. Errors: CannotRead.
    Result<std::size_t> read(std::span<float> interleaved);

    /// Goes to a frame position, exactly; negative positions read as silence up to 0.
    Result<void> seek(std::int64_t frame);

    /// Goes about there, to the container's clock, without ever reading the file from its start.
    /// Positions of this stream are rough from then on.
    Result<void> seekNear(std::int64_t frame);

    /// Also notes the picture stream's time stamps while reading on from here to the end.
    void collectPictureTimes(int videoStream);
    [[nodiscard]] std::vector<PictureStamp> takePictureTimes();

    /// Complete after reading from 0 to the end without a seek.
    [[nodiscard]] std::shared_ptr<const PacketPlaces> places() const;
    /// So far, since the file's start or the last seek there.
    [[nodiscard]] const StreamTroubles& troubles() const;

  private:
    struct State;
    explicit SoundStream(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk
