// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The guide: one page that says how a day's work goes, with pictures, without a network.
#pragma once

#include "app/window/stage_page.h"

class QTextBrowser;

namespace brisk::app {

class GuidePage : public StagePage {
    Q_OBJECT
  public:
    explicit GuidePage(QWidget* parent = nullptr);

  protected:
    void resizeEvent(QResizeEvent*) override;
    void changeEvent(QEvent*) override;

  private:
    void fill();
    QTextBrowser* text_;
    int wide_ = 0;
};

}  // namespace brisk::app
