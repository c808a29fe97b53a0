// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Pictures of a take at a time, decoded on a thread of its own. Only the newest wish counts; what
/// lies around it is decoded ahead and behind, as far as memory is set aside for it.
#pragma once

#include <QImage>
#include <QObject>
#include <QString>
#include <memory>

#include "app/picture/picture_cache.h"
#include "app/spine/latest_worker.h"
#include "core/units.h"

namespace brisk::app {

class PictureSource : public QObject {
    Q_OBJECT
  public:
    explicit PictureSource(QObject* parent = nullptr);
    ~PictureSource() override;

    void ask(const QString& path, Seconds takeTime, int maxWidth);

  signals:
    /// `time` is the take time at which this picture appears. Where the picture itself takes long,
    /// one nearby comes first.
    void ready(const QString& path, const QImage& picture, double time);
    void failed(const QString& path, const QString& sentence);

  private:
    struct Request {
        QString path;
        Seconds time;
        int maxWidth = 640;
    };
    struct Readers;
    void answer(const Request& r);
    bool open(const Request& r);
    void tell(const Request& r, const ShownPicture& shown);
    void fail(const Request& r, const Error& why);
    void lookAround(const Request& r, const ShownPicture& shown);
    std::unique_ptr<Readers> readers_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app
