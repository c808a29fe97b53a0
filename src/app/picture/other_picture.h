// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What another camera saw at the moment that is looked at: its picture, with its name. Several
/// cameras are gone through by clicking.
#pragma once

#include <optional>

#include "app/picture/picture_source.h"
#include "app/picture/picture_view.h"
#include "app/spine/session.h"
#include "day/same_moment.h"

namespace brisk::app {

class OtherPicture : public PictureView {
    Q_OBJECT
  public:
    OtherPicture(Session& session, Verbs& verbs, QWidget* parent);
    /// Whether a person wants to see it; nothing is asked for while not.
    void setWanted(bool wanted);
    /// Whether it has room on the bench.
    [[nodiscard]] bool shown() const { return wanted_; }
    void showMoment(int take, Seconds t);
    /// Whose picture it is; 0 = of none.
    [[nodiscard]] int other() const { return moment_ ? moment_->take : 0; }
    [[nodiscard]] Seconds moment() const { return moment_ ? moment_->at : Seconds{0}; }

  protected:
    void mousePressEvent(QMouseEvent*) override;

  private:
    void look();

    Session& session_;
    PictureSource pictures_;
    bool wanted_ = false;
    int take_ = 0;
    Seconds t_;
    std::size_t which_ = 0;  // of several
    std::optional<SameMoment> moment_;
    mutable std::optional<DayLayout> day_;  // until something changes
};

}  // namespace brisk::app
