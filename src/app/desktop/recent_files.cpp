// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desktop/recent_files.h"

#include <QDir>
#include <QDomDocument>
#include <QFileInfo>
#include <QLockFile>
#include <QSaveFile>
#include <QStandardPaths>
#include <QUrl>

namespace brisk::app {
namespace {

constexpr qint64 kLongestList = 32 << 20;
constexpr int kListPatience = 500;  // milliseconds
const QString kMime = QStringLiteral("application/vnd.brisktether.shoot+json");
const QString kProgram = QStringLiteral("Brisk Tether");

QDomElement childOf(QDomElement& parent, const QString& name) {
    QDomElement child = parent.firstChildElement(name);
    if (!child.isNull()) return child;
    child = parent.ownerDocument().createElement(name);
    parent.appendChild(child);
    return child;
}

QDomElement bookmarkOf(QDomElement& xbel, const QString& href) {
    for (QDomElement b = xbel.firstChildElement(QStringLiteral("bookmark")); !b.isNull();
         b = b.nextSiblingElement(QStringLiteral("bookmark"))) {
        if (b.attribute(QStringLiteral("href")) == href) return b;
    }
    QDomElement b = xbel.ownerDocument().createElement(QStringLiteral("bookmark"));
    b.setAttribute(QStringLiteral("href"), href);
    xbel.appendChild(b);
    return b;
}

QDomElement applicationOf(QDomElement& applications) {
    const QString tag = QStringLiteral("bookmark:application");
    for (QDomElement a = applications.firstChildElement(tag); !a.isNull();
         a = a.nextSiblingElement(tag)) {
        if (a.attribute(QStringLiteral("name")) == kProgram) return a;
    }
    QDomElement a = applications.ownerDocument().createElement(tag);
    a.setAttribute(QStringLiteral("name"), kProgram);
    a.setAttribute(QStringLiteral("exec"), QStringLiteral("'brisk-tether %u'"));
    applications.appendChild(a);
    return a;
}

}  // namespace

QString desktopRecentList() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    return folder.isEmpty() ? QString() : folder + QStringLiteral("/recently-used.xbel");
}

bool noteRecentFile(const QString& list, const QString& file, const QDateTime& now) {
    if (list.isEmpty()) return false;
    QDir().mkpath(QFileInfo(list).absolutePath());
    QLockFile lock(list + QStringLiteral(".lock"));
    if (!lock.tryLock(kListPatience)) return false;
    QDomDocument doc;
    if (QFile in(list); in.open(QIODevice::ReadOnly) && in.size() > 0) {
        if (in.size() > kLongestList || !doc.setContent(&in)) return false;
    } else {
        doc.setContent(QByteArrayLiteral(
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?><xbel version=\"1.0\" "
            "xmlns:bookmark=\"http://www.freedesktop.org/standards/desktop-bookmarks\" "
            "xmlns:mime=\"http://www.freedesktop.org/standards/shared-mime-info\"></xbel>"));
    }
    QDomElement xbel = doc.documentElement();
    if (xbel.tagName() != QLatin1String("xbel")) return false;
    const QString when = now.toUTC().toString(Qt::ISODateWithMs);
    QDomElement b = bookmarkOf(
        xbel, QUrl::fromLocalFile(QFileInfo(file).absoluteFilePath()).toString(QUrl::FullyEncoded));
    if (!b.hasAttribute(QStringLiteral("added"))) b.setAttribute(QStringLiteral("added"), when);
    b.setAttribute(QStringLiteral("modified"), when);
    b.setAttribute(QStringLiteral("visited"), when);
    QDomElement info = childOf(b, QStringLiteral("info"));
    QDomElement metadata = childOf(info, QStringLiteral("metadata"));
    metadata.setAttribute(QStringLiteral("owner"), QStringLiteral("http://freedesktop.org"));
    childOf(metadata, QStringLiteral("mime:mime-type")).setAttribute(QStringLiteral("type"), kMime);
    QDomElement applications = childOf(metadata, QStringLiteral("bookmark:applications"));
    QDomElement mine = applicationOf(applications);
    mine.setAttribute(QStringLiteral("modified"), when);
    mine.setAttribute(QStringLiteral("count"),
                      mine.attribute(QStringLiteral("count"), QStringLiteral("0")).toInt() + 1);
    QSaveFile out(list);
    if (!out.open(QIODevice::WriteOnly)) return false;
    out.write(doc.toByteArray(2));
    return out.commit();
}

}  // namespace brisk::app
