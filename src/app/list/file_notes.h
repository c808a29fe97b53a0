// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What was wrong with files that were added, in sentences, where the files are listed. Gone when
/// nothing is.
#pragma once

#include <QWidget>

#include "app/spine/session.h"

class QLabel;

namespace brisk::app {

class FileNotes : public QWidget {
    Q_OBJECT
  public:
    explicit FileNotes(Session& session, QWidget* parent = nullptr);

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    void refresh();
    void fit();
    Session& session_;
    QLabel* words_;
};

}  // namespace brisk::app
