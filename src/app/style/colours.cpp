// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/colours.h"

#include <QGuiApplication>
#include <QPalette>
#include <algorithm>
#include <cmath>

namespace brisk::app {
namespace {

const Colours kDay{
    .paper = QColor(0xf6f1e7),
    .raised = QColor(0xfffdf8),
    .ink = QColor(0x20262b),
    .quiet = QColor(0x625c50),
    .hairline = QColor(0xdcd4c3),
    .camera = QColor(0x69717b),
    .cameraPale = QColor(0xbcbcb9),
    .cameraText = QColor(0x555d67),
    .clean = QColor(0xb87503),
    .cleanPale = QColor(0xecca90),
    .cleanText = QColor(0x8a5600),
    .action = QColor(0x1d5949),
    .actionText = QColor(0xffffff),
    .attention = QColor(0xa83a2a),
    .pictureGround = QColor(0x262b30),
    .pictureText = QColor(0xf4efe4),
};

const Colours kNight{
    .paper = QColor(0x1c1f21),
    .raised = QColor(0x2a2e30),
    .ink = QColor(0xece6d8),
    .quiet = QColor(0xaaa393),
    .hairline = QColor(0x3a3e40),
    .camera = QColor(0x8d97a3),
    .cameraPale = QColor(0x4c535b),
    .cameraText = QColor(0xa6afba),
    .clean = QColor(0xd8952a),
    .cleanPale = QColor(0x6b4d1c),
    .cleanText = QColor(0xe2ab52),
    .action = QColor(0x6fc0a6),
    .actionText = QColor(0x10211b),
    .attention = QColor(0xe58a78),
    .pictureGround = QColor(0x101214),
    .pictureText = QColor(0xece6d8),
};

Theme current = Theme::Day;

double luminance(const QColor& c) {
    const auto linear = [](double v) {
        return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
}

}  // namespace

const Colours& colours() {
    return current == Theme::Night ? kNight : kDay;
}
Theme theme() {
    return current;
}
void setTheme(Theme t) {
    current = t;
}

Theme desktopTheme() {
    return luminance(QGuiApplication::palette().color(QPalette::Window)) < 0.18 ? Theme::Night
                                                                                : Theme::Day;
}

double contrast(const QColor& a, const QColor& b) {
    const double x = luminance(a);
    const double y = luminance(b);
    return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

}  // namespace brisk::app
