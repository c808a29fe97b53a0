// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/window_memory.h"

#include <QDir>
#include <QFileInfo>
#include <QScreen>
#include <QSettings>
#include <QStyle>
#include <QWidget>
#include <optional>

#include "store/user_folder.h"

namespace brisk::app {
namespace {

std::optional<QString> place() {
    const auto folder = userFolder("XDG_STATE_HOME", ".local/state");
    if (folder.empty()) return std::nullopt;
    return QString::fromStdString((folder / "windows.ini").string());
}

QVariant kept(const QString& key) {
    const auto path = place();
    return path ? QSettings(*path, QSettings::IniFormat).value(key) : QVariant();
}

void keep(const QString& key, const QVariant& value) {
    const auto path = place();
    if (path) QSettings(*path, QSettings::IniFormat).setValue(key, value);
}

/// A laptop's screen and the one on the desk are two.
QString sizeKey(const QWidget& window) {
    const QScreen* screen = window.screen();
    const QSize size = screen ? screen->size() : QSize();
    QString name = screen ? screen->name() : QString();
    name.replace(QLatin1Char('/'), QLatin1Char('-'));
    return QStringLiteral("size/%1-%2x%3").arg(name).arg(size.width()).arg(size.height());
}

}  // namespace

void restoreSize(QWidget& window) {
    const QSize before = kept(sizeKey(window)).toSize();
    const QSize size = before.isValid() ? before : window.size();
    // The title bar has to have room, too.
    const int title = window.style()->pixelMetric(QStyle::PM_TitleBarHeight);
    const QSize room = window.screen() ? window.screen()->availableSize() - QSize(0, title) : size;
    if (kept(sizeKey(window) + QStringLiteral("-whole")).toBool()) {
        window.setWindowState(window.windowState() | Qt::WindowMaximized);
    }
    window.resize(size.boundedTo(room).expandedTo(window.minimumSize()));
}

void rememberSize(const QWidget& window) {
    const bool whole = window.isMaximized();
    keep(sizeKey(window) + QStringLiteral("-whole"), whole);
    const QSize size = whole ? window.normalGeometry().size() : window.size();
    if (size.isValid()) keep(sizeKey(window), size);
}

QString lastFolder() {
    const QString folder = kept(QStringLiteral("folder")).toString();
    return QDir(folder).exists() ? folder : QString();
}

void rememberFolder(const QString& ofFile) {
    keep(QStringLiteral("folder"), QFileInfo(ofFile).absolutePath());
}

void rememberOpenShoots(const QStringList& paths) {
    keep(QStringLiteral("open"), paths);
}

QStringList takeOpenShoots() {
    const QStringList paths = kept(QStringLiteral("open")).toStringList();
    if (!paths.isEmpty()) keep(QStringLiteral("open"), QStringList());
    return paths;
}

}  // namespace brisk::app
