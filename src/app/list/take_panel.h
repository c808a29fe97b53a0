// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The left column: how many takes stand where, finding and sorting them, the list itself, and what
/// can be done with several at once.
#pragma once

#include <QListView>
#include <QWidget>
#include <array>

#include "app/list/media_list_model.h"
#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QLabel;
class QLineEdit;
class QPushButton;

class QHBoxLayout;
class QVBoxLayout;

namespace brisk::app {

class TakePanel : public QWidget {
    Q_OBJECT
  public:
    TakePanel(Session& session, Verbs& verbs, QWidget* parent);
    [[nodiscard]] QListView& list() { return *list_; }
    [[nodiscard]] MediaListModel& model() { return *model_; }
    /// Files that are selected in the list.
    [[nodiscard]] std::vector<int> selected() const;
    [[nodiscard]] std::vector<int> selectedTakes() const;
    /// The take on the bench: what jumping counts from.
    void setCurrent(int take) { current_ = take; }
    /// "9 tethered, 2 found, 1 unsure, 1 no place".
    [[nodiscard]] QString counts() const;

  public:
    /// The field to find takes by has the keyboard.
    void find();

  signals:
    void jumped(int take);

  private:
    void layHeading(QHBoxLayout* row);
    void layFilters(QHBoxLayout* row);
    void layFind(QHBoxLayout* row);
    void layList(QVBoxLayout* column);
    void refresh();
    void filterChanged();
    void chooseOrder();
    /// To the next one after the current.
    void jumpTo(const std::function<bool(int take)>& wanted);
    /// Tethered, and nobody listened to it there.
    [[nodiscard]] bool unheard(int take) const;
    void showMenu(const QPoint& at);
    [[nodiscard]] std::ptrdiff_t standing(const std::vector<int>& takes, TetherState s) const;
    [[nodiscard]] std::ptrdiff_t sureOnes() const;

    Session& session_;
    Verbs& verbs_;
    int current_ = 0;
    MediaListModel* model_;
    QListView* list_;
    QLabel* heading_;
    QLineEdit* find_;
    std::array<QPushButton*, 3> shown_{};  // by TakeFilter::Show
    QPushButton* order_;
    TakeFilter filter_;
};

}  // namespace brisk::app
