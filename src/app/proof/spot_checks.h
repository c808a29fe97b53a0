// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Five small lenses along the take, each a fixed close-up of the reflection at a telling moment,
/// with the slip measured there. They answer "is it still right at the end?" without scrolling.
#pragma once

#include <QAbstractButton>
#include <array>

#include "app/proof/proof.h"
#include "app/spine/session.h"

namespace brisk::app {

class SpotLens : public QAbstractButton {
    Q_OBJECT
  public:
    SpotLens(const QString& where, QWidget* parent);
    void show(const SpotCheck& spot, const SoundScan* take, const SoundScan* recording,
              ClockLine line, bool worst);
    /// What stands beside the name: "0.2 ms".
    [[nodiscard]] QString words() const { return words_; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    QString where_;
    QString words_;
    SpotCheck spot_;
    const SoundScan* take_ = nullptr;
    const SoundScan* recording_ = nullptr;
    ClockLine line_;
    bool worst_ = false;
};

class SpotChecks : public QWidget {
    Q_OBJECT
  public:
    SpotChecks(Session& session, Proof& proof, QWidget* parent);
    void showTake(int take);
    /// What each would say if the clean sound came so much later; 0 = as it is.
    void preview(Seconds later);

  signals:
    void wentTo(double takeSeconds);

  private:
    void refresh();
    Session& session_;
    Proof& proof_;
    int take_ = 0;
    Seconds later_;
    std::array<SpotLens*, 5> lenses_{};
};

}  // namespace brisk::app
