// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Placing the clean sound by hand: type where it falls, nudge it by four sizes, put marks
/// together, try the places that came close. Nothing here rounds to picture frames.
#pragma once

#include <QWidget>
#include <vector>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "app/tray/search_menu.h"

class QLineEdit;
class QPushButton;

namespace brisk::app {

class PlaceBar : public QWidget {
    Q_OBJECT
  public:
    PlaceBar(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);

  signals:
    /// A mark is wanted at the playhead.
    void markWanted(bool onCleanSound, bool exactly);
    void searchWanted(brisk::app::SearchScope scope);

  private:
    void refresh();
    void typed();
    void nudge(Seconds by);
    void marksTogether();
    void nextPlace();
    void showSearches();
    void tryPlace(std::size_t i);
    void teach();
    /// As it is typed; 0 where that is no time.
    Seconds ownStep();
    [[nodiscard]] const Tether* tether() const;

    Session& session_;
    Verbs& verbs_;
    int take_ = 0;
    std::vector<PlaceOffer> places_;  // one after the other, round and round
    std::size_t at_ = 0;
    ClockLine found_;
    QLineEdit* offset_;
    QLineEdit* own_;
    QPushButton* again_;
};

}  // namespace brisk::app
