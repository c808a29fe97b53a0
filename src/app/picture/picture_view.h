// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The take's picture at the playhead, with its frame number and time.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/spine/verbs.h"
#include "core/units.h"

class QPushButton;

namespace brisk::app {

class PictureView : public QWidget {
    Q_OBJECT
  public:
    PictureView(Verbs& verbs, QWidget* parent);

    void setPicture(const QImage& image);
    void setNumbers(std::int64_t frame, Seconds time);
    void setProblem(const QString& sentence);
    void clear();
    [[nodiscard]] bool hasPicture() const { return !image_.isNull(); }
    [[nodiscard]] const QImage& image() const { return image_; }

    QSize sizeHint() const override { return {384, 216}; }
    QSize minimumSizeHint() const override { return {240, 135}; }

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    QPushButton* back_;
    QPushButton* on_;
    QImage image_;
    QString problem_;
    std::int64_t frame_ = 0;
    Seconds time_;
};

}  // namespace brisk::app
