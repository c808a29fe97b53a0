// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Trimming and cutting a take: a list of what is kept of it. Nothing moves, and everything can be
/// brought back.
#pragma once

#include <QObject>
#include <functional>
#include <optional>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QAction;
class QMenu;

namespace brisk::app {

class CutTools : public QObject {
    Q_OBJECT
  public:
    /// Where a person is in a take.
    struct Where {
        int take = 0;
        Seconds playhead;
        std::optional<TimeRange> selection;
    };
    /// \param on  the widget that its keys work in.
    CutTools(Session& session, Verbs& verbs, QWidget* on, std::function<Where()> where);

    /// What can be done here and now.
    void popup(const QPoint& globalPos);

  private:
    /// `change` makes the new list, from the old one and the whole take.
    using Change = std::function<TimeRanges(const TimeRanges& kept, TimeRange whole, const Where&)>;
    /// Whether a tool makes an edge where the playhead or the selection is, or points at a piece.
    enum class Edge { Made, No };
    void add(Verb verb, const std::string& what, Edge edge, Change change);
    struct Tool {
        QAction* action;
        std::string what;  ///< For the history: "cut".
        Edge edge;
        Change change;
    };
    void run(const Tool& tool);
    /// What the tool would keep; nothing where that is what is kept already.
    [[nodiscard]] std::optional<TimeRanges> asked(const Tool& tool, const Where& where) const;
    /// The same, without pieces that are shorter than a picture.
    [[nodiscard]] std::optional<TimeRanges> changed(const Tool& tool, const Where& where) const;
    /// Where the tool works: with edges where they are heard least, if that is wanted.
    [[nodiscard]] Where settled(const Tool& tool) const;
    [[nodiscard]] TimeRanges shared(const TimeRanges& kept) const;

    Session& session_;
    Verbs& verbs_;
    QWidget* on_;
    std::function<Where()> where_;
    QAction* snap_;
    std::vector<Tool> tools_;
};

}  // namespace brisk::app
