// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/picture_view.h"

#include <QPainter>
#include <QPushButton>
#include <QStyle>
#include <algorithm>

#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {
constexpr int kStrip = 24;  // below the picture, for its numbers
constexpr int kSide = 10;   // left and right of them
}  // namespace

PictureView::PictureView(Verbs& verbs, QWidget* parent, Buttons buttons) : QWidget(parent) {
    setAccessibleName(tr("Picture at the playhead"));
    if (buttons == Buttons::None) return;
    const auto arrow = [&](Verb v) {
        auto* b = new VerbButton(verbs, v, this);
        b->setProperty("onPicture", true);
        return b;
    };
    back_ = arrow(Verb::FrameBack);
    on_ = arrow(Verb::FrameOn);
    large_ = arrow(Verb::PictureAlone);
    large_->setProperty("corner", true);
}

void PictureView::setTitle(const QString& title) {
    title_ = title;
    update();
}

void PictureView::resizeEvent(QResizeEvent*) {
    if (!back_) return;
    // Between the two numbers, as wide as there is room.
    const int strip = scaled(kStrip), y = height() - strip;
    const QFontMetrics fm(uiFont(13));
    const int left = kSide + fm.horizontalAdvance(tr("frame %1").arg(99999));
    const int right = width() - kSide - fm.horizontalAdvance(clockWords(Seconds{0}, 3));
    const int each = std::clamp((right - left) / 2, 12, scaled(34));
    back_->setGeometry((left + right) / 2 - each, y, each, strip);
    on_->setGeometry((left + right) / 2, y, each, strip);
    const QSize large = large_->sizeHint();
    large_->setGeometry(QStyle::alignedRect(layoutDirection(), Qt::AlignTop | Qt::AlignRight, large,
                                            rect().adjusted(4, 4, -4, -4)));
}

void PictureView::setPicture(const QImage& image, Seconds from) {
    image_ = image;
    from_ = from;
    problem_.clear();
    update();
}

bool PictureView::isRightPicture() const {
    constexpr Seconds kRounding{0.0005};  // of containers that count milliseconds
    return span_.length() <= Seconds{0} ||
           (from_ + kRounding >= span_.start && from_ < span_.end - kRounding);
}

void PictureView::setNumbers(std::int64_t frame, Seconds time, TimeRange span) {
    span_ = span;
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
    const QRect room = rect().adjusted(0, 0, 0, -scaled(kStrip));
    const QSize size = image_.size().scaled(room.size(), Qt::KeepAspectRatio);
    const QRect at(
        QPoint(room.center().x() - size.width() / 2 + 1, room.center().y() - size.height() / 2 + 1),
        size);
    p.drawImage(at, image_);
    if (!isRightPicture()) {
        // Another frame than the number says, until the right one is decoded.
        QColor veil = colours().pictureGround;
        veil.setAlpha(170);
        p.fillRect(at, veil);
        p.setFont(uiFont(13));
        p.drawText(at, Qt::AlignCenter, tr("frame %1 is on its way").arg(frame_));
    }
    p.setFont(uiFont(13));
    const QRect bar = rect().adjusted(kSide, rect().height() - scaled(kStrip), -kSide, 0);
    p.drawText(bar, Qt::AlignVCenter | Qt::AlignLeft, tr("frame %1").arg(frame_));
    p.drawText(bar, Qt::AlignVCenter | Qt::AlignRight, clockWords(time_, 3));
    if (title_.isEmpty()) return;
    const QFontMetrics fm(p.font());
    const int sides = fm.horizontalAdvance(clockWords(time_, 3)) + kSide;
    const QRect middle = bar.adjusted(sides, 0, -sides, 0);
    p.drawText(middle, Qt::AlignCenter, fm.elidedText(title_, Qt::ElideMiddle, middle.width()));
}

}  // namespace brisk::app
