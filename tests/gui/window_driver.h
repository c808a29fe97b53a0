// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A person at the window: drops files, presses what is written on buttons, waits, reads.
#pragma once

#include <QPushButton>
#include <QStringList>

#include "app/bench/bench.h"
#include "app/seam/seam_view.h"
#include "app/sheet/hand_over_sheet.h"
#include "app/window/main_window.h"

namespace brisk::test {

class WindowDriver {
  public:
    explicit WindowDriver(QSize size = {1280, 800});

    app::MainWindow window;

    void drop(const QStringList& files);
    /// Presses the visible button with that text; false when there is none that can be pressed.
    bool press(const QString& text);
    /// One that can be seen, when the tray is opened at its step where it is in the tray.
    [[nodiscard]] QPushButton* button(const QString& text);
    /// Opens the step of the tray that shows this, as a person would who looks for it.
    void openStepOf(QWidget* part);
    /// Waits until the plan of the sheet is the newest.
    bool waitPlanned();
    /// Waits until nothing runs any more.
    bool waitQuiet(int ms = 60000);
    /// All text of visible labels, joined.
    [[nodiscard]] QString wordsOnScreen();
    [[nodiscard]] int take() { return window.bench().take(); }
    [[nodiscard]] app::SeamView& seam() { return window.bench().seam(); }
    void wheel(double x, int notches);
    /// Hands over the take that is shown, as if on the sheet, and waits for it.
    std::vector<FileResult> handOver(const std::string& folder,
                                     VideoContainer container = VideoContainer::Mov);
    [[nodiscard]] QString handOverWords();
};

}  // namespace brisk::test
