// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything true of the take and its recording, in words and numbers, and what can be done now.
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <map>
#include <vector>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "features/sound_quality.h"

class QGridLayout;

namespace brisk::app {

class DistanceRow;
class MicrophoneRow;

class TetherCard : public QWidget {
    Q_OBJECT
  public:
    TetherCard(Session& session, Verbs& verbs, QWidget* parent);
    void showTake(int take);
    [[nodiscard]] DistanceRow& distance() { return *distance_; }
    /// What will be done to the camera's sound and the rest, as the hand-over will do it.
    void refresh();

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  signals:
    /// What the take shall sound like is to be chosen.
    void soundWanted();

  private:
    struct Row {
        QLabel* name;
        QLabel* value;
        QLabel* aside;
    };
    Row& row(std::size_t i);
    void setRow(std::size_t i, const QString& name, const QString& value,
                const QString& aside = {});
    void hideRowsFrom(std::size_t i);
    /// "from sewing-03, in sewing-05", where the camera cut one take into files.
    [[nodiscard]] QString goesOnWords(int take) const;
    /// What can be done without is left out where there is no room for it.
    [[nodiscard]] std::size_t rowsThatFit() const;
    std::size_t fillTether(const Tether& t, const MediaFacts& take);
    void fillTake(const MediaFacts& take);
    /// Worked out once for each file.
    const SoundQuality& quality(const std::shared_ptr<const SoundScan>& scan);
    void layOn();
    void teach();

    Session& session_;
    Verbs& verbs_;
    int take_ = 0;
    QLabel* title_;
    QLabel* stateWords_;
    QGridLayout* grid_;
    std::vector<Row> rows_;
    std::map<std::shared_ptr<const SoundScan>, SoundQuality> qualities_;
    QPushButton* find_;
    QPushButton* layOn_;
    QLabel* hint_;
    DistanceRow* distance_;
    MicrophoneRow* microphone_;
};

}  // namespace brisk::app
