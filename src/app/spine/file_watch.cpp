// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/file_watch.h"

#include <filesystem>

namespace brisk::app {
namespace {
constexpr std::chrono::seconds kBetween{2};
}

FileWatch::FileWatch(std::function<Paths()> watched, QObject* parent)
    : QObject(parent), watched_(std::move(watched)), worker_([this](const Paths& f) { look(f); }) {
    connect(&timer_, &QTimer::timeout, this, [this] { worker_.ask(watched_()); });
    timer_.start(kBetween);
}

void FileWatch::look(const Paths& files) {
    Paths gone, back, changed;
    std::map<std::string, Seen> now;
    for (const std::string& path : files) {
        std::error_code ec;
        const auto bytes = std::filesystem::file_size(path, ec);
        const auto known = seen_.find(path);
        // Somebody has read it, or the shoot would not have it: it was there.
        const Seen before = known == seen_.end() ? Seen{true, ec ? 0 : bytes} : known->second;
        Seen& seen = now[path] = {!ec, ec ? before.bytes : bytes};
        if (before.there == seen.there) continue;
        (seen.there ? back : gone).push_back(path);
        if (seen.there && before.bytes != seen.bytes) changed.push_back(path);
    }
    seen_ = std::move(now);
    if (gone.empty() && back.empty()) return;
    worker_.bringBack([this, gone, back, changed] {
        if (!gone.empty()) emit this->gone(gone);
        if (!back.empty()) emit this->back(back, changed);
    });
}

}  // namespace brisk::app
