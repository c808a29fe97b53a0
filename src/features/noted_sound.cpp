// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/noted_sound.h"

#include <algorithm>
#include <mutex>

#include "features/scan_cache.h"

namespace brisk {
namespace {

/// One for the whole program, in the folder of the day.
std::shared_ptr<ScratchSpace> sharedSpace() {
    static std::mutex lock;
    static std::filesystem::path folder;
    static std::shared_ptr<ScratchSpace> space;
    const std::scoped_lock hold(lock);
    const auto now = scanCacheFolder();
    if (!space || folder != now) {
        folder = now;
        space = ScratchSpace::create(now, scanCacheLimit());
    }
    return space;
}

}  // namespace

std::shared_ptr<NotedSound> NotedSound::begin() {
    auto space = sharedSpace();
    return space ? std::make_shared<NotedSound>(std::move(space)) : nullptr;
}

NotedSound::~NotedSound() {
    for (const std::int64_t block : blocks_) space_->free(block);
}

bool NotedSound::push(std::span<const float> mono) {
    while (!mono.empty()) {
        const auto room = static_cast<std::size_t>(kBlock) - part_.size();
        const auto n = std::min(room, mono.size());
        part_.insert(part_.end(), mono.begin(), mono.begin() + static_cast<std::ptrdiff_t>(n));
        mono = mono.subspan(n);
        if (part_.size() == static_cast<std::size_t>(kBlock) && !writePart()) return false;
    }
    return true;
}

bool NotedSound::finish() {
    part_.resize(part_.empty() ? 0 : static_cast<std::size_t>(kBlock));
    const bool written = part_.empty() || writePart();
    part_ = {};  // its memory, too: there are hundreds of takes
    return written;
}

bool NotedSound::writePart() {
    const auto block = space_->write(std::as_bytes(std::span<const float>(part_)));
    part_.clear();
    if (block) blocks_.push_back(*block);
    return block.has_value();
}

bool NotedSound::read(std::int64_t number, std::span<float> out) const {
    if (number < 0 || number >= static_cast<std::int64_t>(blocks_.size())) {
        std::fill(out.begin(), out.end(), 0.0f);
        return true;
    }
    return space_->read(blocks_[static_cast<std::size_t>(number)], std::as_writable_bytes(out));
}

}  // namespace brisk
