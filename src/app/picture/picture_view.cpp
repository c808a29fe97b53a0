// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/picture_view.h"

#include <QPainter>
#include <QPushButton>

#include "app/spine/verb_button.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {
constexpr int kStrip = 24;  // below the picture, for its numbers
}

PictureView::PictureView(Verbs& verbs, QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Picture at the playhead"));
    const auto arrow = [&](Verb v) {
        auto* b = new VerbButton(verbs, v, this);
        b->setProperty("onPicture", true);
        return b;
    };
    back_ = arrow(Verb::FrameBack);
    on_ = arrow(Verb::FrameOn);
}

void PictureView::resizeEvent(QResizeEvent*) {
    const int y = height() - kStrip;
    back_->setGeometry(width() / 2 - 36, y, 34, kStrip);
    on_->setGeometry(width() / 2 + 2, y, 34, kStrip);
}

void PictureView::setPicture(const QImage& image) {
    image_ = image;
    problem_.clear();
    update();
}

void PictureView::setNumbers(std::int64_t frame, Seconds time) {
    frame_ = frame;
    time_ = time;
    setAccessibleDescription(tr("frame %1").arg(frame));
    update();
}

void PictureView::setProblem(const QString& sentence) {
    problem_ = sentence;
    image_ = {};
    update();
}

void PictureView::clear() {
    image_ = {};
    problem_.clear();
    update();
}

void PictureView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.fillRect(rect(), colours().pictureGround);
    p.setPen(colours().pictureText);
    if (image_.isNull()) {
        p.setFont(uiFont(13));
        p.drawText(rect().adjusted(16, 16, -16, -16), Qt::AlignCenter | Qt::TextWordWrap, problem_);
        return;
    }
    const QRect room = rect().adjusted(0, 0, 0, -kStrip);
    const QSize size = image_.size().scaled(room.size(), Qt::KeepAspectRatio);
    const QRect at(
        QPoint(room.center().x() - size.width() / 2 + 1, room.center().y() - size.height() / 2 + 1),
        size);
    p.drawImage(at, image_);
    p.setFont(uiFont(13));
    const QRect bar = rect().adjusted(10, rect().height() - kStrip, -10, 0);
    p.drawText(bar, Qt::AlignVCenter | Qt::AlignLeft, tr("frame %1").arg(frame_));
    p.drawText(bar, Qt::AlignVCenter | Qt::AlignRight, QString::fromStdString(clockText(time_, 3)));
}

}  // namespace brisk::app
