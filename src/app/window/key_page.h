// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The page of keys: every key of the window, by what a person wants to do; searched by words or by
/// key, and changed.
#pragma once

#include "app/spine/preferences.h"
#include "app/window/key_table.h"
#include "app/window/stage_page.h"

class QKeySequenceEdit;
class QLabel;
class QLineEdit;
class QPushButton;
class QTreeWidget;
class QTreeWidgetItem;

namespace brisk::app {

class KeyPage : public StagePage {
    Q_OBJECT
  public:
    KeyPage(const Verbs& verbs, Preferences& preferences, QWidget* parent = nullptr);

  private:
    QWidget* makeChanging();
    void fill();
    void filter();
    /// What is chosen, and what a new key would do.
    void tell();
    [[nodiscard]] const KeyRow* chosen() const;
    [[nodiscard]] QKeySequence wanted() const;
    void use();
    void giveKeys(const QList<QKeySequence>& keys);

    const Verbs& verbs_;
    Preferences& preferences_;
    std::vector<KeyGroup> groups_;
    QLineEdit* find_;
    QTreeWidget* tree_;
    QLabel* says_;
    QKeySequenceEdit* new_;
    QPushButton* use_;
    QPushButton* none_;
    QPushButton* asItCame_;
    QPushButton* allAsTheyCame_;
};

}  // namespace brisk::app
