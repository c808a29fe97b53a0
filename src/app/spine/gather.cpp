// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/gather.h"

#include <algorithm>
#include <atomic>
#include <filesystem>
#include <mutex>
#include <optional>

#include "core/guarded.h"
#include "core/parallel_for.h"
#include "media/read/media_folder.h"
#include "media/read/probe.h"

namespace brisk::app {
namespace fs = std::filesystem;
namespace {

constexpr std::size_t kNamedOneByOne = 3;  // files of a folder that are no media

/// A file that calls itself media and cannot be opened is worth a word, wherever it lies.
bool callsItselfMedia(const fs::path& p) {
    return calledVideo(p) || calledSound(p);
}

struct Looked {
    std::optional<MediaItem> item;
    MediaInfo info;
    Fact problem;
    bool noMedia = false;  ///< And that surprises nobody.
};

/// A film without sound can be placed by its picture; a photograph is none.
bool isSilentFilm(const MediaInfo& info) {
    constexpr Seconds kShortestFilm{0.2};
    return info.sounds.empty() && info.video && info.duration >= kShortestFilm &&
           callsItselfMedia(info.path);
}

Looked lookAt(const FoundFile& f, const JobControl& job) {
    Looked l;
    auto info = probe(f.path, job);
    if (info && info->sounds.empty() && !isSilentFilm(*info)) info = probeWithSound(f.path, job);
    auto print = info ? identityOf(f.path) : tl::unexpected(info.error());
    if (!print) {
        l.problem = print.error().fact;
        l.noMedia = f.inFolder && !callsItselfMedia(f.path);
        return l;
    }
    l.item = MediaItem{0, f.path, info->kind, *print, {}};
    l.info = std::move(*info);
    return l;
}

/// Files of a folder that are no media, in one sentence.
Fact leftOut(const std::vector<std::string>& names) {
    std::string list;
    for (std::size_t i = 0; i < std::min(names.size(), kNamedOneByOne); ++i) {
        list += (i ? ", " : "") + names[i];
    }
    list += names.size() > kNamedOneByOne ? ", ..." : ".";
    return {"no-media-left-out", {{"files", names.size()}, {"names", list}}};
}

}  // namespace

Gathered gather(const std::vector<std::string>& paths, const std::vector<MediaItem>& known,
                const JobControl& job) {
    const std::vector<FoundFile> files = filesIn(paths, job);
    std::vector<Looked> looked(files.size());
    std::atomic<std::size_t> done{0};
    parallelFor(files.size(), 0, [&](std::size_t i) {
        if (job.stopRequested()) return;
        try {
            looked[i] = lookAt(files[i], job);
        } catch (...) {
            looked[i].problem = caughtError(files[i].path).fact;
        }
        job.report(static_cast<double>(++done) / static_cast<double>(files.size()));
    });
    Gathered g;
    std::vector<std::string> noMedia;
    std::vector<MediaItem> have = known;
    for (std::size_t i = 0; i < files.size(); ++i) {
        Looked& l = looked[i];
        const std::string name = fs::path(files[i].path).filename().string();
        if (l.noMedia) {
            noMedia.push_back(name);
        } else if (!l.problem.empty()) {
            g.problems.push_back(l.problem);
        } else if (l.item) {
            const auto same = std::find_if(have.begin(), have.end(), [&](const MediaItem& m) {
                return m.identity == l.item->identity;
            });
            if (same != have.end()) {
                std::error_code ec;
                if (same->id > 0 && !fs::exists(same->path, ec)) {
                    g.moved.push_back({same->id, files[i].path});
                    // Dropped once more: nothing to say. Under another name: one should know.
                } else if (same->path != files[i].path) {
                    g.problems.push_back(
                        {"in-shoot-already",
                         {{"file", name}, {"as", fs::path(same->path).filename().string()}}});
                }
                continue;
            }
            have.push_back(*l.item);
            g.items.push_back(std::move(*l.item));
            g.infos.push_back(std::move(l.info));
        }
    }
    if (!noMedia.empty()) g.problems.push_back(leftOut(noMedia));
    return g;
}

}  // namespace brisk::app
