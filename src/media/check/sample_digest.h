// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The samples of a track as comparable facts: whether what was rendered is what a file holds, to
/// the last bit, and if not, from which second on.
///
///     SampleDigest made(2); made.add(words); ...
///     made.firstDifference(read);     // nothing: they are the same
#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <span>
#include <vector>

namespace brisk {

class SampleDigest {
  public:
    explicit SampleDigest(int channels);
    SampleDigest(SampleDigest&&) noexcept;
    SampleDigest& operator=(SampleDigest&&) noexcept;
    ~SampleDigest();

    /// Interleaved samples as the codec holds them, each in the upper bits of a word.
    void add(std::span<const std::int32_t> interleaved);
    /// Nothing is added afterwards.
    void finish();

    [[nodiscard]] std::int64_t frames() const { return frames_; }
    /// The first frame of the second in which they part, or where the shorter one ends. Both
    /// finished. Memory: 8 bytes a second.
    [[nodiscard]] std::optional<std::int64_t> firstDifference(const SampleDigest& other) const;

  private:
    struct State;
    std::size_t channels_;
    std::int64_t frames_ = 0;
    std::vector<std::uint64_t> seconds_;  // of 48,000 frames each
    std::unique_ptr<State> state_;
};

}  // namespace brisk
