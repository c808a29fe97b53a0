// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A small shoot in the real window, for those who work by hand.
#pragma once

#include <gtest/gtest.h>

#include <QDragEnterEvent>
#include <QListView>
#include <QMenu>
#include <QTest>

#include "app/list/take_panel.h"
#include "app/spine/dragged_take.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {

/// Two takes that lie 5 and 27 s into one recording; each has a clap, 3 and 2 s into it.
class ByHand : public ::testing::Test {
  protected:
    void SetUp() override {
        auto day = test::babble(50, 48000, 3);
        for (const int at : {8, 29}) {
            const auto crack = test::whiteNoise(0.01, 48000, 0.4, 50 + static_cast<unsigned>(at));
            for (int n = -14400; n < 14400; ++n) {
                day[static_cast<std::size_t>(at * 48000 + n)] *= 0.001f;  // hush around it
            }
            for (std::size_t n = 0; n < crack.size(); ++n) {
                day[static_cast<std::size_t>(at) * 48000 + n] += crack[n];
            }
        }
        const auto from = [&](int s) { return day.begin() + 48000L * s; };
        test::writeTake(folder_.file("press-01.mp4"), {from(5), from(25)}, {});
        test::writeTake(folder_.file("press-02.mp4"), {from(27), from(43)}, {});
        test::writeSound(folder_.file("lavalier.wav"), day, {});
        w.drop({file("press-01.mp4"), file("press-02.mp4"), file("lavalier.wav")});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 10000);
        w.waitQuiet();
        takes_ = session().state().ids(MediaKind::Take);
        recording_ = session().state().ids(MediaKind::Recording).front();
    }
    QString file(const char* name) { return QString::fromStdString(folder_.file(name)); }
    app::Session& session() { return w.window.session(); }
    const Tether* tether(std::size_t take) { return session().state().tetherOf(takes_[take]); }
    void click(int media) {
        QListView& list = w.window.takePanel().list();
        const QModelIndex row = w.window.takePanel().model().indexOf(media);
        list.scrollTo(row);
        QTest::mouseClick(list.viewport(), Qt::LeftButton, {}, list.visualRect(row).center());
    }
    /// Chooses what begins so in the menu that is open.
    bool chooseInMenu(const QString& words) {
        for (auto* menu : w.window.findChildren<QMenu*>()) {
            if (!menu->isVisible()) continue;
            for (QAction* a : menu->actions()) {
                if (!a->text().startsWith(words)) continue;
                menu->hide();
                a->trigger();
                return true;
            }
        }
        return false;
    }
    /// Drags a take over a widget and lets it go there.
    static void dropTake(QWidget& on, int take, QPoint at, double grip = 0) {
        const auto data = app::dragOf(take, grip);
        QDragEnterEvent enter(at, Qt::CopyAction, data.get(), Qt::LeftButton, {});
        QApplication::sendEvent(&on, &enter);
        ASSERT_TRUE(enter.isAccepted());
        QDragMoveEvent move(at, Qt::CopyAction, data.get(), Qt::LeftButton, {});
        QApplication::sendEvent(&on, &move);
        QDropEvent drop(at, Qt::CopyAction, data.get(), Qt::LeftButton, {});
        QApplication::sendEvent(&on, &drop);
    }
    test::TempFolder folder_;
    test::WindowDriver w;
    std::vector<int> takes_;
    int recording_ = 0;
};

}  // namespace brisk
