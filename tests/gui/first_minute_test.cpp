// SPDX-License-Identifier: GPL-3.0-or-later
// The first minute: an empty window says what to do and has something to try it on; the first take
// says where to look, once; the guide is there without a network; the window looks as the desktop
// wishes.
#include <gtest/gtest.h>

#include <QApplication>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVirtualObject>
#include <QDir>
#include <QLabel>
#include <QRegularExpression>
#include <QTest>
#include <QTextBlock>
#include <QTextBrowser>
#include <QUrl>

#include "app/bench/first_look.h"
#include "app/style/desktop_looks.h"
#include "app/window/guide_page.h"
#include "private_bus.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

void firstStart(WindowDriver& w, bool first) {
    w.window.preferences().change([first](app::Preferred& p) { p.shownAround = !first; });
}

/// Made before: making it takes a while.
void layDemoReady() {
    const QString own =
        QString::fromUtf8(qgetenv("XDG_DATA_HOME")) + QStringLiteral("/brisk-tether/demo");
    QDir().mkpath(own);
    for (const QString& name : QDir(QStringLiteral(BRISK_DEMO)).entryList(QDir::Files)) {
        QFile::link(QStringLiteral(BRISK_DEMO "/") + name, own + QLatin1Char('/') + name);
    }
}

TEST(FirstMinute, TheDemoShootIsOnePressAway) {
    layDemoReady();
    WindowDriver w;
    firstStart(w, true);
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("3  Tether what fits")));
    ASSERT_TRUE(w.press(QStringLiteral("Try it with the demo shoot")));
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return w.window.session().state().media.size() == 4; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.window.session().notes().isEmpty()) << "its truth is no media, and not spoken of";
    auto* look = w.window.findChild<app::FirstLook*>();
    ASSERT_TRUE(look && look->isVisible());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("the green button")));
    ASSERT_TRUE(w.press(QStringLiteral("Start")));
    ASSERT_TRUE(QTest::qWaitFor([&] { return !w.window.findChild<app::FirstLook*>(); }, 60000));
    w.press(QStringLiteral("Find matches"));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_FALSE(w.window.findChild<app::FirstLook*>()) << "once";
    EXPECT_TRUE(app::Preferences().now().shownAround) << "and never again";
}

// From the empty window to the exported file, and not one click.
TEST(FirstMinute, GoesWithTheKeyboardAlone) {
    layDemoReady();
    WindowDriver w;
    firstStart(w, false);
    w.window.activateWindow();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&w.window));
    const auto key = [&](Qt::Key k, Qt::KeyboardModifiers with = {}) {
        QTest::keyClick(w.window.windowHandle(), k, with);
    };
    const auto tabTo = [&](const QString& text) {
        for (int i = 0; i < 80; ++i) {
            const auto* b = qobject_cast<QPushButton*>(QApplication::focusWidget());
            if (b && b->text() == text && b->isVisible()) return true;
            key(Qt::Key_Tab);
            const QWidget* at = QApplication::focusWidget();
            EXPECT_TRUE(at && at->isVisible()) << "the focus is always seen";
        }
        return false;
    };
    ASSERT_TRUE(tabTo(QStringLiteral("Try it with the demo shoot")));
    key(Qt::Key_Return);
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return w.window.session().state().media.size() == 4; }, 60000));
    ASSERT_TRUE(w.waitQuiet());
    key(Qt::Key_M, Qt::ControlModifier);
    ASSERT_TRUE(w.waitQuiet());
    key(Qt::Key_T);
    EXPECT_EQ(w.window.session().state().stateOf(w.take()), TetherState::Tethered);
    key(Qt::Key_E, Qt::ControlModifier);
    ASSERT_TRUE(w.waitPlanned());
    ASSERT_TRUE(tabTo(QStringLiteral("Write 1 file")));
    key(Qt::Key_Return);
    ASSERT_TRUE(w.waitQuiet());
    const auto results = w.window.handOver().desk().results();
    ASSERT_EQ(results.size(), 1u);
    EXPECT_EQ(results[0].state, FileState::Written) << sentence(results[0].problem);
    QFile::remove(QString::fromStdString(results[0].path));
}

TEST(FirstMinute, TheGuideHasItsPicturesWithoutANetwork) {
    WindowDriver w;
    ASSERT_TRUE(w.press(QStringLiteral("Guide")));
    auto* page = w.window.findChild<app::GuidePage*>();
    ASSERT_TRUE(page->isVisible());
    auto* text = page->findChild<QTextBrowser*>();
    EXPECT_TRUE(text->toPlainText().contains(QLatin1String("Drop the camera's files")));
    const auto pictures = text->toMarkdown().count(QLatin1String("!["));
    EXPECT_GE(pictures, 4);
    // They are seen, not only named.
    for (QTextBlock b = text->document()->begin(); b.isValid(); b = b.next()) {
        if (!b.text().contains(QChar::ObjectReplacementCharacter)) continue;
        const auto format = b.begin().fragment().charFormat().toImageFormat();
        const auto shown =
            text->document()->resource(QTextDocument::ImageResource, QUrl(format.name()));
        EXPECT_GT(shown.value<QImage>().width(), 100) << format.name().toStdString();
    }
    // Every page in every language, with each picture that it shows.
    auto* pages = page->findChild<QLabel*>(QStringLiteral("guidePages"));
    const QRegularExpression link(QStringLiteral("href=\"([a-z-]+)\""));
    const QRegularExpression picture(QStringLiteral("\\]\\(\\.\\./screenshots/([a-z-]+\\.png)\\)"));
    QStringList names{QStringLiteral("first-shoot")};
    for (auto it = link.globalMatch(pages->text()); it.hasNext();) names << it.next().captured(1);
    EXPECT_EQ(names.size(), 6);
    for (const QString& name : names) {
        for (const char* language : {"", ".de", ".cs"}) {
            QFile file(QStringLiteral(":/guide/%1%2.md").arg(name, QLatin1String(language)));
            ASSERT_TRUE(file.open(QIODevice::ReadOnly)) << file.fileName().toStdString();
            const QString words = QString::fromUtf8(file.readAll());
            for (auto it = picture.globalMatch(words); it.hasNext();) {
                const QString shown = it.next().captured(1);
                EXPECT_TRUE(QFile::exists(QStringLiteral(":/guide/") + shown))
                    << shown.toStdString();
            }
        }
    }
    emit pages->linkActivated(QStringLiteral("when-it-says-no"));
    EXPECT_TRUE(text->toPlainText().contains(QLatin1String("A wrong place is worse than none")));
    EXPECT_FALSE(text->toPlainText().contains(QLatin1String("All pages")));
    // By the keyboard, from one page to another.
    emit text->anchorClicked(QUrl(QStringLiteral("by-hand.md")));
    EXPECT_TRUE(text->toPlainText().contains(QLatin1String("Begin with the take")));
    QTest::keyClick(text, Qt::Key_Escape);
    EXPECT_FALSE(page->isVisible());
}

/// Dark at first, and whatever it is told then.
class SettingsPortal : public QDBusVirtualObject {
  public:
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& m, const QDBusConnection& bus) override {
        if (m.member() != QLatin1String("Read")) return false;
        const bool scheme = m.arguments().at(1).toString() == QLatin1String("color-scheme");
        const QVariant value = scheme ? QVariant(1u) : QVariant(false);
        // Read() wraps its answer twice.
        const QDBusVariant inner(value);
        bus.send(m.createReply(QVariant::fromValue(QDBusVariant(QVariant::fromValue(inner)))));
        return true;
    }
};

TEST(FirstMinute, TheWindowFollowsTheDesktopWhileItRuns) {
    const test::PrivateBus bus;
    auto portals = QDBusConnection::connectToBus(bus.address(), QStringLiteral("settings"));
    ASSERT_TRUE(portals.isConnected());
    SettingsPortal portal;
    ASSERT_TRUE(
        portals.registerVirtualObject(QStringLiteral("/org/freedesktop/portal/desktop"), &portal));
    ASSERT_TRUE(portals.registerService(QStringLiteral("org.freedesktop.portal.Desktop")));
    app::DesktopLooks looks(QDBusConnection::connectToBus(bus.address(), QStringLiteral("window")));
    EXPECT_EQ(looks.theme(), app::desktopTheme()) << "until somebody answers";
    EXPECT_TRUE(QTest::qWaitFor([&] { return looks.theme() == app::Theme::Night; }, 60000));
    EXPECT_TRUE(QTest::qWaitFor([&] { return !looks.motion(); }, 60000));
    QDBusMessage light = QDBusMessage::createSignal(
        QStringLiteral("/org/freedesktop/portal/desktop"),
        QStringLiteral("org.freedesktop.portal.Settings"), QStringLiteral("SettingChanged"));
    light << QStringLiteral("org.freedesktop.appearance") << QStringLiteral("color-scheme")
          << QVariant::fromValue(QDBusVariant(2u));
    ASSERT_TRUE(portals.send(light));
    EXPECT_TRUE(QTest::qWaitFor([&] { return looks.theme() == app::Theme::Day; }, 60000));
    for (const char* name : {"settings", "window"}) {
        QDBusConnection::disconnectFromBus(QString::fromLatin1(name));
    }
}

}  // namespace
}  // namespace brisk
