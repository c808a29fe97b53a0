// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can be done with a recording by itself on the bench: lay takes on it where its playhead is,
/// or by a clap.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

namespace brisk::app {

class RecordingWays : public QWidget {
    Q_OBJECT
  public:
    RecordingWays(Session& session, Verbs& verbs, QWidget* parent);
    /// A take or a recording; nothing is seen of this where it is a take.
    void showMedia(int media);
    /// A take begins at a time of the recording, and says why.
    void lay(int take, Seconds at, const Fact& reason);

  signals:
    /// It was laid, and may be looked at.
    void laid(int take);

  private:
    void refresh();
    /// Takes that can be laid, those without a place first, as a menu below a button.
    void chooseTake(QWidget* below, const std::function<void(int take)>& chosen);
    [[nodiscard]] std::vector<int> layable() const;
    [[nodiscard]] Fact whyNot() const;

    Session& session_;
    QWidget* here_ = nullptr;
    QWidget* pins_ = nullptr;
    int media_ = 0;
};

}  // namespace brisk::app
