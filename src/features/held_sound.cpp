// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/held_sound.h"

#include <algorithm>

#include "features/reading_cost.h"

namespace brisk {
namespace {

/// Without an index a leap goes to the beginning of some seconds of pictures and sound, and all of
/// them are read: a gap that is not longer costs as much, and what lies in it is held.
constexpr double kSecondsOfALeap = 5;

}  // namespace

Result<std::shared_ptr<HeldSound>> HeldSound::open(const SoundScan& scan) {
    std::shared_ptr<HeldSound> held(new HeldSound(scan));
    if (!scan.noted) {
        if (auto opened = held->openFile(); !opened) return tl::unexpected(opened.error());
    }
    return held;
}

Result<void> HeldSound::openFile() {
    if (reader_) return {};
    auto reader = scan_->open();
    if (!reader) return tl::unexpected(reader.error());
    reader_ = std::move(*reader);
    if (picturesAreReadToo(scan_->info)) {
        near_ = reader_->rate().samples({kSecondsOfALeap}) / kBlock;
    }
    return {};
}

Result<const HeldSound::Block*> HeldSound::block(std::int64_t number) {
    if (const auto known = kept_.find(number); known != kept_.end()) {
        order_.splice(order_.begin(), order_, known->second.used);
        return &known->second.samples;
    }
    // Where the gap is not worth a leap, it is read through.
    if (number > after_ && number - after_ <= near_) {
        while (after_ < number) {
            if (auto between = fetch(after_); !between) return between;
        }
    }
    return fetch(number);
}

Result<const HeldSound::Block*> HeldSound::fetch(std::int64_t number) {
    kept_.erase(number);
    std::erase(order_, number);
    Block samples;
    if (kept_.size() >= kBlocks) {
        const auto oldest = kept_.find(order_.back());
        samples = std::move(oldest->second.samples);
        kept_.erase(oldest);
        order_.pop_back();
    }
    samples.resize(static_cast<std::size_t>(kBlock));
    if (!scan_->noted || !scan_->noted->read(number, samples)) {
        if (auto opened = openFile(); !opened) return tl::unexpected(opened.error());
        auto got = readMono(*reader_, number * kBlock, samples, scan_->channel);
        if (!got) return tl::unexpected(got.error());
    }
    after_ = number + 1;
    order_.push_front(number);
    return &kept_.emplace(number, Kept{std::move(samples), order_.begin()}).first->second.samples;
}

Result<void> HeldSound::read(std::int64_t first, std::span<float> out) {
    std::int64_t at = first + scan_->from;
    while (!out.empty()) {
        // Rounded down, for what lies before the file.
        const std::int64_t number = (at >= 0 ? at : at - kBlock + 1) / kBlock;
        auto samples = block(number);
        if (!samples) return tl::unexpected(samples.error());
        const std::int64_t skip = at - number * kBlock;
        const auto n = std::min(static_cast<std::size_t>(kBlock - skip), out.size());
        std::copy_n((*samples)->begin() + skip, n, out.begin());
        out = out.subspan(n);
        at += static_cast<std::int64_t>(n);
    }
    return {};
}

void HeldSound::forget() {
    kept_.clear();
    order_.clear();
}

}  // namespace brisk
