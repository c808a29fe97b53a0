// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sound of a file as float samples on an exact time line. Position 0 is the first sample a
/// correct player presents; holes in the time stamps are silence, so position n is always n / rate
/// seconds later. Memory stays flat however long the file.
///
/// A recorder may write each microphone as a sound track of its own. Such tracks are read side by
/// side, as channels of one sound, in the order in which they are asked for.
///
///     auto reader = SoundReader::open(path);
///     while (auto got = reader->read(buffer)) { if (*got == 0) break; use(buffer, *got); }
#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "core/units.h"
#include "media/read/picture_times.h"
#include "media/read/stream_troubles.h"
#include "store/byte_stream.h"

namespace brisk {

/// Where decoded packets really lie, noted while reading from the start. Needed to land exactly
/// after a seek in containers whose clock is coarser than a sample (Matroska: 1 ms).
class SeekIndex;
void saveSeekIndex(const SeekIndex& index, ByteWriter& out);
/// Null where the bytes hold none.
std::shared_ptr<const SeekIndex> loadSeekIndex(ByteReader& in);

class SoundReader {
  public:
    static constexpr SampleRate kSilentRate{48000};

    /// \param stream index in the container, or -1 for the first sound.
    /// \param index  from an earlier whole reading of the same stream, or null.
    /// \param job    asked at every read of the file, for as long as the reader lives.
    /// Errors: CannotRead, NotMedia, NoSound, Cancelled.  The file is opened for reading only.
    static Result<SoundReader> open(const std::string& path, int stream = -1,
                                    std::shared_ptr<const SeekIndex> index = nullptr,
                                    const JobControl& job = {});
    /// Several streams side by side; the first says where position 0 is. One that begins later or
    /// ends earlier is silent there; what one holds from before the first is not read.
    /// \param streams all of the same rate. None: a sound that is over before it begins, at
    ///                kSilentRate, of a film that has none; the file is not opened.
    static Result<SoundReader> open(const std::string& path, const std::vector<int>& streams,
                                    std::shared_ptr<const SeekIndex> index = nullptr,
                                    const JobControl& job = {});

    SoundReader(SoundReader&&) noexcept;
    SoundReader& operator=(SoundReader&&) noexcept;
    ~SoundReader();

    [[nodiscard]] SampleRate rate() const;
    /// Of all streams together.
    [[nodiscard]] int channels() const;
    /// File time of position 0. Known from opening on.
    [[nodiscard]] Seconds firstSample() const;
    [[nodiscard]] std::int64_t position() const;

    /// Fills interleaved samples; the span's size must be a multiple of channels().
    /// Returns frames read, fewer only at the end, 0 after it. Errors: CannotRead.
    Result<std::size_t> read(std::span<float> interleaved);

    /// Goes to a frame position, exactly; negative positions read as silence up to 0.
    Result<void> seek(std::int64_t frame);

    /// Goes about there, to the container's clock, without ever reading the file from its start.
    /// For a first listen; positions of this reader are rough from then on.
    Result<void> seekNear(std::int64_t frame);

    /// Also notes the picture stream's time stamps while reading on from here to the end.
    void collectPictureTimes(int videoStream);
    [[nodiscard]] std::vector<PictureStamp> takePictureTimes();

    /// Complete after reading from 0 to the end without a seek.
    [[nodiscard]] std::shared_ptr<const SeekIndex> seekIndex() const;
    /// So far, in all.
    [[nodiscard]] StreamTroubles troubles() const;

  private:
    struct State;
    explicit SoundReader(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

/// Reads frames [first, first + out.size()) as mono: the mean of all channels, or one of them.
/// Outside the sound there is silence. \param channel -1 for the mean.
Result<void> readMono(SoundReader& reader, std::int64_t first, std::span<float> out,
                      int channel = -1);

}  // namespace brisk
