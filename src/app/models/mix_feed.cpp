// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/mix_feed.h"

#include <algorithm>
#include <cstring>

namespace brisk::app {
namespace {

constexpr std::size_t kBuffered = 48000 / 8;  // frames: what changes is heard this much later
constexpr std::size_t kBlock = 1024;
constexpr std::size_t kFirstBlock = 256;  // something is heard while the rest is made
constexpr std::size_t kPlacesKept = 2000;

}  // namespace

MixFeed::MixFeed(Open open, std::int64_t from, Hearing hearing, Travel travel)
    : hearing_(hearing),
      travel_(std::move(travel)),
      placed_{{0, Transport::kRate.seconds(from), 1}},
      thread_([this, open = std::move(open), from] { run(open, from); }) {
    QIODevice::open(QIODevice::ReadOnly);
}

MixFeed::~MixFeed() {
    {
        const std::lock_guard lock(mutex_);
        ending_ = true;
    }
    wake_.notify_one();
    thread_.join();
}

void MixFeed::setHearing(Hearing h) {
    const std::lock_guard lock(mutex_);
    hearing_ = h;
}

void MixFeed::setTravel(const Travel& t) {
    const std::lock_guard lock(mutex_);
    travel_ = t;
}

void MixFeed::replaceClean(OpenClean open) {
    const std::lock_guard lock(mutex_);
    nextClean_ = std::move(open);
}

QString MixFeed::problem() const {
    const std::lock_guard lock(mutex_);
    return problem_;
}

Seconds MixFeed::takeTimeAt(std::int64_t outputFrame) const {
    const std::lock_guard lock(mutex_);
    const auto after =
        std::upper_bound(placed_.begin(), placed_.end(), outputFrame,
                         [](std::int64_t f, const Placed& p) { return f < p.output; });
    const Placed& p = after == placed_.begin() ? placed_.front() : *std::prev(after);
    const std::int64_t next = after == placed_.end() ? made_ : after->output;
    const std::int64_t into = std::clamp<std::int64_t>(outputFrame, p.output, next) - p.output;
    return p.at + Transport::kRate.seconds(into) * p.speed;
}

void MixFeed::discardUpTo(std::int64_t outputFrame) {
    const std::lock_guard lock(mutex_);
    const auto frames = std::clamp<std::int64_t>(outputFrame - taken_, 0,
                                                 static_cast<std::int64_t>(ready_.size() / 2));
    ready_.erase(ready_.begin(), ready_.begin() + static_cast<std::ptrdiff_t>(2 * frames));
    taken_ += frames;
    wake_.notify_one();
}

qint64 MixFeed::bytesAvailable() const {
    const std::lock_guard lock(mutex_);
    return static_cast<qint64>(ready_.size() * sizeof(float)) + QIODevice::bytesAvailable();
}

qint64 MixFeed::readData(char* data, qint64 most) {
    const std::lock_guard lock(mutex_);
    const std::size_t n =
        std::min(ready_.size(), static_cast<std::size_t>(most) / sizeof(float)) & ~std::size_t{1};
    for (std::size_t i = 0; i < n; ++i) {
        std::memcpy(data + i * sizeof(float), &ready_[i], sizeof(float));
    }
    ready_.erase(ready_.begin(), ready_.begin() + static_cast<std::ptrdiff_t>(n));
    taken_ += static_cast<std::int64_t>(n / 2);
    wake_.notify_one();
    return static_cast<qint64>(n * sizeof(float));
}

void MixFeed::run(const Open& open, std::int64_t from) {
    auto transport = open();
    Result<void> ok;
    if (!transport) {
        ok = tl::unexpected(transport.error());
    } else {
        ok = transport->seek(from);
        if (ok) ok = mixOn(*transport);
    }
    const std::lock_guard lock(mutex_);
    if (!ok) problem_ = QString::fromStdString(ok.error().sentence);
}

Result<void> MixFeed::mixOn(Transport& transport) {
    for (std::size_t frames = kFirstBlock;; frames = kBlock) {
        Hearing hearing;
        Travel travel;
        OpenClean next;
        {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return ending_ || ready_.size() < 2 * kBuffered; });
            if (ending_) return {};
            next.swap(nextClean_);
            hearing = hearing_;
            travel = travel_;
        }
        if (next) {
            auto clean = next();
            if (!clean) return tl::unexpected(clean.error());
            if (auto done = transport.mix().replaceClean(std::move(*clean)); !done) return done;
        }
        auto block = transport.read(hearing, travel, frames);
        if (!block) return tl::unexpected(block.error());
        const std::lock_guard lock(mutex_);
        placed_.push_back({made_, block->at, block->speed});
        if (placed_.size() > kPlacesKept) placed_.pop_front();
        made_ += static_cast<std::int64_t>(block->stereo.size() / 2);
        ready_.insert(ready_.end(), block->stereo.begin(), block->stereo.end());
    }
}

}  // namespace brisk::app
