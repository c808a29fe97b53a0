// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/first_look.h"

#include <QEvent>
#include <QKeyEvent>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "app/style/colours.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kWide = 430, kPadding = 12;  // pixels of a callout
constexpr int kWash = 150;                 // of 255: what lies below is still seen

}  // namespace

FirstLook::FirstLook(std::vector<Callout> callouts, QWidget* over)
    : QWidget(over), callouts_(std::move(callouts)) {
    setAttribute(Qt::WA_NoSystemBackground);
    setObjectName(QStringLiteral("firstLook"));
    setStyleSheet(QStringLiteral("#firstLook { background: transparent }"));
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Where to look"));
    QStringList all;
    for (const Callout& c : callouts_) {
        auto* l = new QLabel(c.words, this);
        useFont(l, 14);
        l->setWordWrap(true);
        l->setMargin(kPadding);
        l->setAttribute(Qt::WA_TransparentForMouseEvents);
        labels_.push_back(l);
        all << c.words;
    }
    setAccessibleDescription(all.join(QLatin1Char(' ')));
    start_ = new QPushButton(tr("Start"), this);
    start_->setProperty("primary", true);
    useFont(start_, 14, true);
    connect(start_, &QPushButton::clicked, this, &FirstLook::done);
    over->installEventFilter(this);
    lay();
    raise();
    show();
    start_->setFocus();
}

QRect FirstLook::placeOf(const Callout& c) const {
    return {c.at->mapTo(parentWidget(), QPoint(0, 0)), c.at->size()};
}

void FirstLook::lay() {
    setGeometry(parentWidget()->rect());
    int last = 0;
    for (std::size_t i = 0; i < labels_.size(); ++i) {
        const QRect there = placeOf(callouts_[i]);
        QLabel* l = labels_[i];
        const int wide = std::min(scaled(kWide), width() - 48);
        l->setFixedWidth(wide);
        const int high = l->heightForWidth(wide);
        const int y = std::max(last + 8, there.center().y() - high / 2);
        l->setGeometry(std::clamp(there.center().x() - wide / 2, 24, width() - wide - 24), y, wide,
                       high);
        last = y + high;
    }
    start_->adjustSize();
    start_->move((width() - start_->width()) / 2,
                 std::min(last + 12, height() - start_->height() - 8));
}

void FirstLook::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    QColor wash = colours().paper;
    wash.setAlpha(kWash);
    p.fillRect(rect(), wash);
    for (std::size_t i = 0; i < labels_.size(); ++i) {
        p.setPen(QPen(colours().action, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(QRectF(placeOf(callouts_[i])).adjusted(1, 1, -1, -1), 5, 5);
        p.setPen(QPen(colours().hairline, 1));
        p.setBrush(colours().raised);
        p.drawRoundedRect(QRectF(labels_[i]->geometry()).adjusted(0.5, 0.5, -0.5, -0.5), 5, 5);
    }
}

void FirstLook::mousePressEvent(QMouseEvent*) {
    emit done();
}

void FirstLook::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Escape) return emit done();
    QWidget::keyPressEvent(e);
}

bool FirstLook::eventFilter(QObject* of, QEvent* e) {
    if (of == parentWidget() && e->type() == QEvent::Resize) lay();
    return QWidget::eventFilter(of, e);
}

}  // namespace brisk::app
