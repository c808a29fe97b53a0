// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/other_picture.h"

#include <algorithm>

namespace brisk::app {

OtherPicture::OtherPicture(Session& session, Verbs& verbs, QWidget* parent)
    : PictureView(verbs, parent, Buttons::None), session_(session) {
    setAccessibleName(tr("The other camera's picture"));
    hide();
    const auto forget = [this] {
        day_.reset();
        look();
    };
    connect(&session, &Session::changed, this, forget);
    connect(&session, &Session::factsChanged, this, forget);
    connect(&pictures_, &PictureSource::ready, this,
            [this](const QString& path, const QImage& image, double time) {
                const MediaItem* m = session_.state().item(other());
                if (m && path.toStdString() == m->path) setPicture(image, Seconds{time});
            });
    connect(&pictures_, &PictureSource::failed, this,
            [this](const QString&, const QString& sentence) { setProblem(sentence); });
}

void OtherPicture::setWanted(bool wanted) {
    wanted_ = wanted;
    look();
}

void OtherPicture::showMoment(int take, Seconds t) {
    if (take != take_) which_ = 0;
    take_ = take;
    t_ = t;
    look();
}

void OtherPicture::mousePressEvent(QMouseEvent*) {
    ++which_;
    look();
}

void OtherPicture::look() {
    if (!wanted_) return;
    if (!day_) {
        day_ =
            layOutDay(session_.state(), [this](int id) { return session_.library().dayFacts(id); });
    }
    const auto others = takesAtMoment(session_.state(), *day_, take_, t_);
    const int before = other();
    moment_.reset();
    if (!others.empty()) moment_ = others[which_ % others.size()];
    const MediaFacts* f = session_.facts(other());
    if (!f || !f->scan || f->scan->pictures.empty()) {
        setTitle({});
        return setProblem(tr("No other camera was running at this moment."));
    }
    if (other() != before) clear();
    setTitle(QString::fromStdString(session_.state().item(other())->name()));
    const PictureTimes& pictures = f->scan->pictures;
    const auto n = pictures.frameAt(moment_->at);
    const Seconds end = n + 1 < pictures.count() ? pictures.timeOf(n + 1) : pictures.end();
    setNumbers(n, moment_->at, {pictures.timeOf(n), end});
    const int wide = static_cast<int>(width() * devicePixelRatioF());
    pictures_.ask(QString::fromStdString(f->info.path), moment_->at, std::max(320, wide));
}

}  // namespace brisk::app
