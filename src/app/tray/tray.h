// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Below the seam: the four steps of a take in the order of work, one of them open. A take that
/// comes onto the bench opens the step that its state asks for; a click or a key goes to any other,
/// and nothing else moves.
#pragma once

#include <QWidget>
#include <array>

#include "app/spine/verbs.h"
#include "day/take_view.h"

class QLabel;
class QStackedWidget;

namespace brisk::app {

enum class Step { Place, Check, Sound, Trim };

/// The step that a take asks for.
Step stepFor(const TakeView& v);

class Tray : public QWidget {
    Q_OBJECT
  public:
    Tray(Verbs& verbs, QWidget* parent);
    /// What a step shows; in the order of the steps, once each.
    void addPage(QWidget* page);
    void open(Step step);
    [[nodiscard]] Step step() const;
    /// The open question, or its answer, in one sentence; and what more there is to it.
    void setWords(Step step, const QString& sentence, const QString& aside = {});

  signals:
    void opened(Step step);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void showWords();

    Verbs& verbs_;
    QLabel* sentence_;
    QLabel* aside_;
    QStackedWidget* pages_;
    std::array<std::pair<QString, QString>, 4> words_;
};

}  // namespace brisk::app
