// SPDX-License-Identifier: GPL-3.0-or-later
#include <QApplication>
#include <QCommandLineParser>
#include <QPointer>
#include <clocale>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/window/main_window.h"
#include "core/guarded.h"
#include "core/large_buffers.h"

namespace {

/// What is thrown while an event is answered is said, and the window goes on: nothing that a person
/// made is lost by it.
class Application : public QApplication {
  public:
    using QApplication::QApplication;
    QPointer<brisk::app::MainWindow> window;
    bool notify(QObject* receiver, QEvent* event) override {
        try {
            return QApplication::notify(receiver, event);
        } catch (...) {
            if (window) window->session().addNote(brisk::app::inWords(brisk::caughtError().fact));
            return true;
        }
    }
};

}  // namespace

int main(int argc, char** argv) {
    brisk::returnLargeBuffersAtOnce();
    Application app(argc, argv);
    // It has taken over the desktop's locale; libraries that read and write numbers for files must
    // not see its decimal comma.
    std::setlocale(LC_NUMERIC, "C");
    QApplication::setApplicationName(QStringLiteral("Brisk Tether"));
    QApplication::setApplicationVersion(QStringLiteral(BRISK_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Puts clean sound to picture."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"),
                                 QStringLiteral("Takes, recordings, or a saved shoot (.brisk)"));
    parser.process(app);
    brisk::app::setTheme(brisk::app::desktopTheme());
    brisk::app::applyStyle();
    brisk::app::MainWindow window;
    app.window = &window;
    window.show();
    window.takeIn(parser.positionalArguments());
    return QApplication::exec();
}
