// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/picture_source.h"

#include <algorithm>
#include <optional>

#include "app/picture/picture_image.h"
#include "app/spine/words.h"

namespace brisk::app {
namespace {

constexpr std::size_t kMaxBytes = 96u << 20;
constexpr double kStandIn = 1.0;  // seconds away that a stand-in may be
constexpr double kBehind = 0.5;   // seconds of pictures kept on the way to one further back
constexpr int kAhead = 8;         // pictures decoded ahead

}  // namespace

struct PictureSource::Readers {
    QString path;
    int maxWidth = 0;
    std::optional<PictureReader> open;  // of the take looked at last
    PictureCache cache{kMaxBytes};
    Seconds last;
};

PictureSource::PictureSource(QObject* parent)
    : QObject(parent),
      readers_(std::make_unique<Readers>()),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { answer(r); },
                                                      [this] { readers_->open.reset(); },
                                                      LatestWorker<Request>::Standing::Back)) {}

PictureSource::~PictureSource() = default;

void PictureSource::ask(const QString& path, Seconds takeTime, int maxWidth) {
    worker_->ask({path, takeTime, maxWidth});
}

void PictureSource::tell(const Request& r, const ShownPicture& shown) {
    worker_->bringBack([this, path = r.path, image = shown.image, time = shown.time.value] {
        emit ready(path, image, time);
    });
}

void PictureSource::fail(const Request& r, const Error& why) {
    worker_->bringBack(
        [this, path = r.path, fact = why.fact] { emit failed(path, inWords(fact)); });
}

bool PictureSource::open(const Request& r) {
    const bool same = readers_->path == r.path;
    if (!same || readers_->maxWidth != r.maxWidth) readers_->cache.clear();
    readers_->maxWidth = r.maxWidth;
    if (same && readers_->open) return true;
    readers_->path = r.path;
    readers_->open.reset();
    auto reader = PictureReader::open(r.path.toStdString());
    if (!reader) {
        fail(r, reader.error());
        return false;
    }
    readers_->open.emplace(std::move(*reader));
    return true;
}

void PictureSource::answer(const Request& r) {
    if (!open(r)) return;
    PictureCache& cache = readers_->cache;
    cache.lookAt(r.time);
    if (const ShownPicture* held = cache.at(r.time)) {
        const ShownPicture shown = *held;
        tell(r, shown);
        return lookAround(r, shown);
    }
    if (const ShownPicture* nearby = cache.near(r.time, Seconds{kStandIn})) {
        tell(r, *nearby);
    }
    PictureWay way;
    way.tellKeyFrame = true;
    // Going back, the pictures before this one are wanted next.
    if (r.time < readers_->last) way.tellFrom = r.time - Seconds{kBehind};
    way.passed = [&](const Picture& p) {
        ShownPicture shown{imageOf(p), p.time, p.end};
        if (!cache.near(r.time, Seconds{kStandIn})) tell(r, shown);
        cache.add(std::move(shown));
    };
    way.stop = [this] { return worker_->waiting(); };
    auto picture = readers_->open->at(r.time, r.maxWidth, way);
    if (!picture) {
        if (picture.error().code == ErrorCode::Cancelled) return;
        readers_->open.reset();
        fail(r, picture.error());
        return;
    }
    readers_->last = r.time;
    const ShownPicture shown{imageOf(*picture), picture->time, picture->end};
    cache.add(shown);
    tell(r, shown);
    lookAround(r, shown);
}

void PictureSource::lookAround(const Request& r, const ShownPicture& shown) {
    readers_->last = r.time;
    Seconds next = shown.end;
    for (int i = 0; i < kAhead && !worker_->waiting(); ++i) {
        if (const ShownPicture* held = readers_->cache.at(next)) {
            if (held->end <= next) return;
            next = held->end;
            continue;
        }
        auto picture = readers_->open->at(next, r.maxWidth);
        // The last picture stays on to the end.
        if (!picture || picture->end <= next || picture->time < next - Seconds{1e-6}) return;
        next = picture->end;
        readers_->cache.add({imageOf(*picture), picture->time, picture->end});
    }
}

}  // namespace brisk::app
