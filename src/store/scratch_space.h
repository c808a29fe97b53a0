// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Room on the disk for what can be made again, in blocks of one size. The file has no name: what
/// is in it goes with the program, however that ends, and no other program sees it.
///
///     auto space = ScratchSpace::create(folder, 2ull << 30);
///     auto block = space->write(bytes);        // nothing: there is no room
///     if (block && space->read(*block, bytes)) use(bytes);
#pragma once

#include <cstddef>
#include <cstdint>
#include <filesystem>
#include <memory>
#include <mutex>
#include <optional>
#include <span>
#include <vector>

namespace brisk {

/// Threads: safe.
class ScratchSpace {
  public:
    static constexpr std::size_t kBlock = 1 << 16;  ///< bytes
    /// What is left to others on the disk.
    static constexpr std::uintmax_t kLeftFree = 2ull << 30;

    /// Null where the folder cannot be made, or written to.
    static std::shared_ptr<ScratchSpace> create(const std::filesystem::path& folder,
                                                std::uintmax_t mostBytes);
    ScratchSpace(const ScratchSpace&) = delete;
    ScratchSpace& operator=(const ScratchSpace&) = delete;
    ~ScratchSpace();

    /// The number of the block that now holds this; nothing where there is no room.
    /// \param bytes  kBlock of them.
    [[nodiscard]] std::optional<std::int64_t> write(std::span<const std::byte> bytes);
    /// False where the disk does not give it back.
    [[nodiscard]] bool read(std::int64_t block, std::span<std::byte> bytes) const;
    void free(std::int64_t block);

  private:
    ScratchSpace(int fd, std::filesystem::path folder, std::uintmax_t mostBytes)
        : fd_(fd), folder_(std::move(folder)), most_(mostBytes) {}
    std::optional<std::int64_t> next();

    const int fd_;
    const std::filesystem::path folder_;
    const std::uintmax_t most_;
    std::mutex lock_;
    std::vector<std::int64_t> free_;  // guarded by lock_, as what follows
    std::int64_t end_ = 0;
    bool full_ = false;
};

}  // namespace brisk
