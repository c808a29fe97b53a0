// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The bench: one take's picture, tether card, seam and listening, around one playhead.
#pragma once

#include <QWidget>
#include <functional>
#include <optional>

#include "app/listen/player.h"
#include "app/listen/scrubber.h"
#include "app/picture/picture_source.h"
#include "app/proof/echo_gauge.h"
#include "app/proof/proof.h"
#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "app/tray/cut_tools.h"
#include "app/tray/search_menu.h"
#include "app/tray/tray.h"

namespace brisk::app {

class Filmstrip;
class FrameTip;
class DistanceRow;
class MicrophoneRow;
class SoundPanel;
class ListenBar;
class LooseWays;
class MatchCurveView;
class OtherPicture;
class PictureView;
class PlaceBar;
class RecordingWays;
class SeamView;
class SlipLine;
class SpotChecks;
class TetherCard;

class Bench : public QWidget {
    Q_OBJECT
  public:
    Bench(Session& session, Verbs& verbs, QWidget* parent);
    /// A take, or a recording by itself; where a person left it.
    void showTake(int media);
    [[nodiscard]] int take() const { return take_; }
    /// The one that a person chose; empty = the desktop's.
    void setSoundDevice(const QByteArray& id);
    /// Who knows what is selected in the list.
    void setSelected(std::function<std::vector<int>()> selected);
    void openStep(Step step);
    [[nodiscard]] Tray& tray() { return *tray_; }
    /// Says where to look, over the take that is shown; `done` once it is put away.
    void lookAround(const std::function<void()>& done);
    void setPlayhead(Seconds t);
    [[nodiscard]] SeamView& seam() { return *seam_; }
    [[nodiscard]] Filmstrip& filmstrip() { return *strip_; }
    [[nodiscard]] FrameTip& frameTip() { return *tip_; }
    [[nodiscard]] PictureView& picture() { return *picture_; }
    [[nodiscard]] OtherPicture& otherPicture() { return *other_; }
    [[nodiscard]] Player& player() { return player_; }
    [[nodiscard]] Proof& proof() { return proof_; }
    [[nodiscard]] ListenBar& listening() { return *listen_; }
    [[nodiscard]] MatchCurveView& matchCurve() { return *curve_; }

  signals:
    /// Another take should come onto the bench.
    void takeWanted(int take);
    void deviceChosen(const QByteArray& id);

  protected:
    void resizeEvent(QResizeEvent*) override;

  private:
    void lay(Verbs& verbs);
    void layTray(Verbs& verbs);
    [[nodiscard]] CutTools::Where where() const;
    void refreshTray();
    void askForStep();
    void connectParts();
    void connectPlacing();
    void connectListening();
    void connectPictures();
    void refresh();
    void moveTo(Seconds t, bool follow);
    void step(int frames);
    void playOrStop();
    void setLoop();
    void setKept();
    void askForPicture();
    void askGauge();
    /// The seam or the picture gets all the room; none: everything is shown.
    void showAlone(const QWidget* part);
    void laySizes();
    /// What is played of a file: of a recording by itself only its sound, on its own time.
    [[nodiscard]] std::shared_ptr<const SoundScan> playable() const;
    /// Counts what was listened to of the clean sound.
    void noteListening(Seconds at);
    void showTip(double takeSeconds, int x);
    void putMark(bool onCleanSound, bool exactly);
    void searchAgain(SearchScope scope);

    Session& session_;
    int take_ = 0;
    PictureSource pictures_;
    Player player_;
    Scrubber scrubber_;
    bool looping_ = false;
    Proof proof_;
    EchoGauge gauge_;
    double gaugedAt_ = -1;
    PictureView* picture_;
    OtherPicture* other_;
    bool skipping_ = true;
    TetherCard* card_;
    Tray* tray_;
    std::optional<Step> asked_;  // that the take asked for last
    const QWidget* alone_ = nullptr;
    DistanceRow* distance_;
    MicrophoneRow* microphone_;
    SoundPanel* sound_;
    CutTools* cuts_;
    Filmstrip* strip_;
    SeamView* seam_;
    FrameTip* tip_;
    QWidget* soundPage_;
    /// Of which file, and what is played of it.
    mutable std::pair<std::shared_ptr<const SoundScan>, std::shared_ptr<const SoundScan>>
        soundOnly_;
    LooseWays* loose_;
    RecordingWays* recording_;
    Seconds heard_;    // of the take, since it came or was moved
    Seconds heardAt_;  // the moment that was heard last
    PlaceBar* place_;
    SpotChecks* spots_;
    SlipLine* slips_;
    MatchCurveView* curve_;
    ListenBar* listen_;
};

}  // namespace brisk::app
