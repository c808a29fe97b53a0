// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be done with a take that has no place: ways to lay it on a recording that measure
/// nothing, for a person to move and listen to from there. Where several are selected in the list,
/// they are laid together.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "day/place_ways.h"

class QLabel;
class QLineEdit;

namespace brisk::app {

class LooseWays : public QWidget {
    Q_OBJECT
  public:
    LooseWays(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);
    /// Who knows what is selected in the list.
    void setSelected(std::function<std::vector<int>()> selected) {
        selected_ = std::move(selected);
    }

  private:
    void refresh();
    void lay(PlaceWay way);
    void layAsTyped();
    void layByPins();
    /// The take on the bench, or all that are selected where it is one of several.
    [[nodiscard]] std::vector<int> takes() const;
    [[nodiscard]] Fact whyNot() const;

    Session& session_;
    std::function<std::vector<int>()> selected_;
    QLabel* words_;
    QLineEdit* time_;
    int take_ = 0;
};

}  // namespace brisk::app
