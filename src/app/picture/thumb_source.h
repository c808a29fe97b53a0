// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Small pictures of a take at many times, for the filmstrip and the tip under the pointer. Newer
/// wishes replace older ones; what was made is kept while the take is shown.
#pragma once

#include <QImage>
#include <QObject>
#include <QString>
#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "app/spine/latest_worker.h"
#include "core/units.h"
#include "media/read/picture_reader.h"

namespace brisk::app {

class ThumbSource : public QObject {
    Q_OBJECT
  public:
    explicit ThumbSource(int width, QObject* parent = nullptr);
    ~ThumbSource() override;

    /// \param exact  else the key frame before each time will do: quicker by far.
    void ask(const QString& path, std::vector<Seconds> times, bool exact);
    /// Null until it is made.
    [[nodiscard]] const QImage* at(const QString& path, Seconds time, bool exact) const;

  signals:
    void ready();

  private:
    struct Request {
        QString path;
        std::vector<Seconds> times;
        bool exact = true;
    };
    void work(const Request& r);

    int width_;
    QString path_;  // of what is made
    std::map<std::pair<double, bool>, QImage> made_;
    QString openPath_;  // the worker's own
    std::optional<PictureReader> open_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app
