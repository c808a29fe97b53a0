// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Playing and listening: start and stop, the time, frame steps, which sound is heard, zoom.
#pragma once

#include <QWidget>
#include <optional>

#include "app/spine/verbs.h"
#include "core/fact.h"
#include "core/units.h"
#include "render/listening_mix.h"

class QLabel;
class QPushButton;

namespace brisk::app {

class ElidedLabel;
class LoudnessMenu;

class ListenBar : public QWidget {
    Q_OBJECT
  public:
    ListenBar(Verbs& verbs, QWidget* parent);
    void setPosition(Seconds t);
    void setPlaying(bool playing);
    /// \param whyNot  there is a clean sound to hear; empty where there is.
    void setCleanAvailable(const Fact& whyNot);
    /// A recording by itself: there is nothing to choose from.
    void setOneSound(bool one);
    [[nodiscard]] LoudnessMenu& loudness() { return *loudness_; }
    void setAudible(bool audible);
    /// What the echo gauge shows; none = no common sound here.
    /// \param way  of the sound to the camera there, beyond the nearest.
    void setSlip(std::optional<Seconds> slip, Seconds way);
    [[nodiscard]] QString gaugeWords() const;
    [[nodiscard]] Hearing hearing() const;
    /// Take seconds in a second of listening.
    void setTravelling(double speed);

  signals:
    void playPressed();
    void hearingChanged(brisk::Hearing hearing);
    void speedChosen(double speed);
    void loopChosen(bool on);
    /// On (1) or back (-1), faster with each press.
    void shuttled(int direction);

  protected:
    bool event(QEvent*) override;

  private:
    void teach();
    void fit();
    void chooseSpeed(double speed);

    Verbs& verbs_;
    Fact whyNoClean_{"no-place-yet"};
    double chosenSpeed_ = 1;
    QLabel* time_;
    QWidget* hearing_;  ///< The choices, and what stands for them where room is short.
    QPushButton* hearingMenu_;
    bool narrow_ = false;
    bool one_ = false;
    LoudnessMenu* loudness_;
    Listen wanted_ = Listen::Both;  ///< Kept while there is no clean sound.
    ElidedLabel* gauge_;
    QLabel* device_;
    QPushButton* speed_;
};

}  // namespace brisk::app
