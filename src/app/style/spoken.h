// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is drawn, for those who do not see it: a widget that paints says here, in words, what there
/// is and how it is operated, and a screen reader finds a slider or a list.
///
///     class SeamView : public QWidget, public SpokenValue { ... };   // a slider: the playhead
///     class DayMap : public QWidget, public SpokenParts { ... };     // a list: the takes
///
/// speakDrawings() once, before the first window.
#pragma once

#include <QRect>
#include <QString>
#include <QWidget>

namespace brisk::app {

/// One value along a line.
class SpokenValue {
  public:
    virtual ~SpokenValue() = default;
    /// "0:00:03.280, frame 82".
    [[nodiscard]] virtual QString spokenValue() const = 0;
    [[nodiscard]] virtual double spokenNow() const = 0;
    [[nodiscard]] virtual double spokenLeast() const = 0;
    [[nodiscard]] virtual double spokenMost() const = 0;
    /// What one press of an arrow changes.
    [[nodiscard]] virtual double spokenStep() const = 0;
    virtual void speakTo(double value) = 0;
};

/// Several things of which one is chosen.
class SpokenParts {
  public:
    struct Part {
        QString name;
        QString value;
        QRect place;  ///< In the widget.
        bool chosen = false;
    };
    virtual ~SpokenParts() = default;
    [[nodiscard]] virtual int partCount() const = 0;
    [[nodiscard]] virtual Part part(int i) const = 0;
    /// As if it were clicked.
    virtual void pressPart(int i) = 0;
};

void speakDrawings();
/// The value, or what is chosen, is another now.
void valueSpoken(QWidget* widget);
/// Something that happened, in words, to whoever listens.
void announce(QWidget* where, const QString& sentence);

}  // namespace brisk::app
