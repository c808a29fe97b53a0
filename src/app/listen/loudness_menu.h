// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How loud what is heard is, how the two sounds are balanced where both are heard, and where it
/// comes from: one button with a menu.
#pragma once

#include <QByteArray>
#include <QPushButton>

class QMenu;
class QSlider;

namespace brisk::app {

class LoudnessMenu : public QPushButton {
    Q_OBJECT
  public:
    explicit LoudnessMenu(QWidget* parent);
    [[nodiscard]] float volume() const;   ///< 0 to 1.
    [[nodiscard]] float balance() const;  ///< -1 the camera alone, 1 the clean sound alone.
    /// The device that a person chose; empty = the desktop's.
    void setDevice(const QByteArray& id) { device_ = id; }

  signals:
    void changed();
    void deviceChosen(const QByteArray& id);

  private:
    QSlider* addSlider(const QString& name, const QString& low, const QString& high, int least);
    void fillDevices();
    void showWords();

    QMenu* menu_;
    QSlider* volume_;
    QSlider* balance_;
    QList<QAction*> devices_;
    QByteArray device_;
};

}  // namespace brisk::app
