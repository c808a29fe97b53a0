// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCommandLineParser>
#include <clocale>

#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/spoken.h"
#include "app/window/guarded_application.h"
#include "app/window/language.h"
#include "app/window/main_window.h"
#include "core/large_buffers.h"

int main(int argc, char** argv) {
    brisk::returnLargeBuffersAtOnce();
    brisk::app::GuardedApplication app(argc, argv);
    // It has taken over the desktop's locale; libraries that read and write numbers for files must
    // not see its decimal comma.
    std::setlocale(LC_NUMERIC, "C");
    QApplication::setApplicationName(QStringLiteral("Brisk Tether"));
    QApplication::setApplicationVersion(QStringLiteral(BRISK_VERSION));
    // By which a desktop finds the menu entry that a window belongs to.
    QGuiApplication::setDesktopFileName(QStringLiteral("org.brisktether.brisktether"));
    QGuiApplication::setWindowIcon(brisk::app::programIcon());
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Puts clean sound to picture."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QStringLiteral("Takes, recordings, or a saved shoot (.brisk)"));
    parser.process(app);
    brisk::app::useLanguage(QLocale());
    brisk::app::speakDrawings();
    brisk::app::setTheme(brisk::app::desktopTheme());
    brisk::app::applyStyle();
    brisk::app::MainWindow window;
    app.setWindow(&window);
    window.show();
    window.takeIn(parser.positionalArguments());
    return QApplication::exec();
}
