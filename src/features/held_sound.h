// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sound of one scan as mono, of which the parts that were read last are kept: short windows
/// around the same moments are wanted again and again, of a short take all of it.
///
///     auto sound = HeldSound::open(scan);
///     sound->read(first, window);      // as readMono, and the same samples
#pragma once

#include <cstdint>
#include <list>
#include <map>
#include <memory>
#include <optional>
#include <span>
#include <vector>

#include "core/result.h"
#include "features/sound_scan.h"

namespace brisk {

/// Threads: one at a time.
class HeldSound {
  public:
    /// At most kBlocks of kBlock samples are kept: 24 MB, two minutes. The windows that a place
    /// is measured with, and what lies around them, must fit: they are gone through several times.
    static constexpr std::int64_t kBlock = NotedSound::kBlock;
    static constexpr std::size_t kBlocks = 384;

    /// The scan must outlive this. Errors: CannotRead, Cancelled.
    static Result<std::shared_ptr<HeldSound>> open(const SoundScan& scan);

    /// Samples [first, first + out.size()) of the scan's own (of an excerpt: counted from its
    /// start), at its own rate; outside the file there is silence. Errors: CannotRead.
    Result<void> read(std::int64_t first, std::span<float> out);

    /// Drops what is kept; the file stays open.
    void forget();

    [[nodiscard]] const SoundScan& scan() const { return *scan_; }

  private:
    using Block = std::vector<float>;
    explicit HeldSound(const SoundScan& scan) : scan_(&scan) {}
    /// Opens the file, if it is not open. Errors: CannotRead.
    Result<void> openFile();
    Result<const Block*> block(std::int64_t number);
    Result<const Block*> fetch(std::int64_t number);

    const SoundScan* scan_;
    std::optional<SoundReader> reader_;  // none while all that is wanted was noted
    std::int64_t near_ = 0;              // blocks that are sooner read than leapt over
    std::int64_t after_ = 0;             // the block at which the reader stands
    struct Kept {
        Block samples;
        std::list<std::int64_t>::iterator used;
    };
    std::map<std::int64_t, Kept> kept_;
    std::list<std::int64_t> order_;  // the one used last at the front
};

}  // namespace brisk
