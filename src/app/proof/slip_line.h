// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The slip over the whole overlap: a dot for every place compared, the line through them, and in
/// one sentence what that means. Click to go there.
#pragma once

#include <QWidget>

#include "app/style/spoken.h"

#include "app/proof/proof.h"

namespace brisk::app {

class SlipLine : public QWidget, public SpokenValue {
    Q_OBJECT
  public:
    SlipLine(Proof& proof, QWidget* parent);
    [[nodiscard]] QString verdict() const;
    /// Where a place of the take is drawn.
    [[nodiscard]] double xOf(Seconds t) const;

    // The spots one after the other, for those who listen.
    [[nodiscard]] QString spokenValue() const override;
    [[nodiscard]] double spokenNow() const override { return static_cast<double>(at_); }
    [[nodiscard]] double spokenLeast() const override { return 0; }
    [[nodiscard]] double spokenMost() const override;
    [[nodiscard]] double spokenStep() const override { return 1; }
    void speakTo(double spot) override;

  signals:
    void wentTo(double takeSeconds);

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

  private:
    [[nodiscard]] const SlipPoint* nearest(double x) const;
    [[nodiscard]] QRectF plot() const;
    /// Of slips that the plot shows, in seconds; it holds the zero.
    struct Range {
        double least, most;
    };
    [[nodiscard]] Range range() const;
    [[nodiscard]] QString caption() const;
    /// The slips lie along one, but for where somebody walked.
    [[nodiscard]] bool hasLine() const;
    [[nodiscard]] double expected(Seconds t) const;
    [[nodiscard]] bool strays(const SlipPoint& p) const;
    [[nodiscard]] QString wordsOf(const SlipPoint& p) const;
    Proof& proof_;
    std::size_t at_ = 0;  ///< The spot that the keyboard is at.
};

}  // namespace brisk::app
