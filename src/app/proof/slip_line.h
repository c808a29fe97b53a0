// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slip over the whole overlap: a dot for every place compared, the line through them, and in
/// one sentence what that means. Click to go there.
#pragma once

#include <QWidget>

#include "app/proof/proof.h"

namespace brisk::app {

class SlipLine : public QWidget {
    Q_OBJECT
  public:
    SlipLine(Proof& proof, QWidget* parent);
    [[nodiscard]] QString verdict() const;
    /// Where a place of the take is drawn.
    [[nodiscard]] double xOf(Seconds t) const;

  signals:
    void wentTo(double takeSeconds);

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    bool event(QEvent*) override;

  private:
    [[nodiscard]] const SlipPoint* nearest(double x) const;
    [[nodiscard]] QRectF plot() const;
    [[nodiscard]] double range() const;
    Proof& proof_;
};

}  // namespace brisk::app
