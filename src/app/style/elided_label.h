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
    /// What is shown where there is no room for all of it; none: the middle is left out.
    void setShort(const QString& text) { short_ = text; }
    QSize minimumSizeHint() const override { return {24, QLabel::minimumSizeHint().height()}; }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setPen(QLabel::palette().color(foregroundRole()));
        const bool fits = fontMetrics().horizontalAdvance(text()) <= width();
        const QString shown = fontMetrics().elidedText(fits || short_.isEmpty() ? text() : short_,
                                                       Qt::ElideMiddle, width());
        p.drawText(rect(), static_cast<int>(alignment()), shown);
        if (shown != text()) setToolTip(text());
    }

  private:
    QString short_;
};

}  // namespace brisk::app
