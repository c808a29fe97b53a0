// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is known of each file: read once, behind the window, whoever asks. By path, so that it
/// stays known when a file leaves the shoot and comes back, or another shoot is opened.
///
///     library.readMissing();              // learned() tells what became known
///     const MediaFacts* f = library.facts(id);
#pragma once

#include <QObject>
#include <QString>
#include <memory>
#include <unordered_map>

#include "app/spine/file_watch.h"
#include "app/spine/open_shoot.h"
#include "app/spine/work_queue.h"
#include "day/day_layout.h"
#include "features/sound_scan.h"

namespace brisk::app {

/// What is known of one file so far.
struct MediaFacts {
    MediaInfo info;
    std::shared_ptr<PeakPyramid> peaks;     ///< Fills while the file is read.
    std::shared_ptr<const SoundScan> scan;  ///< Null until it is read.
    std::shared_ptr<const SoundScan>
        part;           ///< As far as it is read; null where it is, or too short.
    QString problem;    ///< Why it cannot be read, if it cannot.
    bool away = false;  ///< It was there: its card is gone.
};

class MediaLibrary : public QObject {
    Q_OBJECT
  public:
    MediaLibrary(const OpenShoot& shoot, WorkQueue& work, QObject* parent = nullptr);

    /// Null for an id that is not there.
    [[nodiscard]] const MediaFacts* facts(int id) const;
    /// Null while it is not read.
    [[nodiscard]] std::shared_ptr<const SoundScan> scanOf(int id) const;
    /// What is known of a long recording that is being read; null where there is nothing yet, or
    /// all.
    [[nodiscard]] std::shared_ptr<const SoundScan> partOf(int id) const;
    /// Whether a file of the shoot is still to be read.
    [[nodiscard]] bool reading() const;
    /// Whose scan it is; 0 = of no file of the shoot.
    [[nodiscard]] int mediaOf(const std::shared_ptr<const SoundScan>& scan) const;
    /// Where a file's own sound begins on the time that its marks count by.
    [[nodiscard]] Seconds soundStart(int id) const;
    /// What is known of a file for laying out the day.
    [[nodiscard]] DayFacts dayFacts(int id) const;

    /// Reads all files of the shoot that are not read, or being read.
    void readMissing();
    /// Reads a file anew that could not be read.
    void lookAgain(int media);
    /// What was learnt before a file is in the shoot. One that could not be read is read again.
    void announce(MediaInfo info);
    /// What somebody else has read.
    void take(SoundScan scan);
    /// As far as a recording is read that is still being read.
    void takePart(const std::shared_ptr<const SoundScan>& part);
    /// Reading that lasts longer tells in parts what is known.
    void setPartsAfter(Seconds wait) { partsAfter_ = wait; }

  signals:
    void learned(int id);                  ///< Something more is known of a file.
    void failed(const QString& sentence);  ///< A file cannot be read.
    /// Files of the shoot went away, or came back.
    void moved(const QString& sentence);

  private:
    void read(const std::string& path);
    void learn(const std::string& path, const MediaInfo& info);
    void tell(const std::string& path);
    void noteGone(const FileWatch::Paths& files);
    void noteBack(const FileWatch::Paths& files, const FileWatch::Paths& changed);

    const OpenShoot& shoot_;
    WorkQueue& work_;
    std::unordered_map<std::string, MediaFacts> known_;  // by path
    FileWatch watch_;
    Seconds partsAfter_ = ScanOptions().partsAfter;
};

}  // namespace brisk::app
