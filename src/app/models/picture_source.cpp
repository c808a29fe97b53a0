// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/picture_source.h"

#include <QTransform>
#include <cstring>
#include <optional>

#include "media/picture_reader.h"

namespace brisk::app {

struct PictureSource::Readers {
    QString path;
    std::optional<PictureReader> open;  // of the take looked at last
};

PictureSource::PictureSource(QObject* parent)
    : QObject(parent),
      readers_(std::make_unique<Readers>()),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { answer(r); })) {}

PictureSource::~PictureSource() = default;

void PictureSource::ask(const QString& path, Seconds takeTime, int maxWidth) {
    worker_->ask({path, takeTime, maxWidth});
}

void PictureSource::answer(const Request& r) {
    if (readers_->path != r.path || !readers_->open) {
        readers_->path = r.path;
        readers_->open.reset();
        auto reader = PictureReader::open(r.path.toStdString());
        if (!reader) {
            emit failed(r.path, QString::fromStdString(reader.error().sentence));
            return;
        }
        readers_->open.emplace(std::move(*reader));
    }
    auto picture = readers_->open->at(r.time, r.maxWidth);
    if (!picture) {
        readers_->open.reset();
        emit failed(r.path, QString::fromStdString(picture.error().sentence));
        return;
    }
    QImage image(picture->width, picture->height, QImage::Format_RGB32);
    for (int y = 0; y < picture->height; ++y) {
        std::memcpy(image.scanLine(y),
                    picture->pixels.data() + static_cast<std::size_t>(y) * picture->width,
                    static_cast<std::size_t>(picture->width) * 4);
    }
    if (picture->rotation != 0) {
        image = image.transformed(QTransform().rotate(picture->rotation));
    }
    emit ready(r.path, image, picture->time.value);
}

}  // namespace brisk::app
