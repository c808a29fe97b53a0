// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCommandLineParser>
#include <QFileInfo>
#include <QSessionManager>
#include <QUrl>
#include <clocale>

#include "app/desktop/long_work.h"
#include "app/desktop/media_keys.h"
#include "app/desktop/one_instance.h"
#include "app/desktop/windows.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/spoken.h"
#include "app/window/guarded_application.h"
#include "app/window/language.h"
#include "core/large_buffers.h"

namespace {

using namespace brisk::app;

/// As a person or a desktop gives them: names from here, or file:// addresses.
QStringList absolutePaths(const QStringList& given) {
    QStringList out;
    for (const QString& name : given) {
        const bool address = name.startsWith(QLatin1String("file:"));
        out << QFileInfo(address ? QUrl(name).toLocalFile() : name).absoluteFilePath();
    }
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    brisk::returnLargeBuffersAtOnce();
    GuardedApplication app(argc, argv);
    // It has taken over the desktop's locale; libraries that read and write numbers for files must
    // not see its decimal comma.
    std::setlocale(LC_NUMERIC, "C");
    QApplication::setApplicationName(QStringLiteral("Brisk Tether"));
    QApplication::setApplicationVersion(QStringLiteral(BRISK_VERSION));
    // By which a desktop finds the menu entry that a window belongs to.
    QGuiApplication::setDesktopFileName(QStringLiteral("org.brisktether.brisktether"));
    QGuiApplication::setWindowIcon(programIcon());
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Puts clean sound to picture."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption alone(
        QStringLiteral("alone"),
        QStringLiteral("A program of its own, even if one runs that would take the files"));
    parser.addOption(alone);
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QStringLiteral("Takes, recordings, or a saved shoot (.brisk)"));
    parser.process(app);
    const QStringList files = absolutePaths(parser.positionalArguments());
    OneInstance one;
    if (!parser.isSet(alone) && one.handOver(files)) return 0;
    useLanguage(QLocale());
    speakDrawings();
    setTheme(desktopTheme());
    applyStyle();
    Windows windows;
    app.setTold([&windows] { return windows.current(); });
    QObject::connect(&windows, &Windows::opened, &windows, [](MainWindow* w) {
        new LongWork(w->session(), *w);  // the window's
    });
    const MediaKeys keys(windows);
    QObject::connect(&one, &OneInstance::asked, &windows, &Windows::take);
    QObject::connect(&app, &QGuiApplication::commitDataRequest, &windows,
                     [&windows](QSessionManager& session) {
                         if (session.allowsInteraction() && !windows.mayEnd()) session.cancel();
                     });
    files.isEmpty() && app.isSessionRestored() ? windows.comeBack() : windows.take(files);
    return QApplication::exec();
}
