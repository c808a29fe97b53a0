// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The mono sound of a file, as one pass over it heard it, kept on the disk for as long as the
/// program runs: short windows of a take are wanted later, and its file would be read and decoded
/// once more for them.
///
///     auto noted = NotedSound::begin();                     // null: there is no place for it
///     for (...) if (noted && !noted->push(mono)) noted.reset();
///     if (noted && noted->finish()) scan.noted = noted;
#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <vector>

#include "store/scratch_space.h"

namespace brisk {

class NotedSound {
  public:
    /// Samples; of a scratch space's block.
    static constexpr std::int64_t kBlock = ScratchSpace::kBlock / sizeof(float);

    /// Beside the scan cache, no more than that may take. Null where there is none.
    static std::shared_ptr<NotedSound> begin();
    explicit NotedSound(std::shared_ptr<ScratchSpace> space) : space_(std::move(space)) {}
    NotedSound(const NotedSound&) = delete;
    NotedSound& operator=(const NotedSound&) = delete;
    ~NotedSound();

    /// The samples that come next, from the first on. False: there is no room, and no use in more.
    [[nodiscard]] bool push(std::span<const float> mono);
    [[nodiscard]] bool finish();

    /// Samples [number * kBlock, (number + 1) * kBlock); silence outside the sound. False where the
    /// disk does not give them back.   Threads: any, once it is finished.
    [[nodiscard]] bool read(std::int64_t number, std::span<float> out) const;

  private:
    bool writePart();

    const std::shared_ptr<ScratchSpace> space_;
    std::vector<std::int64_t> blocks_;
    std::vector<float> part_;  // of the block that is not full yet
};

}  // namespace brisk
