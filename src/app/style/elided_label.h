// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A label that shortens its text with an ellipsis instead of widening the window; the whole text
/// is in its tool tip.
#pragma once

#include <QLabel>
#include <QPainter>

namespace brisk::app {

class ElidedLabel : public QLabel {
  public:
    using QLabel::QLabel;
    QSize minimumSizeHint() const override { return {24, QLabel::minimumSizeHint().height()}; }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setPen(QLabel::palette().color(foregroundRole()));
        const QString shown = fontMetrics().elidedText(text(), Qt::ElideMiddle, width());
        p.drawText(rect(), static_cast<int>(alignment()), shown);
        if (shown != text()) setToolTip(text());
    }
};

}  // namespace brisk::app
