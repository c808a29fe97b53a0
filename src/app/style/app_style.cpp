// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/app_style.h"

#include <QApplication>
#include <QFontDatabase>
#include <QPalette>
#include <QString>
#include <algorithm>

#include "app/style/colours.h"
#include "app/style/sizes.h"

/// Resources of a static library are only there when asked for, and only from outside a namespace.
static void initResources() {
    Q_INIT_RESOURCE(app);
}

namespace brisk::app {
namespace {

void loadFonts() {
    static const bool once = [] {
        initResources();
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Lato-Regular.ttf"));
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Lato-Semibold.ttf"));
        return true;
    }();
    (void)once;
}

QString sheet(const Colours& p) {
    QString s = QStringLiteral(R"(
        QWidget { background: @paper; color: @ink; }
        QToolTip { background: @raised; color: @ink; border: 1px solid @hairline; padding: 4px; }
        QPushButton { background: @raised; color: @action; border: 1px solid @hairline;
                      border-radius: 5px; padding: 5px 10px; }
        QPushButton:hover { border-color: @action; }
        QPushButton:focus { border: 2px solid @action; padding: 4px 9px; outline: none; }
        QPushButton:pressed { background: @hairline; }
        QPushButton:disabled { background: transparent; color: @quiet; }
        QPushButton[primary="true"] { background: @action; color: @actionText; padding: 6px 18px; }
        QPushButton[primary="true"]:focus { border: 2px solid @ink; padding: 5px 17px; }
        QPushButton[primary="true"]:disabled { background: @hairline; color: @quiet; }
        QPushButton[choice="true"] { background: transparent; color: @ink; padding: 3px 9px;
                                     border: 1px solid transparent; border-radius: 4px; }
        QPushButton[choice="true"]:hover { border-color: @hairline; }
        QPushButton[choice="true"]:checked { background: @ink; color: @paper; }
        QPushButton[choice="true"]:focus { border: 2px solid @action; padding: 2px 8px; }
        QPushButton[choice="true"]:disabled { color: @quiet; }
        QPushButton[choice="true"]:checked:disabled { background: @hairline; color: @ink; }
        QPushButton[arrow="true"] { padding: 3px 5px; }
        QPushButton[arrow="true"]:focus { padding: 2px 4px; }
        QPushButton[onPicture="true"] { background: transparent; border: none; color: @pictureText; padding: 0; }
        QPushButton[onPicture="true"]:focus { border: 2px solid @pictureText; padding: 0; }
        QPushButton[corner="true"] { background: @pictureGround; border-radius: 3px; padding: 1px 6px; }
        QLineEdit, QPlainTextEdit { background: @raised; border: 1px solid @hairline; border-radius: 4px;
                    padding: 3px 6px; selection-background-color: @action;
                    selection-color: @actionText; }
        QPlainTextEdit:focus { border: 2px solid @action; padding: 2px 5px; }
        QLineEdit:focus { border: 2px solid @action; padding: 2px 5px; }
        QLabel { background: transparent; }
        QLabel[quiet="true"] { color: @quiet; }
        QLabel[attention="true"] { color: @attention; }
        QComboBox, QKeySequenceEdit { background: @raised; border: 1px solid @hairline;
                    border-radius: 4px; padding: 3px 6px; }
        QComboBox::drop-down { border: none; width: 20px; }
        QComboBox::down-arrow { image: url(:/style/arrow-@night.png); width: 10px; height: 6px; }
        QComboBox:focus { border: 2px solid @action; padding: 2px 5px; }
        QComboBox QAbstractItemView { background: @raised; color: @ink;
                    selection-background-color: @action; selection-color: @actionText; }
        QTreeView { border: 1px solid @hairline; border-radius: 5px; background: @raised; }
        QTreeView:focus { border: 2px solid @action; }
        QTreeView::item { background: @raised; padding: 3px 4px; }
        QTreeView::item:selected { background: @action; color: @actionText; }
        QTextBrowser { border: none; background: @paper; }
        QMenu { background: @raised; color: @ink; border: 1px solid @hairline; padding: 4px; }
        QMenu::item { background: transparent; padding: 5px 20px; }
        QMenu::item:selected { background: @action; color: @actionText; }
        QMenu::item:disabled { color: @quiet; }
        QMenu::separator { height: 1px; background: @hairline; margin: 4px 8px; }
        QListView { border: none; outline: none; }
        QProgressBar { background: @hairline; border: none; border-radius: 2px; max-height: 4px; }
        QProgressBar::chunk { background: @action; border-radius: 2px; }
        QScrollBar:vertical { background: transparent; width: 8px; }
        QScrollBar::handle:vertical { background: @hairline; border-radius: 4px; min-height: 24px; }
        QScrollBar:horizontal { background: transparent; height: 8px; }
        QScrollBar::handle:horizontal { background: @hairline; border-radius: 4px; min-width: 24px; }
        QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
    )");
    const std::pair<const char*, QColor> names[] = {{"@paper", p.paper},
                                                    {"@raised", p.raised},
                                                    {"@ink", p.ink},
                                                    {"@quiet", p.quiet},
                                                    {"@hairline", p.hairline},
                                                    {"@actionText", p.actionText},
                                                    {"@pictureText", p.pictureText},
                                                    {"@pictureGround", p.pictureGround},
                                                    {"@action", p.action},
                                                    {"@attention", p.attention}};
    s.replace(QLatin1String("@night"),
              theme() == Theme::Night ? QLatin1String("night") : QLatin1String("day"));
    for (const auto& [name, colour] : names) s.replace(QLatin1String(name), colour.name());
    return s;
}

}  // namespace

QIcon programIcon() {
    QIcon icon;
    for (const int size : {16, 22, 24, 32, 48, 64, 128, 256}) {
        icon.addFile(QStringLiteral(":/icons/%1.png").arg(size));
    }
    return icon;
}

QFont uiFont(int pixels, bool strong) {
    QFont f(QStringLiteral("Lato"));
    f.setPixelSize(scaled(std::max(11, pixels)));
    f.setWeight(strong ? QFont::DemiBold : QFont::Normal);
    return f;
}

void applyStyle() {
    (void)desktopTextScale();  // asked before the font is another
    loadFonts();
    const Colours& p = colours();
    QApplication::setFont(uiFont(13));
    QPalette q;
    q.setColor(QPalette::Window, p.paper);
    q.setColor(QPalette::Base, p.paper);
    q.setColor(QPalette::AlternateBase, p.raised);
    q.setColor(QPalette::Text, p.ink);
    q.setColor(QPalette::WindowText, p.ink);
    q.setColor(QPalette::Button, p.paper);
    q.setColor(QPalette::ButtonText, p.ink);
    q.setColor(QPalette::Highlight, p.action);
    q.setColor(QPalette::Link, p.action);
    q.setColor(QPalette::LinkVisited, p.action);
    q.setColor(QPalette::HighlightedText, p.actionText);
    q.setColor(QPalette::PlaceholderText, p.quiet);
    QApplication::setPalette(q);
    qApp->setStyleSheet(sheet(p));
}

}  // namespace brisk::app
