// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Small pictures above the seam, each where its moment is on the seam's time axis.
#pragma once

#include <QWidget>

#include "app/picture/thumb_source.h"
#include "app/seam/time_axis.h"

namespace brisk::app {

class Filmstrip : public QWidget {
    Q_OBJECT
  public:
    explicit Filmstrip(QWidget* parent = nullptr);
    /// \param end  of the take.
    void showTake(const QString& path, Seconds end);
    void setAxis(const TimeAxis& axis);
    /// Small pictures that are drawn.
    [[nodiscard]] int drawn() const;

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    void ask();
    [[nodiscard]] std::vector<Seconds> times() const;
    [[nodiscard]] double step() const;
    [[nodiscard]] bool exact() const;

    QString path_;
    Seconds end_;
    TimeAxis axis_;
    ThumbSource source_;
};

}  // namespace brisk::app
