// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/frame_tip.h"

#include <QPainter>
#include <algorithm>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {
constexpr int kWidth = 176;
constexpr int kTipCaptionHigh = 20;
constexpr int kRestMs = 180;  // a pointer that passes wants nothing

int tipCaptionHeight() {
    return scaled(kTipCaptionHigh);
}
}  // namespace

FrameTip::FrameTip(QWidget* parent) : QWidget(parent), source_(2 * kWidth) {
    setAttribute(Qt::WA_TransparentForMouseEvents);
    setAccessibleName(tr("Picture under the pointer"));
    rest_.setSingleShot(true);
    rest_.setInterval(kRestMs);
    connect(&rest_, &QTimer::timeout, this, [this] { source_.ask(path_, {time_}, true); });
    connect(&source_, &ThumbSource::ready, this, &FrameTip::place);
    hide();
}

void FrameTip::hover(const QString& path, Seconds time, std::int64_t frame, QPoint above) {
    if (path == path_ && time == time_ && isVisible()) return;
    path_ = path;
    time_ = time;
    frame_ = frame;
    above_ = above;
    if (!hasPicture()) hide();
    rest_.start();
    if (hasPicture()) place();
}

void FrameTip::leave() {
    rest_.stop();
    path_.clear();
    hide();
}

void FrameTip::place() {
    const QImage* image = source_.at(path_, time_, true);
    if (!image) return;
    const QSize size = image->size().scaled(kWidth, kWidth, Qt::KeepAspectRatio);
    const QSize whole(size.width() + 2, size.height() + tipCaptionHeight() + 2);
    const int left = std::clamp(above_.x() - whole.width() / 2, 0,
                                std::max(0, parentWidget()->width() - whole.width()));
    setGeometry(QRect(QPoint(left, std::max(0, above_.y() - whole.height())), whole));
    raise();
    show();
    update();
}

void FrameTip::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().pictureGround);
    if (const QImage* image = source_.at(path_, time_, true)) {
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(QRect(1, 1, width() - 2, height() - tipCaptionHeight() - 2), *image);
    }
    p.setPen(colours().pictureText);
    p.setFont(uiFont(11));
    const QRect caption(6, height() - tipCaptionHeight(), width() - 12, tipCaptionHeight());
    p.drawText(caption, Qt::AlignLeft | Qt::AlignVCenter, tr("frame %1").arg(frame_));
    p.drawText(caption, Qt::AlignRight | Qt::AlignVCenter, clockWords(time_, 3));
}

}  // namespace brisk::app
