// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The picture under the pointer, while it hovers over the seam.
#pragma once

#include <QTimer>
#include <QWidget>

#include "app/picture/thumb_source.h"

namespace brisk::app {

class FrameTip : public QWidget {
    Q_OBJECT
  public:
    explicit FrameTip(QWidget* parent);
    /// \param above  where its lower edge goes, in the parent's coordinates.
    void hover(const QString& path, Seconds time, std::int64_t frame, QPoint above);
    void leave();
    [[nodiscard]] bool hasPicture() const { return source_.at(path_, time_, true) != nullptr; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void place();

    QString path_;
    Seconds time_;
    std::int64_t frame_ = 0;
    QPoint above_;
    QTimer rest_;
    ThumbSource source_;
};

}  // namespace brisk::app
