// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/thumb_source.h"

#include <algorithm>

#include "app/picture/picture_image.h"

namespace brisk::app {
namespace {
constexpr std::size_t kMaxKept = 600;
}

ThumbSource::ThumbSource(int width, QObject* parent)
    : QObject(parent),
      width_(width),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); },
                                                      [this] { open_.reset(); },
                                                      LatestWorker<Request>::Standing::Back)) {}

ThumbSource::~ThumbSource() = default;

void ThumbSource::ask(const QString& path, std::vector<Seconds> times, bool exact) {
    if (path != path_) made_.clear();
    if (made_.size() > kMaxKept) made_.clear();
    path_ = path;
    std::erase_if(times, [&](Seconds t) { return at(path, t, exact) != nullptr; });
    if (!times.empty()) worker_->ask({path, std::move(times), exact});
}

const QImage* ThumbSource::at(const QString& path, Seconds time, bool exact) const {
    if (path != path_) return nullptr;
    const auto it = made_.find({time.value, exact});
    return it == made_.end() ? nullptr : &it->second;
}

void ThumbSource::work(const Request& r) {
    if (openPath_ != r.path || !open_) {
        open_.reset();
        openPath_ = r.path;
        auto reader = PictureReader::open(r.path.toStdString());
        if (!reader) return;  // the large picture says what is wrong
        open_.emplace(std::move(*reader));
    }
    for (const Seconds t : r.times) {
        if (worker_->waiting()) return;
        auto picture = r.exact ? open_->at(t, width_) : open_->keyFrameBefore(t, width_);
        if (!picture) return;
        worker_->bringBack([this, path = r.path, t, exact = r.exact, image = imageOf(*picture)] {
            if (path != path_) return;
            made_[{t.value, exact}] = image;
            emit ready();
        });
    }
}

}  // namespace brisk::app
