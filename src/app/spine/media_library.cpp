// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/media_library.h"

#include <QFileInfo>
#include <algorithm>

#include "app/spine/words.h"
#include "features/reading_cost.h"
#include "features/scan_cache.h"
#include "store/mount_table.h"

namespace brisk::app {
namespace {

QString nameOf(const std::string& path) {
    return QFileInfo(QString::fromStdString(path)).fileName();
}

}  // namespace

MediaLibrary::MediaLibrary(const OpenShoot& shoot, WorkQueue& work, QObject* parent)
    : QObject(parent), shoot_(shoot), work_(work), watch_([this] {
          FileWatch::Paths paths;
          for (const MediaItem& m : shoot_.state().media) paths.push_back(m.path);
          return paths;
      }) {
    connect(&watch_, &FileWatch::gone, this, &MediaLibrary::noteGone);
    connect(&watch_, &FileWatch::back, this, &MediaLibrary::noteBack);
}

void MediaLibrary::noteGone(const FileWatch::Paths& files) {
    int n = 0;
    QString last;
    for (const std::string& path : files) {
        MediaFacts& f = known_[path];
        if (!f.problem.isEmpty()) continue;  // why it cannot be read has been said
        f.away = true;
        f.problem = tr("%1 is not there any more. Is its card out? Put it back in, and all goes on "
                       "as before.")
                        .arg(nameOf(path));
        tell(path);
        last = f.problem;
        ++n;
    }
    if (n == 0) return;
    emit moved(n == 1 ? last
                      : tr("%n files are not there any more. Is a card out? Put it back in, and "
                           "all goes on as before.",
                           nullptr, n));
}

void MediaLibrary::noteBack(const FileWatch::Paths& files, const FileWatch::Paths& changed) {
    for (const std::string& path : files) {
        MediaFacts& f = known_[path];
        const bool same =
            f.scan && std::find(changed.begin(), changed.end(), path) == changed.end();
        f.away = false;
        f.problem.clear();
        if (!same) read(path);
        tell(path);
    }
    const auto n = static_cast<int>(files.size());
    emit moved(n == 1 ? tr("%1 is there again.").arg(nameOf(files.front()))
                      : tr("%n files are there again.", nullptr, n));
}

const MediaFacts* MediaLibrary::facts(int id) const {
    const MediaItem* item = shoot_.state().item(id);
    if (!item) return nullptr;
    const auto it = known_.find(item->path);
    return it == known_.end() ? nullptr : &it->second;
}

std::shared_ptr<const SoundScan> MediaLibrary::scanOf(int media) const {
    const MediaFacts* f = facts(media);
    return f ? f->scan : nullptr;
}

std::shared_ptr<const SoundScan> MediaLibrary::partOf(int media) const {
    const MediaFacts* f = facts(media);
    return f ? f->part : nullptr;
}

bool MediaLibrary::reading() const {
    const auto& media = shoot_.state().media;
    return std::any_of(media.begin(), media.end(), [this](const MediaItem& m) {
        const MediaFacts* f = facts(m.id);
        return f && !f->scan && f->problem.isEmpty();
    });
}

int MediaLibrary::mediaOf(const std::shared_ptr<const SoundScan>& scan) const {
    for (const MediaItem& m : shoot_.state().media) {
        const MediaFacts* f = facts(m.id);
        if (f && f->scan == scan) return m.id;
    }
    return 0;
}

DayFacts MediaLibrary::dayFacts(int id) const {
    const MediaFacts* f = facts(id);
    if (!f) return {};
    return {&f->info, f->scan ? f->scan->endOfTake() : f->info.duration};
}

Seconds MediaLibrary::soundStart(int media) const {
    const MediaItem* item = shoot_.state().item(media);
    const MediaFacts* f = facts(media);
    if (!item || item->role != MediaKind::Take || !f) return {0};
    return f->scan ? f->scan->onTake().start : f->info.soundStartInTake();
}

void MediaLibrary::readMissing() {
    // What costs little comes first: answers need a recording and a take, not the whole card.
    std::vector<std::pair<std::uintmax_t, std::string>> missing;
    for (const MediaItem& m : shoot_.state().media) {
        const MediaFacts& f = known_[m.path];
        if (f.peaks || !f.problem.isEmpty()) continue;
        missing.emplace_back(bytesToRead(f.info, m.identity.bytes), m.path);
    }
    std::stable_sort(missing.begin(), missing.end(),
                     [](const auto& a, const auto& b) { return a.first < b.first; });
    for (const auto& [bytes, path] : missing) read(path);
}

void MediaLibrary::lookAgain(int media) {
    const MediaItem* m = shoot_.state().item(media);
    if (!m) return;
    MediaFacts& f = known_[m->path];
    if (f.problem.isEmpty()) return;
    f.problem.clear();
    read(m->path);
}

void MediaLibrary::read(const std::string& path) {
    auto peaks = std::make_shared<PeakPyramid>();
    known_[path].peaks = peaks;
    auto reading = [this, path, peaks, partsAfter = partsAfter_](const JobControl& job) {
        ScanOptions options;
        options.peaks = peaks;
        options.silentTakes = true;
        options.onInfo = [this, path](const MediaInfo& info) {
            work_.bringBack([this, path, info] { learn(path, info); });
        };
        options.partsAfter = partsAfter;
        options.onPart = [this](SoundScan part) {
            auto soFar = std::make_shared<const SoundScan>(std::move(part));
            work_.bringBack([this, soFar = std::move(soFar)] { takePart(soFar); });
        };
        auto scan = std::make_shared<Result<SoundScan>>(scanKept(path, options, job));
        return [this, path, scan] {
            MediaFacts& f = known_[path];
            f.part.reset();
            if (*scan) {
                f.info = (*scan)->info;
                f.scan = std::make_shared<const SoundScan>(std::move(**scan));
            } else if (scan->error().code == ErrorCode::Cancelled) {
                f.problem =
                    tr("Reading was stopped. \"Look again\", in the menu of the list, reads it.");
            } else {
                f.problem = inWords(scan->error().fact);
                emit failed(f.problem);
            }
            tell(path);
        };
    };
    work_.startForAny(tr("Reading %1").arg(nameOf(path)), std::move(reading),
                      MountTable::current().placeOf(path));
}

void MediaLibrary::learn(const std::string& path, const MediaInfo& info) {
    MediaFacts& f = known_[path];
    if (!f.info.sounds.empty()) return;
    f.info = info;
    tell(path);
}

void MediaLibrary::announce(MediaInfo info) {
    MediaFacts& f = known_[info.path];
    // Added again after it could not be read, or reading was stopped.
    if (!f.problem.isEmpty()) f = {};
    f.info = std::move(info);
}

void MediaLibrary::take(SoundScan scan) {
    MediaFacts& f = known_[scan.info.path];
    f.info = scan.info;
    f.peaks = scan.peaks;
    f.part.reset();
    f.problem.clear();
    f.scan = std::make_shared<const SoundScan>(std::move(scan));
}

void MediaLibrary::takePart(const std::shared_ptr<const SoundScan>& part) {
    MediaFacts& f = known_[part->info.path];
    if (f.scan || !f.problem.isEmpty()) return;
    f.part = part;
    tell(part->info.path);
}

void MediaLibrary::tell(const std::string& path) {
    for (const MediaItem& m : shoot_.state().media) {
        if (m.path == path) emit learned(m.id);
    }
}

}  // namespace brisk::app
