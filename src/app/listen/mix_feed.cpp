// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/mix_feed.h"

#include <QThreadPool>
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
    : shared_(std::make_shared<Shared>()) {
    shared_->hearing = hearing;
    shared_->travel = travel;
    shared_->placed = {{0, Transport::kRate.seconds(from), 0}};
    shared_->next = Transport::kRate.seconds(from);
    thread_ =
        std::thread([shared = shared_, open = std::move(open), from] { run(*shared, open, from); });
    // Unbuffered: what is taken is what the device plays next, and nothing lies in between.
    QIODevice::open(QIODevice::ReadOnly | QIODevice::Unbuffered);
}

MixFeed::~MixFeed() {
    {
        const std::lock_guard lock(shared_->mutex);
        shared_->ending = true;
    }
    shared_->wake.notify_one();
    // It may be reading: somebody who has time waits for it, and the end of the program for that.
    auto ended = std::make_shared<std::thread>(std::move(thread_));
    QThreadPool::globalInstance()->start([ended] { ended->join(); });
}

void MixFeed::setHearing(Hearing h) {
    const std::lock_guard lock(shared_->mutex);
    shared_->hearing = h;
}

void MixFeed::setTravel(const Travel& t) {
    const std::lock_guard lock(shared_->mutex);
    shared_->travel = t;
}

void MixFeed::replaceClean(OpenClean open) {
    const std::lock_guard lock(shared_->mutex);
    shared_->nextClean = std::move(open);
}

QString MixFeed::problem() const {
    const std::lock_guard lock(shared_->mutex);
    return shared_->problem;
}

bool MixFeed::ready(std::size_t frames) const {
    const std::lock_guard lock(shared_->mutex);
    return shared_->madeFrames >= frames;
}

std::int64_t MixFeed::taken() const {
    const std::lock_guard lock(shared_->mutex);
    return shared_->taken;
}

Seconds MixFeed::takeTimeAt(std::int64_t outputFrame) const {
    const std::lock_guard lock(shared_->mutex);
    const auto after =
        std::upper_bound(shared_->placed.begin(), shared_->placed.end(), outputFrame,
                         [](std::int64_t f, const Placed& p) { return f < p.output; });
    const Placed& p =
        after == shared_->placed.begin() ? shared_->placed.front() : *std::prev(after);
    const std::int64_t next = after == shared_->placed.end() ? shared_->taken : after->output;
    const std::int64_t into = std::clamp<std::int64_t>(outputFrame, p.output, next) - p.output;
    return p.at + Transport::kRate.seconds(into) * p.speed;
}

void MixFeed::place(Seconds at, double speed) {
    if (shared_->placed.back().output == shared_->taken) shared_->placed.pop_back();
    shared_->placed.push_back({shared_->taken, at, speed});
    if (shared_->placed.size() > kPlacesKept) shared_->placed.pop_front();
}

void MixFeed::take(float* out, std::int64_t frames) {
    while (frames > 0) {
        if (shared_->made.empty()) {
            if (shared_->placed.back().speed != 0) place(shared_->next, 0);
            if (out) std::fill_n(out, 2 * frames, 0.0f);
            shared_->taken += frames;
            break;
        }
        Made& m = shared_->made.front();
        const std::size_t all = m.block.stereo.size() / 2;
        const auto n = std::min<std::size_t>(all - m.used, static_cast<std::size_t>(frames));
        const Seconds begins =
            m.block.at +
            Transport::kRate.seconds(static_cast<std::int64_t>(m.used)) * m.block.speed;
        if (m.used == 0 || shared_->placed.back().speed == 0) place(begins, m.block.speed);
        if (out) {
            std::copy_n(m.block.stereo.data() + 2 * m.used, 2 * n, out);
            out += 2 * n;
        }
        m.used += n;
        shared_->madeFrames -= n;
        shared_->taken += static_cast<std::int64_t>(n);
        frames -= static_cast<std::int64_t>(n);
        shared_->next = m.block.at +
                        Transport::kRate.seconds(static_cast<std::int64_t>(m.used)) * m.block.speed;
        if (m.used == all) shared_->made.pop_front();
    }
    shared_->wake.notify_one();
}

void MixFeed::discardUpTo(std::int64_t outputFrame) {
    const std::lock_guard lock(shared_->mutex);
    take(nullptr, outputFrame - shared_->taken);
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
        const std::lock_guard lock(shared_->mutex);
        take(block.data(), frames);
    }
    std::memcpy(data, block.data(), static_cast<std::size_t>(frames * kFrame));
    return frames * kFrame;
}

void MixFeed::run(Shared& shared, const Open& open, std::int64_t from) {
    const Result<void> ok = guarded({}, [&]() -> Result<void> {
        auto transport = open();
        if (!transport) return tl::unexpected(transport.error());
        if (auto sought = transport->seek(from); !sought) return sought;
        return mixOn(shared, *transport);
    });
    const std::lock_guard lock(shared.mutex);
    if (!ok) shared.problem = inWords(ok.error().fact);
}

Result<void> MixFeed::mixOn(Shared& shared, Transport& transport) {
    for (std::size_t frames = kFirstBlock;; frames = kBlock) {
        Hearing hearing;
        Travel travel;
        OpenClean next;
        {
            std::unique_lock lock(shared.mutex);
            shared.wake.wait(lock, [&] { return shared.ending || shared.madeFrames < kBuffered; });
            if (shared.ending) return {};
            next.swap(shared.nextClean);
            hearing = shared.hearing;
            travel = shared.travel;
        }
        if (next) {
            auto clean = next();
            if (!clean) return tl::unexpected(clean.error());
            if (auto done = transport.mix().replaceClean(std::move(*clean)); !done) return done;
        }
        auto block = transport.read(hearing, travel, frames);
        if (!block) return tl::unexpected(block.error());
        const std::lock_guard lock(shared.mutex);
        if (block->stereo.empty()) continue;
        shared.madeFrames += block->stereo.size() / 2;
        shared.made.push_back({std::move(*block)});
    }
}

}  // namespace brisk::app
