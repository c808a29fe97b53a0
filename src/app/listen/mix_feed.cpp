// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/mix_feed.h"

#include <algorithm>
#include <cstring>

#include "app/spine/words.h"
#include "core/guarded.h"

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
      placed_{{0, Transport::kRate.seconds(from), 0}},
      next_(Transport::kRate.seconds(from)),
      thread_([this, open = std::move(open), from] { run(open, from); }) {
    // Unbuffered: what is taken is what the device plays next, and nothing lies in between.
    QIODevice::open(QIODevice::ReadOnly | QIODevice::Unbuffered);
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

bool MixFeed::ready() const {
    const std::lock_guard lock(mutex_);
    return madeFrames_ > 0;
}

std::int64_t MixFeed::taken() const {
    const std::lock_guard lock(mutex_);
    return taken_;
}

Seconds MixFeed::takeTimeAt(std::int64_t outputFrame) const {
    const std::lock_guard lock(mutex_);
    const auto after =
        std::upper_bound(placed_.begin(), placed_.end(), outputFrame,
                         [](std::int64_t f, const Placed& p) { return f < p.output; });
    const Placed& p = after == placed_.begin() ? placed_.front() : *std::prev(after);
    const std::int64_t next = after == placed_.end() ? taken_ : after->output;
    const std::int64_t into = std::clamp<std::int64_t>(outputFrame, p.output, next) - p.output;
    return p.at + Transport::kRate.seconds(into) * p.speed;
}

void MixFeed::place(Seconds at, double speed) {
    if (placed_.back().output == taken_) placed_.pop_back();
    placed_.push_back({taken_, at, speed});
    if (placed_.size() > kPlacesKept) placed_.pop_front();
}

void MixFeed::take(float* out, std::int64_t frames) {
    while (frames > 0) {
        if (made_.empty()) {
            if (placed_.back().speed != 0) place(next_, 0);
            if (out) std::fill_n(out, 2 * frames, 0.0f);
            taken_ += frames;
            break;
        }
        Made& m = made_.front();
        const std::size_t all = m.block.stereo.size() / 2;
        const auto n = std::min<std::size_t>(all - m.used, static_cast<std::size_t>(frames));
        const Seconds begins =
            m.block.at +
            Transport::kRate.seconds(static_cast<std::int64_t>(m.used)) * m.block.speed;
        if (m.used == 0 || placed_.back().speed == 0) place(begins, m.block.speed);
        if (out) {
            std::copy_n(m.block.stereo.data() + 2 * m.used, 2 * n, out);
            out += 2 * n;
        }
        m.used += n;
        madeFrames_ -= n;
        taken_ += static_cast<std::int64_t>(n);
        frames -= static_cast<std::int64_t>(n);
        next_ = m.block.at +
                Transport::kRate.seconds(static_cast<std::int64_t>(m.used)) * m.block.speed;
        if (m.used == all) made_.pop_front();
    }
    wake_.notify_one();
}

void MixFeed::discardUpTo(std::int64_t outputFrame) {
    const std::lock_guard lock(mutex_);
    take(nullptr, outputFrame - taken_);
}

qint64 MixFeed::bytesAvailable() const {
    // There is always something: silence, if nothing else. A device that is told otherwise stops
    // asking.
    return static_cast<qint64>(2 * kBuffered * sizeof(float));
}

qint64 MixFeed::readData(char* data, qint64 most) {
    constexpr qint64 kFrame = 2 * sizeof(float);
    const std::int64_t frames = most / kFrame;
    std::vector<float> block(static_cast<std::size_t>(2 * frames));
    {
        const std::lock_guard lock(mutex_);
        take(block.data(), frames);
    }
    std::memcpy(data, block.data(), static_cast<std::size_t>(frames * kFrame));
    return frames * kFrame;
}

void MixFeed::run(const Open& open, std::int64_t from) {
    const Result<void> ok = guarded({}, [&]() -> Result<void> {
        auto transport = open();
        if (!transport) return tl::unexpected(transport.error());
        if (auto sought = transport->seek(from); !sought) return sought;
        return mixOn(*transport);
    });
    const std::lock_guard lock(mutex_);
    if (!ok) problem_ = inWords(ok.error().fact);
}

Result<void> MixFeed::mixOn(Transport& transport) {
    for (std::size_t frames = kFirstBlock;; frames = kBlock) {
        Hearing hearing;
        Travel travel;
        OpenClean next;
        {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return ending_ || madeFrames_ < kBuffered; });
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
        if (block->stereo.empty()) continue;
        madeFrames_ += block->stereo.size() / 2;
        made_.push_back({std::move(*block)});
    }
}

}  // namespace brisk::app
