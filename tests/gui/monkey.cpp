// SPDX-License-Identifier: GPL-3.0-or-later
// Random keys, clicks, drags and wheels on the real window, with real files:
//
//     brisk-tether-monkey SECONDS SEED FOLDER FILE...
//
// The files are copied to FOLDER first. What is done follows from the seed alone; the last things
// done are in FOLDER/last-events.txt, so that a run that ended badly can be understood. Exit code 1
// where one of the files is not as it was.
#include <QAbstractButton>
#include <QApplication>
#include <QContextMenuEvent>
#include <QDesktopServices>
#include <QDialog>
#include <QDir>
#include <QElapsedTimer>
#include <QInputDialog>
#include <QMenu>
#include <QTest>
#include <QTimer>
#include <QWheelEvent>
#include <QWindow>
#include <clocale>
#include <cstdio>
#include <deque>
#include <filesystem>
#include <fstream>
#include <random>

#include "app/spine/verbs.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/window/main_window.h"
#include "store/file_hash.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

class Monkey : public QObject {
  public:
    Monkey(unsigned seed, std::string log) : random_(seed), log_(std::move(log)) {
        // Whatever asks is answered, one way or the other.
        connect(&answer_, &QTimer::timeout, this, [this] { answerDialogs(); });
        answer_.start(40);
    }

    void doSomething() {
        ++events_;
        switch (below(20)) {
            case 0:
            case 1:
            case 2:
            case 3:
            case 4:
            case 5:
            case 6:
                return key();
            case 7:
            case 8:
            case 9:
            case 10:
                return click();
            case 11:
                return pressButton();
            case 12:
            case 13:
            case 14:
            case 15:
                return drag();
            case 16:
            case 17:
                return wheel();
            case 18:
                note("wait");
                QTest::qWait(below(40));
                return;
            default:
                if (below(20) == 0) {
                    note("resize");
                    window.resize(960 + below(1000), 600 + below(500));
                }
        }
    }
    [[nodiscard]] long events() const { return events_; }

    app::MainWindow window;

  private:
    int below(int n) { return static_cast<int>(random_() % static_cast<unsigned>(n)); }
    QPoint anywhere() { return {below(window.width()), below(window.height())}; }
    /// On disk before it is done: the last line is what ended the program.
    void note(const std::string& what) {
        last_.push_back(std::to_string(events_) + " " + what);
        if (last_.size() > 60) last_.pop_front();
        std::ofstream out(log_);
        for (const auto& line : last_) out << line << '\n';
    }

    void key() {
        const auto& table = app::verbTable();
        const auto& words = table[static_cast<std::size_t>(below(static_cast<int>(table.size())))];
        QKeyCombination k(Qt::Key_Escape);
        if (!words.keys.empty() && below(4) > 0) {
            k = words.keys[static_cast<std::size_t>(below(static_cast<int>(words.keys.size())))][0];
        } else {
            const Qt::Key some[] = {
                Qt::Key_Tab,       Qt::Key_Return, Qt::Key_Space,   Qt::Key_Delete, Qt::Key_Left,
                Qt::Key_Right,     Qt::Key_Up,     Qt::Key_Down,    Qt::Key_Home,   Qt::Key_End,
                Qt::Key_Backspace, Qt::Key_PageUp, Qt::Key_PageDown};
            k = some[below(13)];
        }
        note(words.text + std::string(" key ") +
             QKeySequence(k).toString(QKeySequence::PortableText).toStdString());
        QTest::keyClick(window.windowHandle(), k.key(), k.keyboardModifiers());
    }
    /// Who is under the pointer, a menu included.
    std::pair<QWidget*, QPoint> under(QPoint at) {
        if (QWidget* popup = QApplication::activePopupWidget()) {
            return {popup,
                    {below(std::max(1, popup->width())), below(std::max(1, popup->height()))}};
        }
        QWidget* w = window.childAt(at);
        return w ? std::pair{w, w->mapFrom(&window, at)} : std::pair<QWidget*, QPoint>{&window, at};
    }
    void click() {
        const QPoint at = anywhere();
        const auto [w, there] = under(at);
        const int kind = below(20);
        note("click " + std::string(w->metaObject()->className()) + " " + std::to_string(at.x()) +
             "," + std::to_string(at.y()) + " " + std::to_string(kind));
        const auto modifiers = below(6) == 0   ? Qt::ShiftModifier
                               : below(6) == 0 ? Qt::ControlModifier
                                               : Qt::NoModifier;
        if (kind == 0) {
            QTest::mouseDClick(w, Qt::LeftButton, modifiers, there);
        } else if (kind < 3) {
            QContextMenuEvent e(QContextMenuEvent::Mouse, there, w->mapToGlobal(there));
            QApplication::sendEvent(w, &e);
        } else {
            QTest::mouseClick(w, Qt::LeftButton, modifiers, there);
        }
    }
    void pressButton() {
        std::vector<QAbstractButton*> shown;
        for (auto* b : window.findChildren<QAbstractButton*>()) {
            if (b->isVisible() && b->isEnabled()) shown.push_back(b);
        }
        if (shown.empty()) return;
        auto* b = shown[static_cast<std::size_t>(below(static_cast<int>(shown.size())))];
        note("press " + b->text().toStdString());
        QTest::mouseClick(b, Qt::LeftButton);
    }
    void drag() {
        const QPoint from = anywhere();
        const auto [w, there] = under(from);
        note("drag " + std::string(w->metaObject()->className()) + " " + std::to_string(from.x()) +
             "," + std::to_string(from.y()));
        const QPointer<QWidget> alive = w;
        QPoint at = there;
        QTest::mousePress(w, Qt::LeftButton, below(4) == 0 ? Qt::ShiftModifier : Qt::NoModifier,
                          at);
        for (int i = below(8); i >= 0 && alive; --i) {
            at += QPoint(below(81) - 40, below(41) - 20);
            QMouseEvent e(QEvent::MouseMove, at, w->mapToGlobal(at), Qt::NoButton, Qt::LeftButton,
                          Qt::NoModifier);
            QApplication::sendEvent(w, &e);
            // Now and then something else happens in the middle of it.
            if (below(10) == 0) key();
        }
        if (alive) QTest::mouseRelease(w, Qt::LeftButton, Qt::NoModifier, at);
    }
    void wheel() {
        const QPoint at = anywhere();
        const auto [w, there] = under(at);
        note("wheel " + std::string(w->metaObject()->className()));
        const auto modifiers = below(3) == 0   ? Qt::ControlModifier
                               : below(3) == 0 ? Qt::ShiftModifier
                                               : Qt::NoModifier;
        QWheelEvent e(there, w->mapToGlobal(there), {}, {0, 120 * (below(7) - 3)}, Qt::NoButton,
                      modifiers, Qt::NoScrollPhase, false);
        QApplication::sendEvent(w, &e);
    }
    void answerDialogs() {
        // A button's menu waits for an answer in the middle of a press.
        if (QWidget* menu = QApplication::activePopupWidget()) {
            note("answer " + std::string(menu->metaObject()->className()));
            if (below(3) > 0) return (void)menu->close();
            // Not from here: what it opens has to be answered by this very timer.
            QTimer::singleShot(0, menu, [menu] {
                QTest::keyClick(menu, Qt::Key_Down);
                QTest::keyClick(menu, Qt::Key_Return);
            });
            return;
        }
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (!dialog) return;
        note("answer " + std::string(dialog->metaObject()->className()));
        below(3) == 0 ? dialog->accept() : dialog->reject();
    }

    std::mt19937 random_;
    std::string log_;
    std::deque<std::string> last_;
    long events_ = 0;
    QTimer answer_;
};

/// Opens nothing: the monkey is alone with the program.
class Swallow : public QObject {
    Q_OBJECT
  public slots:
    void swallow(const QUrl&) {}
};

int run(int argc, char** argv) {
    if (argc < 5) return 2;
    const int seconds = std::stoi(argv[1]);
    const unsigned seed = static_cast<unsigned>(std::stoul(argv[2]));
    const fs::path folder = fs::absolute(argv[3]);
    fs::create_directories(folder / "card");
    QStringList files;
    std::vector<std::pair<std::string, std::string>> before;  // path and hash
    for (int i = 4; i < argc; ++i) {
        const fs::path copy = folder / "card" / fs::path(argv[i]).filename();
        fs::copy_file(argv[i], copy, fs::copy_options::overwrite_existing);
        files << QString::fromStdString(copy.string());
        before.emplace_back(copy.string(), xxh3Of(copy.string(), {}).value());
    }
    QDir::setCurrent(QString::fromStdString(folder.string()));
    for (const char* variable : {"XDG_CONFIG_HOME", "XDG_DATA_HOME"}) {
        qputenv(variable, QByteArray::fromStdString((folder / variable).string()));
    }
    QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    QApplication app(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    app::setTheme(app::Theme::Day);
    app::applyStyle();
    Swallow swallow;
    QDesktopServices::setUrlHandler(QStringLiteral("file"), &swallow, "swallow");
    std::printf("seed %u\n", seed);
    std::fflush(stdout);
    long events = 0;
    {
        Monkey monkey(seed, (folder / "last-events.txt").string());
        monkey.window.resize(1280, 800);
        monkey.window.show();
        (void)QTest::qWaitForWindowExposed(&monkey.window);
        QElapsedTimer time;
        time.start();
        while (time.elapsed() < seconds * 1000) {
            // It may have removed them.
            if (monkey.window.session().state().media.empty()) {
                monkey.window.takeIn(files);
                (void)QTest::qWaitFor([&] { return !monkey.window.session().work().busy(); },
                                      20000);
            }
            monkey.doSomething();
            QCoreApplication::processEvents();
        }
        events = monkey.events();
        if (QWidget* popup = QApplication::activePopupWidget()) popup->close();
    }
    QDesktopServices::unsetUrlHandler(QStringLiteral("file"));
    int changed = 0;
    for (const auto& [path, hash] : before) changed += xxh3Of(path, {}).value_or("") != hash;
    std::printf("%ld events, seed %u, %d of %zu files changed\n", events, seed, changed,
                before.size());
    return changed ? 1 : 0;
}

}  // namespace
}  // namespace brisk

int main(int argc, char** argv) {
    return brisk::run(argc, argv);
}

#include "monkey.moc"
