// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Stretches of a take to be quiet: what is selected, or the clap at the playhead; on the clean
/// sound, the camera's, or both. Each can be heard again.
#pragma once

#include <QWidget>
#include <functional>
#include <optional>

#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "app/tray/cut_tools.h"

class QLineEdit;

namespace brisk::app {

class QuietTools : public QWidget {
    Q_OBJECT
  public:
    QuietTools(Session& session, Verbs& verbs, QWidget* parent,
               std::function<CutTools::Where()> where);

  private:
    /// The selection, or a clap from just before its onset to where it has died away.
    [[nodiscard]] std::optional<TimeRange> stretch(const CutTools::Where& where) const;
    void make(double db, QuietSide side);
    void letBeHeard();
    /// A clap that is quiet by itself, at a place.
    [[nodiscard]] std::optional<TimeRange> quietClapIn(const TakeView& view, TimeRange there) const;

    Session& session_;
    QLineEdit* lowered_ = nullptr;
    std::function<CutTools::Where()> where_;
};

}  // namespace brisk::app
