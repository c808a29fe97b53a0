// SPDX-License-Identifier: GPL-3.0-or-later
// What the program says to the desktop and hears from it, on a bus that nobody else is on.
#include <fcntl.h>
#include <gtest/gtest.h>
#include <unistd.h>

#include <QDBusConnection>
#include <QDBusContext>
#include <QDBusInterface>
#include <QDBusReply>
#include <QDBusUnixFileDescriptor>
#include <QFile>
#include <QLocalServer>
#include <QMessageBox>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <QThread>
#include <QTimer>

#include "app/desktop/long_work.h"
#include "app/desktop/media_keys.h"
#include "app/desktop/one_instance.h"
#include "app/desktop/recent_files.h"
#include "app/desktop/windows.h"
#include "app/window/window_memory.h"
#include "private_bus.h"
#include "shoot/commands.h"
#include "window_driver.h"

namespace brisk {

/// The system's session manager and the desktop's notifications, as far as they are asked here.
class StandInDesktop : public QObject, protected QDBusContext {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.login1.Manager")
  public:
    QStringList inhibited, notified;
    int mine = -1;  // the other end of what was handed out

  public slots:
    QDBusUnixFileDescriptor Inhibit(const QString& what, const QString&, const QString& why,
                                    const QString& mode) {
        inhibited << what + QLatin1Char('|') + why + QLatin1Char('|') + mode;
        int ends[2];
        EXPECT_EQ(::pipe(ends), 0);
        mine = ends[0];
        const QDBusUnixFileDescriptor theirs(ends[1]);
        ::close(ends[1]);
        return theirs;
    }
    /// True once nobody holds what was handed out any more.
    bool isLetGo() const {
        char c = 0;
        ::fcntl(mine, F_SETFL, O_NONBLOCK);
        return mine >= 0 && ::read(mine, &c, 1) == 0;
    }
};

class StandInNotifications : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Notifications")
  public:
    QStringList said;
  public slots:
    uint Notify(const QString&, uint, const QString& icon, const QString& summary,
                const QString& body, const QStringList&, const QVariantMap&, int) {
        said << icon + QLatin1Char('|') + summary + QLatin1Char('|') + body;
        return 1;
    }
};

/// A launcher that shows how far a program is.
class StandInLauncher : public QObject {
    Q_OBJECT
  public:
    QList<QVariantMap> shown;
    QStringList programs;
  public slots:
    void update(const QString& program, const QVariantMap& what) {
        programs << program;
        shown << what;
    }
};

namespace {

using app::OneInstance;
using app::Windows;
using test::PrivateBus;

/// One connection of its own for each name, closed at the end.
class OnBus {
  public:
    OnBus(const PrivateBus& bus, const char* name)
        : name_(QString::fromLatin1(name)),
          connection_(QDBusConnection::connectToBus(bus.address(), name_)) {}
    ~OnBus() { QDBusConnection::disconnectFromBus(name_); }
    QDBusConnection& operator*() { return connection_; }
    QDBusConnection* operator->() { return &connection_; }

  private:
    QString name_;
    QDBusConnection connection_;
};

TEST(LongWork, HoldsSleepOffAndTellsWhenItIsDone) {
    const PrivateBus bus;
    OnBus desktop(bus, "desktop"), program(bus, "program");
    StandInDesktop system;
    StandInNotifications notifications;
    const auto all = QDBusConnection::ExportAllSlots;
    ASSERT_TRUE(desktop->registerObject(QStringLiteral("/org/freedesktop/login1"), &system, all));
    ASSERT_TRUE(desktop->registerService(QStringLiteral("org.freedesktop.login1")));
    ASSERT_TRUE(desktop->registerObject(QStringLiteral("/org/freedesktop/Notifications"),
                                        &notifications, all));
    ASSERT_TRUE(desktop->registerService(QStringLiteral("org.freedesktop.Notifications")));

    StandInLauncher launcher;
    ASSERT_TRUE(desktop->connect({}, QStringLiteral("/org/brisktether/brisktether"),
                                 QStringLiteral("com.canonical.Unity.LauncherEntry"),
                                 QStringLiteral("Update"), &launcher,
                                 SLOT(update(QString, QVariantMap))));

    app::Session session;
    QWidget elsewhere;  // not looked at
    app::LongWork watched(session, elsewhere, *program, *program);
    watched.setWorthTelling(0);
    QAtomicInt go = 0;
    session.work().start(QStringLiteral("Matching 3 takes"), [&](const JobControl&) {
        while (!go) QThread::msleep(5);
        return app::WorkQueue::Finish{};
    });
    ASSERT_TRUE(QTest::qWaitFor([&] { return !system.inhibited.isEmpty(); }, 30000));
    EXPECT_EQ(system.inhibited.front(), QStringLiteral("sleep|Matching 3 takes|block"));
    EXPECT_FALSE(system.isLetGo());
    EXPECT_TRUE(notifications.said.isEmpty());
    const QString visible = QStringLiteral("progress-visible");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !launcher.shown.isEmpty(); }, 30000));
    EXPECT_TRUE(launcher.shown.front().value(visible).toBool());
    go = 1;
    ASSERT_TRUE(QTest::qWaitFor([&] { return system.isLetGo(); }, 30000));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return !launcher.shown.back().value(visible).toBool(); }, 30000));
    EXPECT_TRUE(launcher.programs.front().startsWith(QLatin1String("application://")));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !notifications.said.isEmpty(); }, 30000));
    EXPECT_TRUE(notifications.said.front().contains(QLatin1String("Done: Matching 3 takes")));
    EXPECT_EQ(system.inhibited.size(), 1);
}

TEST(LongWork, IsSilentlyAloneWhereThereIsNoBus) {
    app::Session session;
    QWidget window;
    app::LongWork alone(session, window, QDBusConnection(QStringLiteral("nowhere")),
                        QDBusConnection(QStringLiteral("nowhere")));
    alone.setWorthTelling(0);
    bool done = false;
    session.work().start(QStringLiteral("Writing"),
                         [&](const JobControl&) { return [&done] { done = true; }; });
    EXPECT_TRUE(QTest::qWaitFor([&] { return done; }, 30000));
}

TEST(MediaKeys, PlayAndPauseTheTakeThatIsLookedAt) {
    const PrivateBus bus;
    OnBus desktop(bus, "keyboard"), program(bus, "player");
    Windows windows;
    const app::MediaKeys keys(windows, *program);
    ASSERT_TRUE(keys.there());
    windows.take({QStringLiteral(BRISK_DEMO "/bench-01.mp4"),
                  QStringLiteral(BRISK_DEMO "/lavalier-01.wav")});
    app::MainWindow& w = *windows.current();
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.bench().take() != 0 && !w.session().work().busy(); },
                                60000));

    // As a keyboard's daemon would, from another connection; a call must not wait for itself.
    const auto call = [&](const char* method) {
        QDBusMessage m = QDBusMessage::createMethodCall(
            QStringLiteral("org.mpris.MediaPlayer2.brisktether"),
            QStringLiteral("/org/mpris/MediaPlayer2"),
            QStringLiteral("org.mpris.MediaPlayer2.Player"), QString::fromLatin1(method));
        desktop->call(m, QDBus::NoBlock);
    };
    const auto property = [&](const char* name) {
        QDBusMessage m = QDBusMessage::createMethodCall(
            QStringLiteral("org.mpris.MediaPlayer2.brisktether"),
            QStringLiteral("/org/mpris/MediaPlayer2"),
            QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"));
        m << QStringLiteral("org.mpris.MediaPlayer2.Player") << QString::fromLatin1(name);
        const QDBusPendingCall pending = desktop->asyncCall(m);
        EXPECT_TRUE(QTest::qWaitFor([&] { return pending.isFinished(); }, 30000));
        return pending.reply().arguments().value(0).value<QDBusVariant>().variant();
    };
    EXPECT_EQ(property("PlaybackStatus").toString(), QStringLiteral("Paused"));
    EXPECT_TRUE(property("CanPlay").toBool());
    const auto metadata = qdbus_cast<QVariantMap>(property("Metadata"));
    EXPECT_EQ(metadata.value(QStringLiteral("xesam:title")).toString(),
              QStringLiteral("bench-01.mp4"));
    call("PlayPause");
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.bench().player().playing(); }, 30000));
    EXPECT_EQ(property("PlaybackStatus").toString(), QStringLiteral("Playing"));
    call("Play");  // plays already
    call("Pause");
    EXPECT_TRUE(QTest::qWaitFor([&] { return !w.bench().player().playing(); }, 30000));
}

TEST(OneProgram, ASecondStartHandsItsFilesToTheFirst) {
    const QTemporaryDir folder;
    const QString name = folder.filePath(QStringLiteral("socket"));
    OneInstance first(name);
    ASSERT_FALSE(first.handOver({})) << "nobody is there";
    QList<QStringList> asked;
    QObject::connect(&first, &OneInstance::asked,
                     [&](const QStringList& files) { asked << files; });
    // Another program: this one has to answer meanwhile.
    const QStringList files{QStringLiteral("/cards/press 02.mov"), QStringLiteral("/a\nb.wav")};
    QAtomicInt taken = -1;
    QScopedPointer<QThread> second(QThread::create([&] {
        OneInstance other(name);
        taken = other.handOver(files) ? 1 : 0;
    }));
    second->start();
    ASSERT_TRUE(QTest::qWaitFor([&] { return taken >= 0; }, 30000));
    second->wait();
    EXPECT_EQ(taken, 1);
    EXPECT_EQ(asked, QList<QStringList>{files});
}

TEST(OneProgram, ASocketOfAProgramThatCrashedStopsNobody) {
    const QTemporaryDir folder;
    const QString name = folder.filePath(QStringLiteral("socket"));
    {
        // The socket stays, and nobody listens.
        QLocalServer crashed;
        ASSERT_TRUE(crashed.listen(name));
        ASSERT_EQ(::link(qPrintable(name), qPrintable(name + QStringLiteral("-kept"))), 0);
    }
    ASSERT_EQ(::rename(qPrintable(name + QStringLiteral("-kept")), qPrintable(name)), 0);
    ASSERT_TRUE(QFile::exists(name));
    OneInstance next(name);
    EXPECT_FALSE(next.handOver({}));
    QAtomicInt taken = -1;
    QScopedPointer<QThread> second(QThread::create([&] {
        OneInstance other(name);
        taken = other.handOver({QStringLiteral("/x.wav")}) ? 1 : 0;
    }));
    second->start();
    EXPECT_TRUE(QTest::qWaitFor([&] { return taken >= 0; }, 30000));
    second->wait();
    EXPECT_EQ(taken, 1) << "it listens where the other did";
}

TEST(OneProgram, AShootHasAWindowOfItsOwnAndIsOpenedOnce) {
    const QTemporaryDir folder;
    const QString saved = folder.filePath(QStringLiteral("monday.brisk"));
    const QString other = folder.filePath(QStringLiteral("tuesday.brisk"));
    Windows windows;
    windows.take({QStringLiteral(BRISK_DEMO "/bench-01.mp4")});
    ASSERT_EQ(windows.all().size(), 1u);
    app::MainWindow& first = *windows.current();
    ASSERT_TRUE(QTest::qWaitFor(
        [&] { return first.bench().take() != 0 && !first.session().work().busy(); }, 60000));
    ASSERT_TRUE(first.session().document().save(saved));
    ASSERT_TRUE(QFile::copy(saved, other));
    windows.take({saved});
    EXPECT_EQ(windows.all().size(), 1u) << "it is open";
    windows.take({other});
    ASSERT_EQ(windows.all().size(), 2u);
    app::MainWindow& second = *windows.all().back();
    ASSERT_TRUE(QTest::qWaitFor([&] { return second.hasOpen(other) && second.bench().take() != 0; },
                                60000));
    EXPECT_TRUE(first.hasOpen(saved));
    EXPECT_TRUE(first.windowTitle().startsWith(QLatin1String("monday")));
    EXPECT_TRUE(second.windowTitle().startsWith(QLatin1String("tuesday")));
    // What is preferred in one is preferred in both.
    first.preferences().change([](app::Preferred& p) { p.unit = app::LengthUnit::Feet; });
    EXPECT_EQ(second.preferences().now().unit, app::LengthUnit::Feet);
    first.preferences().change([](app::Preferred& p) { p.unit = app::LengthUnit::Metres; });

    // Logging out asks nothing where all is saved, and coming back brings both.
    ASSERT_TRUE(QTest::qWaitFor([&] { return !second.session().work().busy(); }, 60000));
    ASSERT_TRUE(windows.mayEnd());
    for (app::MainWindow* w : windows.all()) w->close();
    ASSERT_TRUE(QTest::qWaitFor([&] { return windows.all().empty(); }, 30000));
    Windows again;
    again.comeBack();
    ASSERT_EQ(again.all().size(), 2u);
    ASSERT_TRUE(QTest::qWaitFor(
        [&] {
            const auto all = again.all();
            return std::all_of(all.begin(), all.end(), [](app::MainWindow* w) {
                return w->bench().take() != 0 && !w->session().work().busy();
            });
        },
        60000));
    EXPECT_TRUE(app::takeOpenShoots().isEmpty()) << "once";
    for (app::MainWindow* w : again.all()) w->close();
}

TEST(OneProgram, AnAnswerBeforeALogoutThatWasCalledOffHoldsForNothingLater) {
    Windows windows;
    windows.take({QStringLiteral(BRISK_DEMO "/bench-01.mp4")});
    app::MainWindow& w = *windows.current();
    ASSERT_TRUE(QTest::qWaitFor([&] { return w.bench().take() != 0 && !w.session().work().busy(); },
                                60000));
    const QTemporaryDir folder;
    ASSERT_TRUE(w.session().document().save(folder.filePath(QStringLiteral("monday.brisk"))));
    ASSERT_TRUE(windows.mayEnd());
    // Somebody else stays; the day goes on.
    w.session().apply(commands::setCamera({w.bench().take()}, "window side"));
    bool asked = false;
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box) return;
        asked = true;
        box->button(QMessageBox::Cancel)->click();
    });
    answer.start(20);
    EXPECT_FALSE(w.close());
    EXPECT_TRUE(asked);
    w.session().document().undo();
    ASSERT_TRUE(w.session().document().save(folder.filePath(QStringLiteral("monday.brisk"))));
    EXPECT_TRUE(w.close());
}

TEST(RecentFiles, AreOnTheDesktopsListBesideOthers) {
    const QTemporaryDir folder;
    const QString list = folder.filePath(QStringLiteral("recently-used.xbel"));
    QFile others(list);
    ASSERT_TRUE(others.open(QIODevice::WriteOnly));
    others.write(R"(<?xml version="1.0"?><xbel version="1.0"><bookmark href="file:///a%20b.txt"
        added="2026-03-03T10:00:00Z"><info><metadata owner="http://freedesktop.org"/></info>
        </bookmark></xbel>)");
    others.close();
    const QString shoot = folder.filePath(QStringLiteral("a & b.brisk"));
    const auto now = QDateTime::fromString(QStringLiteral("2026-03-04T10:00:00Z"), Qt::ISODate);
    ASSERT_TRUE(app::noteRecentFile(list, shoot, now));
    ASSERT_TRUE(app::noteRecentFile(list, shoot, now.addDays(1)));
    ASSERT_TRUE(others.open(QIODevice::ReadOnly));
    const QString text = QString::fromUtf8(others.readAll());
    others.close();
    EXPECT_TRUE(text.contains(QLatin1String("file:///a%20b.txt")));
    EXPECT_EQ(text.count(QLatin1String("a%20&amp;%20b.brisk")), 1) << text.toStdString();
    EXPECT_TRUE(text.contains(QLatin1String("count=\"2\"")));
    EXPECT_TRUE(text.contains(QLatin1String("visited=\"2026-03-05T10:00:00")));
    // What is no list is nobody's to write over.
    ASSERT_TRUE(others.open(QIODevice::WriteOnly | QIODevice::Truncate));
    others.write("my own notes");
    others.close();
    EXPECT_FALSE(app::noteRecentFile(list, shoot, now));
    ASSERT_TRUE(others.open(QIODevice::ReadOnly));
    EXPECT_EQ(others.readAll(), "my own notes");
}

TEST(WindowMemory, ASizeComesBack) {
    QWidget window;
    window.setMinimumSize(100, 100);
    window.resize(321, 234);
    app::rememberSize(window);
    QWidget next;
    next.setMinimumSize(330, 100);
    app::restoreSize(next);
    EXPECT_EQ(next.size(), QSize(330, 234)) << "never smaller than it may be";
}

}  // namespace
}  // namespace brisk

#include "desktop_test.moc"
