// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <QApplication>
#include <QLocale>

#include "app/style/app_style.h"
#include "app/style/spoken.h"
#include "own_folders.h"

int main(int argc, char** argv) {
    // A real window without a screen, unless somebody wants to watch.
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    ::testing::InitGoogleTest(&argc, argv);
    // What tests leave behind is nobody's shoot.
    const brisk::test::OwnFolders own;
    QApplication app(argc, argv);
    // Whoever runs them, wherever.
    QLocale::setDefault(QLocale::c());
    brisk::app::speakDrawings();
    brisk::app::applyStyle();
    return RUN_ALL_TESTS();
}
