// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Several videos and no recording: one of them may have the clean sound. Asks which, and says
/// which of them sounds like it.
#pragma once

#include <QWidget>
#include <map>
#include <memory>
#include <vector>

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
    [[nodiscard]] std::vector<int> candidates();
    void use(int take);

    Session& session_;
    QLabel* words_;
    QPushButton* guess_;
    QPushButton* another_;
    std::vector<int> asked_;
    /// How close each sounds, worked out once for each sound; none while there are recordings.
    std::map<std::shared_ptr<const SoundScan>, double> closeness_;
};

}  // namespace brisk::app
