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
    enum class Buttons { All, None };
    PictureView(Verbs& verbs, QWidget* parent, Buttons buttons = Buttons::All);
    /// Whose picture it is, between its numbers; empty = nobody asks.
    void setTitle(const QString& title);

    /// \param from  when it appears in the take.
    void setPicture(const QImage& image, Seconds from);
    /// What belongs here: a picture that does not appear within `span` is shown pale until the
    /// right one is there.
    void setNumbers(std::int64_t frame, Seconds time, TimeRange span);
    [[nodiscard]] bool isRightPicture() const;
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
    QPushButton* back_ = nullptr;  // null where it has no buttons
    QPushButton* on_ = nullptr;
    QPushButton* large_ = nullptr;
    QString title_;
    Seconds from_;
    TimeRange span_{{0}, {0}};
    QImage image_;
    QString problem_;
    std::int64_t frame_ = 0;
    Seconds time_;
};

}  // namespace brisk::app
