// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be done with a take that has no place: ways to lay it on a recording that measure
/// nothing, for a person to move and listen to from there.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "day/place_ways.h"

namespace brisk::app {

class LooseWays : public QWidget {
    Q_OBJECT
  public:
    LooseWays(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);

  private:
    void refresh();
    void lay(PlaceWay way);
    [[nodiscard]] Fact whyNot(PlaceWay way) const;

    Session& session_;
    int take_ = 0;
};

}  // namespace brisk::app
