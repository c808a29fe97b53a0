// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything true of the take and its recording, in words and numbers, and what can be done now.
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <array>
#include <map>
#include <vector>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "app/style/sentence_label.h"
#include "features/sound_quality.h"

class QHBoxLayout;

namespace brisk::app {

class TetherCard : public QWidget {
    Q_OBJECT
  public:
    TetherCard(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);
    /// What will be done to the camera's sound and the rest, as the hand-over will do it.
    void refresh();

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    /// What the card says, in this order.
    enum Sentence : std::size_t { kPlace, kKnown, kDiffers, kFile, kSentences };
    void say(Sentence which, const QString& text);
    [[nodiscard]] QString placeWords(const Tether& t, const MediaFacts& take) const;
    /// Where no recording covers the take; empty where all of it is.
    [[nodiscard]] QString uncoveredSentence(const Tether& t, const MediaFacts& take) const;
    [[nodiscard]] QString takeWords(const MediaFacts& take) const;
    /// All that it says, as text.
    [[nodiscard]] QString figures() const;
    /// "from sewing-03, in sewing-05", where the camera cut one take into files.
    [[nodiscard]] QString goesOnWords(int take) const;
    void fillTether(const Tether& t, const MediaFacts& take);
    void fillTake(const MediaFacts& take);
    /// Worked out once for each file.
    const SoundQuality& quality(const std::shared_ptr<const SoundScan>& scan);
    void layOn();
    void fillRecording();
    /// ", not listened to" of a tether that nobody heard.
    [[nodiscard]] QString heardWords() const;
    void teach();

    Session& session_;
    Verbs& verbs_;
    int take_ = 0;
    QLabel* title_;
    QLabel* stateWords_;
    QHBoxLayout* head_;
    std::array<SentenceLabel*, kSentences> sentences_{};
    std::map<std::shared_ptr<const SoundScan>, SoundQuality> qualities_;
    QPushButton* find_;
    QPushButton* layOn_;
};

}  // namespace brisk::app
