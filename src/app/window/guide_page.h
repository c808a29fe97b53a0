// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The guide in plain words, with pictures, without a network: how a day's work goes, and a page
/// for each thing that is special.
#pragma once

#include "app/window/stage_page.h"

class QLabel;
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
    /// \param page  "first-shoot": the name of its file, without language and ending.
    void open(const QString& page);
    void fill();
    /// All pages; the one that is open is no link.
    [[nodiscard]] QString pagesLine() const;
    QString page_ = QStringLiteral("first-shoot");
    QLabel* pages_;
    QTextBrowser* text_;
    int wide_ = 0;
};

}  // namespace brisk::app
