// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/card/recording_words.h"

#include <QObject>
#include <algorithm>

#include "app/spine/words.h"
#include "core/time_text.h"
#include "media/read/heard_sound.h"

namespace brisk::app {
namespace {

QString soundWords(const MediaInfo& info) {
    if (info.sounds.empty()) return {};
    const int channels = heardSound(info).channels;
    const QString layout = channels == 1   ? QObject::tr("mono")
                           : channels == 2 ? QObject::tr("stereo")
                                           : QObject::tr("%1 channels").arg(channels);
    QString words = QObject::tr("%1 Hz, %2, length %3.")
                        .arg(QString::fromStdString(groupedText(info.sounds.front().rate.hertz)),
                             layout, clockWords(info.duration, 1));
    if (info.stamps.bextReference) {
        words += QLatin1Char(' ') + QObject::tr("It begins at %1 by its time stamp.")
                                        .arg(clockWords(*info.stamps.bextReference, 3));
    }
    return words;
}

}  // namespace

RecordingWords recordingWords(const Session& session, int recording) {
    RecordingWords w;
    const MediaFacts* f = session.facts(recording);
    if (!f) return w;
    const auto& tethers = session.state().tethers;
    const auto takes = std::count_if(tethers.begin(), tethers.end(), [&](const Tether& t) {
        return t.recording == recording && t.state() != TetherState::Loose;
    });
    w.lies = !f->problem.isEmpty() ? f->problem
             : takes == 0          ? QObject::tr("No take lies on it yet.")
             : takes == 1          ? QObject::tr("1 take lies on it.")
                                   : QObject::tr("%1 takes lie on it.").arg(takes);
    w.sound = soundWords(f->info);
    if (f->scan) {
        const auto claps =
            std::count_if(f->scan->spikes.begin(), f->scan->spikes.end(),
                          [](const Spike& s) { return s.strengthDb >= kWorthShowingDb; });
        const auto marks = session.state().marksOf(recording).size();
        w.pins = QObject::tr("Claps found: %1. Marks: %2.").arg(claps).arg(marks);
    }
    QStringList notes;
    for (const auto& warning : f->info.warnings) notes << inWords(warning);
    w.notes = notes.join(QLatin1Char(' '));
    return w;
}

}  // namespace brisk::app
