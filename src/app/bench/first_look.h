// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Where to look, said once: with the first take on the bench, a few sentences lie over it, each on
/// what it speaks of. Any press takes them away, for good.
#pragma once

#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;

namespace brisk::app {

class FirstLook : public QWidget {
    Q_OBJECT
  public:
    struct Callout {
        QWidget* at;
        QString words;
    };
    FirstLook(std::vector<Callout> callouts, QWidget* over);

  signals:
    void done();

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool eventFilter(QObject* of, QEvent* e) override;

  private:
    void lay();
    [[nodiscard]] QRect placeOf(const Callout& c) const;
    std::vector<Callout> callouts_;
    std::vector<QLabel*> labels_;
    QPushButton* start_;
};

}  // namespace brisk::app
