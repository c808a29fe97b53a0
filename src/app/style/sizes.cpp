// SPDX-License-Identifier: GPL-3.0-or-later
// What a widget was designed with stays with it as a property, so that nobody has to be told of a
// change of scale but this file.
#include "app/style/sizes.h"

#include <QApplication>
#include <QFontInfo>
#include <algorithm>
#include <cmath>

#include "app/style/app_style.h"

namespace brisk::app {
namespace {

constexpr double kUsualPoints = 10;
double scale = 1;

struct Size {
    const char* property;
    void (*set)(QWidget*, int);
};
constexpr Size kSizes[] = {
    {"designedHeight", [](QWidget* w, int n) { w->setFixedHeight(n); }},
    {"designedWidth", [](QWidget* w, int n) { w->setFixedWidth(n); }},
    {"designedLeastWidth", [](QWidget* w, int n) { w->setMinimumWidth(n); }},
    {"designedMostWidth", [](QWidget* w, int n) { w->setMaximumWidth(n); }},
};
constexpr const char* kFont = "designedFont";
constexpr const char* kStrong = "designedStrong";

void design(QWidget* widget, const Size& size, int pixels) {
    widget->setProperty(size.property, pixels);
    size.set(widget, scaled(pixels));
}

void follow(QWidget* w) {
    if (const QVariant font = w->property(kFont); font.isValid()) {
        w->setFont(uiFont(font.toInt(), w->property(kStrong).toBool()));
    }
    for (const Size& size : kSizes) {
        const QVariant designed = w->property(size.property);
        if (designed.isValid()) size.set(w, scaled(designed.toInt()));
    }
}

}  // namespace

double textScale() {
    return scale;
}

void setTextScale(double wanted) {
    scale = std::clamp(wanted, 0.5, 4.0);
    for (QWidget* w : QApplication::allWidgets()) follow(w);
}

double desktopTextScale() {
    static const double once = [] {
        const QFont font = QApplication::font();
        // Where no desktop says anything: what the toolkit falls back on is nobody's wish.
        const bool nobodys = font.family() == QLatin1String("Sans Serif") && font.pointSizeF() == 9;
        const double points =
            font.pointSizeF() > 0 ? font.pointSizeF() : font.pixelSize() * 72.0 / 96.0;
        return nobodys || points <= 0 ? 1.0 : points / kUsualPoints;
    }();
    return once;
}

int scaled(int pixels) {
    return static_cast<int>(std::lround(pixels * scale));
}

void useFont(QWidget* widget, int pixels, bool strong) {
    widget->setProperty(kFont, pixels);
    widget->setProperty(kStrong, strong);
    widget->setFont(uiFont(pixels, strong));
}

void fixHeight(QWidget* widget, int pixels) {
    design(widget, kSizes[0], pixels);
}
void fixWidth(QWidget* widget, int pixels) {
    design(widget, kSizes[1], pixels);
}
void leastWidth(QWidget* widget, int pixels) {
    design(widget, kSizes[2], pixels);
}
void mostWidth(QWidget* widget, int pixels) {
    design(widget, kSizes[3], pixels);
}

}  // namespace brisk::app
