// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The page of preferences: few, each in force as soon as it is chosen.
#pragma once

#include <functional>
#include <vector>

#include "app/spine/preferences.h"
#include "app/window/stage_page.h"

class QComboBox;
class QGridLayout;

namespace brisk::app {

class PreferencesPage : public StagePage {
    Q_OBJECT
  public:
    explicit PreferencesPage(Preferences& preferences, QWidget* parent = nullptr);

  private:
    void addLooks(QGridLayout& grid);
    void addExports(QGridLayout& grid);
    void addSound(QGridLayout& grid);
    void addReading(QGridLayout& grid);
    /// A group of choices; what is chosen is told by `now`, and `choose` makes it so.
    QWidget* choices(const QString& name, const QStringList& texts, std::function<int()> now,
                     std::function<void(Preferred&, int)> choose);
    /// A list to choose a number from; one that is not in it is added where it is in force.
    QWidget* numbers(const QString& name, const std::vector<int>& values,
                     std::function<QString(int)> words, std::function<int()> now,
                     std::function<void(Preferred&, int)> choose);
    /// A folder that is chosen, or the usual one.
    QWidget* folder(const QString& name, const QString& usual, std::function<QString()> now,
                    std::function<void(Preferred&, const QString&)> choose);
    void fillDevices();
    void refresh();

    Preferences& preferences_;
    QComboBox* devices_ = nullptr;
    std::vector<std::function<void()>> refreshers_;
};

}  // namespace brisk::app
