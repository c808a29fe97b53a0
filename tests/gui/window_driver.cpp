// SPDX-License-Identifier: GPL-3.0-or-later
#include "window_driver.h"

#include <QApplication>
#include <QDropEvent>
#include <QLabel>
#include <QListView>
#include <QMimeData>
#include <QTest>
#include <QUrl>
#include <QWheelEvent>

namespace brisk::test {

WindowDriver::WindowDriver(QSize size) {
    window.resize(size);
    window.show();
    (void)QTest::qWaitForWindowExposed(&window);
}

void WindowDriver::drop(const QStringList& files) {
    QMimeData data;
    QList<QUrl> urls;
    for (const QString& f : files) urls << QUrl::fromLocalFile(f);
    data.setUrls(urls);
    const QPoint at = window.rect().center();
    QDragEnterEvent enter(at, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &enter);
    if (!enter.isAccepted()) return;
    QDropEvent event(at, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &event);
}

bool WindowDriver::waitPlanned() {
    return QTest::qWaitFor([&] { return !window.handOver().desk().planning(); }, 20000);
}

QPushButton* WindowDriver::button(const QString& text) {
    waitPlanned();
    // What can be seen already comes first.
    for (const bool look : {false, true}) {
        for (auto* b : window.findChildren<QPushButton*>()) {
            if (b->text() != text && b->accessibleName() != text &&
                b->accessibleDescription() != text)
                continue;
            if (look) openStepOf(b);
            if (b->isVisible()) return b;
        }
    }
    return nullptr;
}

void WindowDriver::openStepOf(QWidget* part) {
    if (!window.bench().isVisible() || part->isVisible() || part->isHidden()) return;
    auto& tray = window.bench().tray();
    if (!tray.isAncestorOf(part)) return;
    const app::Step was = tray.step();
    for (const auto step :
         {app::Step::Place, app::Step::Check, app::Step::Sound, app::Step::Trim}) {
        tray.open(step);
        if (part->isVisible()) return;
    }
    tray.open(was);
}

bool WindowDriver::press(const QString& text) {
    QPushButton* b = button(text);
    if (!b) {
        for (QAction* a :
             window.findChild<QPushButton*>(QStringLiteral("shootName"))->menu()->actions()) {
            if (a->text() != text || !a->isEnabled()) continue;
            a->trigger();
            return true;
        }
    }
    if (!b || !b->isEnabled()) return false;
    QTest::mouseClick(b, Qt::LeftButton);
    return true;
}

bool WindowDriver::waitQuiet(int ms) {
    QTest::qWait(20);
    return QTest::qWaitFor(
        [&] { return !window.session().work().busy() && !window.handOver().desk().planning(); },
        ms);
}

QString WindowDriver::wordsOnScreen() {
    waitPlanned();
    QStringList words;
    for (auto* l : window.findChildren<QLabel*>()) {
        if (l->isVisible()) words << l->text().remove(QChar(0x200b));
    }
    return words.join(QLatin1Char('\n'));
}

void WindowDriver::wheel(double x, int notches) {
    const QPointF at(x, seam().height() * 0.3);
    QWheelEvent e(at, seam().mapToGlobal(at), {}, {0, 120 * notches}, Qt::NoButton, Qt::NoModifier,
                  Qt::NoScrollPhase, false);
    QApplication::sendEvent(&seam(), &e);
}

std::vector<FileResult> WindowDriver::handOver(const std::string& folder,
                                               VideoContainer container) {
    auto& desk = window.handOver().desk();
    desk.begin(take());
    desk.setScope(app::HandOverDesk::Scope::ThisTake);
    desk.change([&](HandOverChoice& c) {
        c.folder = folder;
        c.container = container;
    });
    desk.write();
    waitQuiet(120000);
    return desk.results();
}

QString WindowDriver::handOverWords() {
    waitPlanned();
    QString all;
    const auto* list = window.handOver().findChild<QListView*>();
    for (int i = 0; i < list->model()->rowCount(); ++i) {
        all +=
            list->model()->index(i, 0).data(Qt::AccessibleTextRole).toString() + QLatin1Char('\n');
    }
    return all;
}

}  // namespace brisk::test
