// SPDX-License-Identifier: GPL-3.0-or-later
// How the session takes a repaired copy in a recording's place.
#include <QFileInfo>
#include <algorithm>

#include "align/assemble/copy_fit.h"
#include "app/spine/session.h"
#include "app/spine/words.h"
#include "core/time_text.h"
#include "features/scan_cache.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {

struct Copy {
    SoundScan scan;
    FileIdentity print;
    CopyFit fit;
};

Result<Copy> examined(const std::string& path, const SoundScan& old, const JobControl& job) {
    auto print = identityOf(path);
    if (!print) return tl::unexpected(print.error());
    auto scan = scanKept(path, {}, job.part(0, 0.5));
    if (!scan) return tl::unexpected(scan.error());
    auto fit = fitCopy(*scan, old, job.part(0.5, 1));
    if (!fit) return tl::unexpected(fit.error());
    return Copy{std::move(*scan), *print, std::move(*fit)};
}

/// "begins 1.250 s into it", "begins with it".
QString headWords(Seconds offset) {
    const QString by = clockWords({std::abs(offset.value)}, 3);
    if (std::abs(offset.value) < 1e-4) return QObject::tr("it begins with it");
    return offset.value > 0 ? QObject::tr("it begins %1 into it").arg(by)
                            : QObject::tr("it begins %1 before it").arg(by);
}

}  // namespace

void Session::swapRecording(int media, const QString& copy) {
    const MediaFacts* old = library_.facts(media);
    const QString name = QFileInfo(copy).fileName();
    if (!old || !old->scan) {
        return addNote(tr("%1 cannot be compared before the old file is read.").arg(name));
    }
    const std::string path = QFileInfo(copy).absoluteFilePath().toStdString();
    for (const MediaItem& m : state().media) {
        if (m.path == path) return addNote(tr("%1 is in the shoot already.").arg(name));
    }
    work_.start(tr("Comparing %1").arg(name),
                [this, media, path, old = old->scan](const JobControl& job) -> WorkQueue::Finish {
                    auto found = std::make_shared<Result<Copy>>(examined(path, *old, job));
                    return [this, media, path, old, found] {
                        if (!*found) {
                            if (found->error().code == ErrorCode::Cancelled) return;
                            return addNote(inWords(found->error().fact));
                        }
                        Copy& c = **found;
                        if (!c.fit.same()) {
                            return addNote(inWords(c.fit.refusal) + QLatin1Char(' ') +
                                           tr("Nothing was changed."));
                        }
                        const MediaFacts* now = library_.facts(media);
                        if (!now || now->scan != old) return;  // meanwhile removed, or swapped
                        library_.take(std::move(c.scan));
                        const auto kept =
                            std::count_if(state().tethers.begin(), state().tethers.end(),
                                          [&](const Tether& t) { return t.recording == media; });
                        const QString oldName =
                            QFileInfo(QString::fromStdString(old->info.path)).fileName();
                        const QString words =
                            tr("%1 is a copy of %2 (%3 % alike); %4. %5 kept.")
                                .arg(QFileInfo(QString::fromStdString(path)).fileName(), oldName)
                                .arg(c.fit.likeness * 100, 0, 'f', 0)
                                .arg(headWords(c.fit.line.offset))
                                .arg(kept == 1 ? tr("1 tether") : tr("%1 tethers").arg(kept));
                        apply(commands::swapRecording(state(), media, path, c.print, c.fit));
                        emit said(words);
                    };
                });
}

}  // namespace brisk::app
