// SPDX-License-Identifier: GPL-3.0-or-later
// Two windows on one shoot, work that runs when another shoot is opened or the window is closed,
// cards that come late, files that are dropped: nothing is lost, and nobody is surprised.
#include <gtest/gtest.h>

#include <QAbstractButton>
#include <QApplication>
#include <QDropEvent>
#include <QMessageBox>
#include <QMimeData>
#include <QSignalSpy>
#include <QTest>
#include <QTimer>
#include <QUrl>
#include <functional>

#include "app/spine/open_shoot.h"
#include "shoot/commands.h"
#include "store/file_lock.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::OpenShoot;
using test::WindowDriver;

QString q(const std::string& s) {
    return QString::fromStdString(s);
}

class TwoWindows : public ::testing::Test {
  protected:
    TwoWindows() : path_(q(folder_.file("day.brisk"))) {
        test::writeBytes(folder_.file("a.wav"), "sound");
        first_.apply(commands::addMedia({{0, folder_.file("a.wav"), MediaKind::Recording, {}}}));
        EXPECT_TRUE(first_.save(path_));
        QObject::connect(&second_, &OpenShoot::noted, [this](const QString& s) { said_ << s; });
    }
    test::TempFolder folder_;
    QString path_;
    OpenShoot first_, second_;
    QStringList said_;
};

TEST_F(TwoWindows, TheSecondSaysWhoHasItAndTouchesNothing) {
    first_.remember("x", "y");
    first_.apply(commands::addMedia({{0, folder_.file("b.wav"), MediaKind::Recording, {}}}));
    const auto journal = journalPlace(path_.toStdString());
    const std::string before = test::bytesOf(journal.string());
    EXPECT_FALSE(second_.open(path_));
    ASSERT_EQ(said_.size(), 1);
    EXPECT_TRUE(said_.front().contains(QLatin1String("is open already")))
        << said_.front().toStdString();
    EXPECT_FALSE(second_.save(path_)) << "nor may it be saved over";
    EXPECT_EQ(test::bytesOf(journal.string()), before) << "the living journal is no crash";
    EXPECT_TRUE(first_.save(path_));
}

TEST_F(TwoWindows, AndMayHaveItAfterwards) {
    {
        OpenShoot third;
        EXPECT_FALSE(third.open(path_));
    }
    ASSERT_TRUE(first_.save(q(folder_.file("other.brisk")))) << "the first one goes elsewhere";
    EXPECT_TRUE(second_.open(path_)) << said_.join(' ').toStdString();
    EXPECT_TRUE(second_.open(path_)) << "its own is no other's";
}

TEST_F(TwoWindows, SavingKeepsTheVersionBefore) {
    const std::string was = test::bytesOf(path_.toStdString());
    first_.apply(commands::addMedia({{0, folder_.file("b.wav"), MediaKind::Recording, {}}}));
    ASSERT_TRUE(first_.save(path_));
    EXPECT_EQ(test::bytesOf(path_.toStdString() + "~"), was);
    EXPECT_NE(test::bytesOf(path_.toStdString()), was);
}

class NothingLost : public ::testing::Test {
  protected:
    NothingLost() {
        const auto sound = test::babble(60, 48000, 3);
        test::writeTake(folder_.file("glue-01.mp4"),
                        {sound.begin() + 48000 * 5, sound.begin() + 48000 * 45}, {});
        test::writeSound(folder_.file("lavalier.wav"), sound, {});
        answer_.setInterval(20);
    }
    void dropBoth() {
        w.drop({q(folder_.file("glue-01.mp4")), q(folder_.file("lavalier.wav"))});
        ASSERT_TRUE(QTest::qWaitFor([&] { return w.take() != 0; }, 60000));
        ASSERT_TRUE(w.waitQuiet());
    }
    /// Work that goes on until it is told to stop.
    void workUntilStopped() {
        w.window.session().work().start(QStringLiteral("Writing"), [](const JobControl& job) {
            while (!job.stopRequested()) std::this_thread::yield();
            return app::WorkQueue::Finish{};
        });
    }
    /// Presses that button of the question that comes.
    void answerWith(const QString& text) {
        QObject::connect(&answer_, &QTimer::timeout, [this, text] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box) return;
            for (QAbstractButton* b : box->buttons()) {
                if (b->text().remove('&') != text) continue;
                ++asked_;
                b->click();
                return;
            }
        });
        answer_.start();
    }
    test::TempFolder folder_;
    WindowDriver w;
    QTimer answer_;
    int asked_ = 0;
};

TEST_F(NothingLost, ClosingWhileSomethingRunsAsks) {
    workUntilStopped();
    answerWith(QStringLiteral("Let it finish"));
    EXPECT_FALSE(w.window.close());
    EXPECT_EQ(asked_, 1);
    EXPECT_TRUE(w.window.session().work().busy()) << "it goes on";
    answer_.disconnect();
    answerWith(QStringLiteral("Stop it"));
    EXPECT_TRUE(w.window.close());
    EXPECT_EQ(asked_, 2);
    EXPECT_TRUE(w.waitQuiet());
}

TEST_F(NothingLost, SoDoesOpeningAnotherShoot) {
    OpenShoot other;
    other.apply(commands::addMedia({{0, folder_.file("lavalier.wav"), MediaKind::Recording, {}}}));
    ASSERT_TRUE(other.save(q(folder_.file("other.brisk"))));
    ASSERT_TRUE(other.save(q(folder_.file("elsewhere.brisk"))));
    dropBoth();
    workUntilStopped();
    answerWith(QStringLiteral("Let it finish"));
    w.window.takeIn({q(folder_.file("other.brisk"))});
    EXPECT_EQ(asked_, 1);
    EXPECT_TRUE(w.window.session().document().path().isEmpty()) << "it stayed";
    w.window.session().work().stopAll();
    ASSERT_TRUE(w.waitQuiet());
    w.window.takeIn({q(folder_.file("other.brisk"))});
    w.waitQuiet();
    EXPECT_EQ(asked_, 1) << "nothing runs, nothing is asked";
    EXPECT_FALSE(w.window.session().document().path().isEmpty());
}

TEST_F(NothingLost, EscStopsNothing) {
    workUntilStopped();
    QTest::keyClick(w.window.windowHandle(), Qt::Key_Escape);
    QTest::qWait(30);
    EXPECT_TRUE(w.window.session().work().busy());
    w.window.session().work().stopAll();
    EXPECT_TRUE(w.waitQuiet());
}

// The sheet of the shoot before is of no use to the next, whatever it was doing.
TEST_F(NothingLost, AHandOverOfAnotherShootIsGone) {
    dropBoth();
    OpenShoot other;
    other.apply(commands::addMedia({{0, folder_.file("lavalier.wav"), MediaKind::Recording, {}}}));
    ASSERT_TRUE(other.save(q(folder_.file("other.brisk"))));
    ASSERT_TRUE(other.save(q(folder_.file("elsewhere.brisk"))));
    w.press(QStringLiteral("Find matches"));
    ASSERT_TRUE(w.waitQuiet());
    app::HandOverDesk& desk = w.window.handOver().desk();
    w.window.handOver().begin(w.take());
    w.window.handOver().setFolder(q(folder_.file("out")));
    ASSERT_TRUE(w.waitPlanned());
    desk.write();
    ASSERT_TRUE(desk.running());
    ASSERT_TRUE(w.window.session().document().open(q(folder_.file("other.brisk"))));
    EXPECT_FALSE(desk.running());
    EXPECT_TRUE(desk.results().empty());
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_FALSE(desk.running());
    EXPECT_TRUE(desk.results().empty()) << "what it reports late is dropped";
}

TEST_F(NothingLost, ACardThatComesLateIsReadWithoutLosingTheTether) {
    dropBoth();
    w.press(QStringLiteral("Find matches"));
    ASSERT_TRUE(w.waitQuiet());
    const QString project = q(folder_.file("day.brisk"));
    const int take = w.take();
    const ClockLine line = w.window.session().state().tetherOf(take)->line;
    ASSERT_TRUE(w.window.session().document().save(project));
    std::filesystem::rename(folder_.file("glue-01.mp4"), folder_.file("away.mp4"));
    WindowDriver second;
    ASSERT_TRUE(w.window.session().document().save(q(folder_.file("elsewhere.brisk"))));
    second.window.takeIn({project});
    ASSERT_TRUE(second.waitQuiet());
    app::Session& session = second.window.session();
    ASSERT_TRUE(session.facts(take));
    EXPECT_FALSE(session.facts(take)->problem.isEmpty()) << "the card is out";
    std::filesystem::rename(folder_.file("away.mp4"), folder_.file("glue-01.mp4"));
    session.lookAgain(take);
    ASSERT_TRUE(QTest::qWaitFor([&] { return session.facts(take)->scan != nullptr; }, 60000));
    EXPECT_TRUE(session.facts(take)->problem.isEmpty());
    EXPECT_EQ(session.state().tetherOf(take)->line, line);
}

TEST_F(NothingLost, WhatIsDroppedIsCopiedNeverMoved) {
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(q(folder_.file("glue-01.mp4")))});
    const QPoint at = w.window.rect().center();
    QDragEnterEvent enter(at, Qt::MoveAction | Qt::CopyAction, &data, Qt::LeftButton,
                          Qt::ShiftModifier);
    enter.setDropAction(Qt::MoveAction);
    QApplication::sendEvent(&w.window, &enter);
    EXPECT_TRUE(enter.isAccepted());
    EXPECT_EQ(enter.dropAction(), Qt::CopyAction);
    QDropEvent drop(at, Qt::MoveAction | Qt::CopyAction, &data, Qt::LeftButton, Qt::ShiftModifier);
    drop.setDropAction(Qt::MoveAction);
    QApplication::sendEvent(&w.window, &drop);
    EXPECT_EQ(drop.dropAction(), Qt::CopyAction);
    EXPECT_TRUE(w.waitQuiet());
}

/// Whether this program holds that file open.
bool heldOpen(const std::string& path) {
    std::error_code ec;
    for (const auto& fd : std::filesystem::directory_iterator("/proc/self/fd", ec)) {
        if (std::filesystem::read_symlink(fd.path(), ec) == path) return true;
    }
    return false;
}

TEST(Card, CanBeEjectedWhileATakeIsLookedAt) {
    test::TempFolder folder;
    const auto day = test::babble(20, 48000, 7);
    const std::string take = std::filesystem::canonical(folder.path()).string() + "/press-01.mp4";
    test::writeTake(take, day, {});
    WindowDriver d;
    d.drop({q(take)});
    ASSERT_TRUE(d.waitQuiet());
    ASSERT_TRUE(QTest::qWaitFor([&] { return d.take() != 0; }));
    EXPECT_TRUE(QTest::qWaitFor([&] { return !heldOpen(take); }, 60000))
        << "what only lies on the screen holds no file";
}

}  // namespace
}  // namespace brisk
