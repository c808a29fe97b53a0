// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The match curve: how strongly the take belongs at each place of the recording, with the place in
/// force and its rivals. A click tries a place.
#pragma once

#include <QWidget>

#include "app/seam/match_curve_source.h"
#include "app/spine/session.h"
#include "app/style/spoken.h"

namespace brisk::app {

class MatchCurveView : public QWidget, public SpokenParts {
    Q_OBJECT
  public:
    explicit MatchCurveView(Session& session, QWidget* parent = nullptr);
    void showTake(int take);
    /// How far behind the strongest place the next one stays, in words.
    [[nodiscard]] QString words() const;
    /// Where a place is drawn.
    [[nodiscard]] double xOf(Seconds offset) const;
    [[nodiscard]] const std::vector<MatchPoint>* points() const;

    // The places that stand out, for those who listen.
    [[nodiscard]] int partCount() const override;
    [[nodiscard]] Part part(int i) const override;
    void pressPart(int i) override;

  signals:
    void tried(double offsetSeconds);

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

  private:
    void refresh();
    [[nodiscard]] QRectF plot() const;
    [[nodiscard]] double strongest() const;
    [[nodiscard]] const MatchPoint* nearest(double x) const;

    /// Those worth trying, from the start of the recording on.
    [[nodiscard]] std::vector<MatchPoint> standingOut() const;
    [[nodiscard]] QString wordsOf(const MatchPoint& m) const;

    Session& session_;
    int take_ = 0;
    int at_ = 0;  ///< The place that the keyboard is at.
    std::optional<PlacedPair> pair_;
    MatchCurveSource source_;
};

}  // namespace brisk::app
