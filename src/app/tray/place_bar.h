// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Placing the clean sound by hand: type where it falls, nudge it by four sizes, put marks
/// together, try the places that came close. Nothing here rounds to picture frames.
#pragma once

#include <QWidget>
#include <vector>

#include "app/spine/session.h"
#include "app/tray/search_menu.h"
#include "core/time_entry.h"

class QLineEdit;
class QPushButton;

namespace brisk::app {

class ElidedLabel;

class PlaceBar : public QWidget {
    Q_OBJECT
  public:
    PlaceBar(Session& session, QWidget* parent);
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
    [[nodiscard]] EntryUnits units() const;
    [[nodiscard]] const Tether* tether() const;

    struct Place {
        ClockLine line;
        Fact where;
    };
    Session& session_;
    int take_ = 0;
    std::vector<Place> places_;  // one after the other, round and round
    std::size_t at_ = 0;
    ClockLine found_;
    QLineEdit* offset_;
    QLineEdit* own_;
    QPushButton* together_;
    QPushButton* again_;
    QPushButton* next_;
    ElidedLabel* said_;
};

}  // namespace brisk::app
