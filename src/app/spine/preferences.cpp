// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/preferences.h"

#include <QSettings>
#include <algorithm>
#include <utility>

#include "store/user_folder.h"

namespace brisk::app {
namespace {

constexpr const char* kThemes[] = {"desktop", "day", "night"};
constexpr const char* kUnits[] = {"metres", "feet"};

template <std::size_t N>
int wordAmong(const char* const (&words)[N], const QVariant& value) {
    const auto at = std::find(std::begin(words), std::end(words), value.toString());
    return at == std::end(words) ? 0 : static_cast<int>(at - std::begin(words));
}

int within(const QVariant& value, int fallback, int least, int most) {
    bool number = false;
    const int v = value.toInt(&number);
    return number ? std::clamp(v, least, most) : fallback;
}

Preferred read(QSettings& s) {
    Preferred p;
    const auto value = [&](const char* name) { return s.value(QLatin1String(name)); };
    p.theme = static_cast<ThemeChoice>(wordAmong(kThemes, value("theme")));
    p.textPercent =
        within(value("text-percent"), p.textPercent, kLeastTextPercent, kMostTextPercent);
    p.unit = static_cast<LengthUnit>(wordAmong(kUnits, value("unit")));
    p.language = value("language").toString();
    p.exportFolder = value("export-folder").toString();
    p.soundDevice = value("sound-device").toByteArray();
    p.cacheMegabytes = within(value("cache-megabytes"), p.cacheMegabytes, kLeastCacheMegabytes,
                              kMostCacheMegabytes);
    p.cacheFolder = value("cache-folder").toString();
    p.atOnce = within(value("at-once"), 0, 0, kMostAtOnce);
    p.shownAround = value("shown-around").toBool();
    p.recent = value("recent").toStringList().mid(0, kMostRecent);
    s.beginGroup(QStringLiteral("keys"));
    for (const QString& id : s.childKeys()) {
        QList<QKeySequence> keys;
        for (const QString& text : s.value(id).toStringList()) {
            const auto key = QKeySequence::fromString(text, QKeySequence::PortableText);
            if (!key.isEmpty()) keys << key;
        }
        p.keys.insert(id, keys);
    }
    s.endGroup();
    return p;
}

/// Only what changed: another program may have written the rest.
void write(const Preferred& was, const Preferred& p, QSettings& s) {
    const Preferred plain;
    // What is as it comes is not written: a better default reaches everybody who did not choose.
    const auto put = [&](const char* name, const QVariant& before, const QVariant& value,
                         const QVariant& usual) {
        if (value == before) return;
        value == usual ? s.remove(QLatin1String(name)) : s.setValue(QLatin1String(name), value);
    };
    const auto theme = [](const Preferred& of) {
        return QLatin1String(kThemes[static_cast<int>(of.theme)]);
    };
    const auto unit = [](const Preferred& of) {
        return QLatin1String(kUnits[static_cast<int>(of.unit)]);
    };
    put("theme", theme(was), theme(p), theme(plain));
    put("text-percent", was.textPercent, p.textPercent, plain.textPercent);
    put("unit", unit(was), unit(p), unit(plain));
    put("language", was.language, p.language, plain.language);
    put("export-folder", was.exportFolder, p.exportFolder, plain.exportFolder);
    put("sound-device", was.soundDevice, p.soundDevice, plain.soundDevice);
    put("cache-megabytes", was.cacheMegabytes, p.cacheMegabytes, plain.cacheMegabytes);
    put("cache-folder", was.cacheFolder, p.cacheFolder, plain.cacheFolder);
    put("at-once", was.atOnce, p.atOnce, plain.atOnce);
    put("shown-around", was.shownAround, p.shownAround, plain.shownAround);
    put("recent", was.recent, p.recent, plain.recent);
    if (p.keys == was.keys) return;
    s.remove(QStringLiteral("keys"));
    s.beginGroup(QStringLiteral("keys"));
    for (auto it = p.keys.begin(); it != p.keys.end(); ++it) {
        QStringList texts;
        for (const QKeySequence& key : it.value()) {
            texts << key.toString(QKeySequence::PortableText);
        }
        s.setValue(it.key(), texts);
    }
    s.endGroup();
}

/// Of all windows of this program.
QList<Preferences*>& everybodys() {
    static QList<Preferences*> all;
    return all;
}

}  // namespace

Preferences::~Preferences() {
    everybodys().removeAll(this);
}

Preferences::Preferences(QObject* parent) : QObject(parent) {
    everybodys() << this;
    if (path().isEmpty()) return;
    QSettings s(path(), QSettings::IniFormat);
    now_ = read(s);
}

void Preferences::change(const std::function<void(Preferred&)>& how) {
    Preferred next = now_;
    how(next);
    next.recent = next.recent.mid(0, kMostRecent);
    if (next == now_) return;
    const Preferred was = std::exchange(now_, std::move(next));
    if (!path().isEmpty()) {
        QSettings s(path(), QSettings::IniFormat);
        write(was, now_, s);
    }
    emit changed();
    for (Preferences* other : QList<Preferences*>(everybodys())) {
        if (other->now_ == now_) continue;
        other->now_ = now_;
        emit other->changed();
    }
}

QString Preferences::path() {
    const auto folder = userFolder("XDG_CONFIG_HOME", ".config");
    return folder.empty() ? QString()
                          : QString::fromStdString((folder / "preferences.ini").string());
}

}  // namespace brisk::app
