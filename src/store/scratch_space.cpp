// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/scratch_space.h"

#include <fcntl.h>
#include <unistd.h>

#include <cerrno>
#include <cstdlib>
#include <string>

namespace brisk {
namespace {

constexpr std::int64_t kBlocksBetweenLooks = 256;  // at how much the disk has left: 16 MB
/// Of what the disk has left: somebody may be about to fill it with what cannot be made again.
constexpr std::uintmax_t kPartOfFree = 16;

int openNameless(const std::filesystem::path& folder) {
    const int fd = ::open(folder.c_str(), O_TMPFILE | O_RDWR | O_CLOEXEC, 0600);
    if (fd >= 0) return fd;
    // Not every file system has files without a name.
    std::string name = (folder / "scratch-XXXXXX").string();
    const int named = ::mkostemp(name.data(), O_CLOEXEC);
    if (named >= 0) ::unlink(name.c_str());
    return named;
}

/// All of it, however often it takes.
template <class Transfer>
bool whole(std::size_t size, std::int64_t at, Transfer transfer) {
    for (std::size_t done = 0; done < size;) {
        const ssize_t n =
            transfer(done, size - done, static_cast<off_t>(at) + static_cast<off_t>(done));
        if (n > 0) {
            done += static_cast<std::size_t>(n);
        } else if (n == 0 || errno != EINTR) {
            return false;
        }
    }
    return true;
}

}  // namespace

std::shared_ptr<ScratchSpace> ScratchSpace::create(const std::filesystem::path& folder,
                                                   std::uintmax_t mostBytes) {
    if (folder.empty()) return nullptr;
    std::error_code ec;
    std::filesystem::create_directories(folder, ec);
    const int fd = ec ? -1 : openNameless(folder);
    if (fd < 0) return nullptr;
    return std::shared_ptr<ScratchSpace>(new ScratchSpace(fd, folder, mostBytes));
}

ScratchSpace::~ScratchSpace() {
    ::close(fd_);
}

std::optional<std::int64_t> ScratchSpace::next() {
    const std::scoped_lock hold(lock_);
    if (!free_.empty()) {
        const std::int64_t block = free_.back();
        free_.pop_back();
        return block;
    }
    if (static_cast<std::uintmax_t>(end_ + 1) * kBlock > most_) return std::nullopt;
    if (end_ % kBlocksBetweenLooks == 0) {
        std::error_code ec;
        const auto disk = std::filesystem::space(folder_, ec);
        const std::uintmax_t used = static_cast<std::uintmax_t>(end_) * kBlock;
        full_ = ec || disk.available < kLeftFree || used > disk.available / kPartOfFree;
    }
    if (full_) return std::nullopt;
    return end_++;
}

std::optional<std::int64_t> ScratchSpace::write(std::span<const std::byte> bytes) {
    const auto block = next();
    if (!block) return std::nullopt;
    const bool written = whole(kBlock, *block * static_cast<std::int64_t>(kBlock),
                               [&](std::size_t done, std::size_t n, off_t at) {
                                   return ::pwrite(fd_, bytes.data() + done, n, at);
                               });
    if (written) return block;
    free(*block);
    return std::nullopt;
}

bool ScratchSpace::read(std::int64_t block, std::span<std::byte> bytes) const {
    return whole(kBlock, block * static_cast<std::int64_t>(kBlock),
                 [&](std::size_t done, std::size_t n, off_t at) {
                     return ::pread(fd_, bytes.data() + done, n, at);
                 });
}

void ScratchSpace::free(std::int64_t block) {
    const std::scoped_lock hold(lock_);
    free_.push_back(block);
}

}  // namespace brisk
