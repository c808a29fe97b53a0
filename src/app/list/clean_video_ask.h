// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Several videos and no recording: one of them may have the clean sound. Asks which, and says
/// which of them sounds like it.
#pragma once

#include <QWidget>

#include "app/spine/session.h"

class QLabel;
class QPushButton;

namespace brisk::app {

class CleanVideoAsk : public QWidget {
    Q_OBJECT
  public:
    CleanVideoAsk(Session& session, QWidget* parent);

  private:
    void refresh();
    /// The takes that it is asked of, the one that sounds closest first; empty where there is
    /// nothing to ask.
    [[nodiscard]] std::vector<int> candidates() const;
    void use(int take);

    Session& session_;
    QLabel* words_;
    QPushButton* guess_;
    QPushButton* another_;
    std::vector<int> asked_;
};

}  // namespace brisk::app
