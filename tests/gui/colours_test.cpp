// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/colours.h"

#include <gtest/gtest.h>

#include <QFontInfo>
#include <QFontMetricsF>

#include "app/style/app_style.h"

namespace brisk::app {
namespace {

TEST(Contrast, IsWcags) {
    EXPECT_NEAR(contrast(Qt::black, Qt::white), 21, 1e-6);
    EXPECT_NEAR(contrast(QColor(0x777777), Qt::white), 4.48, 0.01);
}

class EveryTheme : public ::testing::TestWithParam<Theme> {
    void SetUp() override { setTheme(GetParam()); }
    void TearDown() override { setTheme(Theme::Day); }
};

TEST_P(EveryTheme, TextCanBeRead) {
    const Colours& c = colours();
    for (const QColor& text : {c.ink, c.quiet, c.cameraText, c.cleanText, c.action, c.attention}) {
        EXPECT_GE(contrast(text, c.paper), 4.5) << text.name().toStdString();
        EXPECT_GE(contrast(text, c.raised), 4.5) << text.name().toStdString();
    }
    EXPECT_GE(contrast(c.actionText, c.action), 4.5);
    EXPECT_GE(contrast(c.pictureText, c.pictureGround), 4.5);
}

TEST_P(EveryTheme, TheTwoSoundsStandOut) {
    const Colours& c = colours();
    for (const QColor& meant : {c.camera, c.clean, c.action, c.attention}) {
        EXPECT_GE(contrast(meant, c.paper), 3) << meant.name().toStdString();
        EXPECT_GE(contrast(meant, c.raised), 3) << meant.name().toStdString();
    }
}

INSTANTIATE_TEST_SUITE_P(Themes, EveryTheme, ::testing::Values(Theme::Day, Theme::Night));

TEST(UiFont, IsTheShippedOneWithEvenFigures) {
    const QFont f = uiFont(13);
    EXPECT_EQ(QFontInfo(f).family(), QStringLiteral("Lato"));
    const QFontMetricsF m(f);
    for (const QChar digit : QStringLiteral("123456789")) {
        EXPECT_NEAR(m.horizontalAdvance(digit), m.horizontalAdvance('0'), 0.01);
    }
    EXPECT_GE(uiFont(4).pixelSize(), 11) << "no text smaller than 11 pixels";
}

}  // namespace
}  // namespace brisk::app
