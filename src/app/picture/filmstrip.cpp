// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/picture/filmstrip.h"

#include <QPainter>
#include <cmath>

#include "app/style/colours.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {
constexpr int kHeight = 60;
constexpr int kThumbWidth = 104;
constexpr int kMostPixels = 2;     // of a screen, for one of ours
constexpr double kExactBelow = 2;  // seconds from one to the next
}  // namespace

Filmstrip::Filmstrip(QWidget* parent) : QWidget(parent), source_(kMostPixels * kThumbWidth) {
    fixHeight(this, kHeight);
    setAccessibleName(tr("Filmstrip"));
    connect(&source_, &ThumbSource::ready, this, qOverload<>(&QWidget::update));
}

void Filmstrip::showTake(const QString& path, Seconds end) {
    path_ = path;
    end_ = end;
    ask();
}

void Filmstrip::setAxis(const TimeAxis& axis) {
    axis_ = axis;
    ask();
}

double Filmstrip::step() const {
    return axis_.niceStep(kThumbWidth + 4);
}

bool Filmstrip::exact() const {
    return step() < kExactBelow;
}

std::vector<Seconds> Filmstrip::times() const {
    std::vector<Seconds> out;
    const double each = step();
    const auto first = static_cast<std::int64_t>(std::floor(axis_.start().value / each));
    for (std::int64_t i = std::max<std::int64_t>(0, first); i * each < axis_.end().value; ++i) {
        const Seconds t{static_cast<double>(i) * each};
        if (t < end_) out.push_back(t);
    }
    return out;
}

void Filmstrip::ask() {
    update();
    if (!path_.isEmpty() && isVisible()) source_.ask(path_, times(), exact());
}

int Filmstrip::drawn() const {
    int n = 0;
    for (const Seconds t : times()) n += source_.at(path_, t, exact()) ? 1 : 0;
    return n;
}

void Filmstrip::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    for (const Seconds t : times()) {
        const QImage* image = source_.at(path_, t, exact());
        if (!image) continue;
        const QSize size = image->size().scaled(kThumbWidth, kHeight - 8, Qt::KeepAspectRatio);
        p.drawImage(QRectF(QPointF(axis_.xOf(t), 4), size), *image);
    }
}

void Filmstrip::resizeEvent(QResizeEvent*) {
    ask();
}

}  // namespace brisk::app
