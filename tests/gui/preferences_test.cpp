// SPDX-License-Identifier: GPL-3.0-or-later
// What a person prefers is kept, in force at once, and never believed blindly.
#include "app/spine/preferences.h"

#include <gtest/gtest.h>

#include <QFile>
#include <QSignalSpy>
#include <QTest>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "app/window/preferences_page.h"
#include "features/scan_cache.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::Preferences;
using app::Preferred;
using test::WindowDriver;

struct PreferencesTest : ::testing::Test {
    ~PreferencesTest() override {
        // As the other tests found it.
        write("[General]\nshown-around=true\n");
        app::setTheme(app::Theme::Day);
        app::setTextScale(1);
        app::tellLengthsInFeet(false);
        setScanCache({}, std::uintmax_t{2} << 30);
    }
    static void write(const char* text) {
        QFile file(Preferences::path());
        ASSERT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(text);
    }
};

TEST_F(PreferencesTest, AreKeptForTheNextStart) {
    Preferred wanted;
    {
        Preferences p;
        QSignalSpy said(&p, &Preferences::changed);
        p.change([&](Preferred& x) {
            x.theme = app::ThemeChoice::Night;
            x.textPercent = 140;
            x.unit = app::LengthUnit::Feet;
            x.exportFolder = QStringLiteral("/edit/bindery, day 1");
            x.soundDevice = "device; 3";
            x.cacheMegabytes = 512;
            x.atOnce = 3;
            x.recent = {QStringLiteral("/shoots/Montag ü.brisk"),
                        QStringLiteral("/shoots/b.brisk")};
            x.keys[QStringLiteral("find-matches")] = {QKeySequence(Qt::Key_Semicolon)};
            x.keys[QStringLiteral("undo")] = {};
            wanted = x;
        });
        EXPECT_EQ(said.count(), 1);
        p.change([](Preferred&) {});
        EXPECT_EQ(said.count(), 1) << "nothing is another";
    }
    EXPECT_EQ(Preferences().now(), wanted);
}

TEST_F(PreferencesTest, NonsenseInTheFileIsPassedOver) {
    write(
        "[General]\ntheme=purple\ntext-percent=4000\nunit=7\nat-once=-5\ncache-megabytes=lots\n"
        "recent=@Invalid()\n[keys]\nfind-matches=\x01\x02, Ctrl+\n");
    const Preferred p = Preferences().now();
    EXPECT_EQ(p.theme, app::ThemeChoice::Desktop);
    EXPECT_EQ(p.textPercent, app::kMostTextPercent);
    EXPECT_EQ(p.unit, app::LengthUnit::Metres);
    EXPECT_EQ(p.atOnce, 0);
    EXPECT_EQ(p.cacheMegabytes, Preferred().cacheMegabytes);
    write("\x7f\x45\x4c\x46 no settings at all");
    EXPECT_EQ(Preferences().now(), Preferred());
}

TEST_F(PreferencesTest, TwoProgramsKeepWhatTheOtherChose) {
    Preferences a, b;
    a.change([](Preferred& p) { p.textPercent = 120; });
    b.change([](Preferred& p) { p.atOnce = 2; });
    EXPECT_EQ(Preferences().now().textPercent, 120);
    EXPECT_EQ(Preferences().now().atOnce, 2);
}

TEST_F(PreferencesTest, TakeEffectAtOnce) {
    WindowDriver w;
    ASSERT_TRUE(w.press(QStringLiteral("Preferences…")));
    auto* page = w.window.findChild<app::PreferencesPage*>();
    ASSERT_TRUE(page->isVisible());
    ASSERT_TRUE(w.press(QStringLiteral("Theme: night")));
    EXPECT_EQ(app::theme(), app::Theme::Night);
    const int before = w.button(QStringLiteral("Back"))->height();
    w.window.preferences().change([](Preferred& p) { p.textPercent = 180; });
    (void)QTest::qWaitFor([&] { return w.button(QStringLiteral("Back"))->height() > before; },
                          5000);
    EXPECT_GT(w.button(QStringLiteral("Back"))->height(), before);
    ASSERT_TRUE(w.press(QStringLiteral("Distances in: feet")));
    EXPECT_EQ(app::lengthWords(4.2).toStdString(), "13.8 ft");
    w.window.preferences().change(
        [](Preferred& p) { p.cacheFolder = QStringLiteral("/nowhere/c"); });
    EXPECT_EQ(scanCacheFolder(), "/nowhere/c");
    w.window.preferences().change([](Preferred& p) { p.atOnce = 3; });
    EXPECT_EQ(w.window.session().work().atOnce(), 3);
    QTest::keyClick(&w.window, Qt::Key_Escape);
    EXPECT_FALSE(page->isVisible());
}

TEST_F(PreferencesTest, NumbersAreTypedWithEitherMark) {
    EXPECT_EQ(app::typedNumber(QStringLiteral("+3,5 ms")), QStringLiteral("+3.5 ms"));
    EXPECT_EQ(app::typedNumber(QStringLiteral("−12 frames")), QStringLiteral("-12 frames"));
}

}  // namespace
}  // namespace brisk
