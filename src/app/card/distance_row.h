// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sound's way to the camera, as a part of the tether of its own: typed in metres, or taken
/// from the picture frame that shows the hands meeting.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "core/sound_distance.h"

class QLineEdit;
class QPushButton;

namespace brisk::app {

class ElidedLabel;

class DistanceRow : public QWidget {
    Q_OBJECT
  public:
    DistanceRow(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);
    /// The picture frame at the playhead, in which the hands may meet.
    void setFrame(TimeRange takeTime) { frame_ = takeTime; }

  private:
    void refresh();
    void typed();
    void fromPicture();
    void take(const SoundDistance& distance);

    Session& session_;
    int take_ = 0;
    TimeRange frame_;
    QLineEdit* metres_;
    ElidedLabel* aside_;
};

}  // namespace brisk::app
