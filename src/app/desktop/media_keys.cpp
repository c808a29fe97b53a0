// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desktop/media_keys.h"

#include <QDBusMessage>
#include <QGuiApplication>

#include "app/bench/bench.h"
#include "app/desktop/windows.h"
#include "app/spine/words.h"
#include "app/window/main_window.h"

namespace brisk::app {
namespace {

constexpr const char* kPath = "/org/mpris/MediaPlayer2";
constexpr const char* kService = "org.mpris.MediaPlayer2.brisktether";
constexpr const char* kPlayer = "org.mpris.MediaPlayer2.Player";

}  // namespace

MediaKeys::MediaKeys(Windows& windows, QDBusConnection bus)
    : QObject(&windows), windows_(windows), bus_(std::move(bus)) {
    new MediaProgram(this);
    new MediaPlayer(this);
    there_ =
        bus_.isConnected() &&
        bus_.registerObject(QString::fromLatin1(kPath), this, QDBusConnection::ExportAdaptors) &&
        bus_.registerService(QString::fromLatin1(kService));
    connect(&windows_, &Windows::opened, this, [this](MainWindow* w) { follow(*w); });
    for (MainWindow* w : windows_.all()) follow(*w);
}

MediaKeys::~MediaKeys() {
    if (!there_) return;
    bus_.unregisterService(QString::fromLatin1(kService));
    bus_.unregisterObject(QString::fromLatin1(kPath));
}

void MediaKeys::follow(MainWindow& window) {
    connect(&window.bench().player(), &Player::playingChanged, this, &MediaKeys::tell);
    connect(&window.session(), &Session::changed, this, &MediaKeys::tell);
}

void MediaKeys::raise() {
    if (MainWindow* w = windows_.current()) {
        w->raise();
        w->activateWindow();
    }
}

void MediaKeys::play(bool wanted) {
    if (wanted != playing()) playOrPause();
}

void MediaKeys::playOrPause() {
    // As the key in the window: whatever that may do now, this may.
    if (MainWindow* w = windows_.current()) w->verbs().action(Verb::Play)->trigger();
}

bool MediaKeys::playing() const {
    MainWindow* w = windows_.current();
    return w && w->bench().player().playing();
}

bool MediaKeys::canPlay() const {
    MainWindow* w = windows_.current();
    return w && w->verbs().action(Verb::Play)->isEnabled();
}

QString MediaKeys::title() const {
    MainWindow* w = windows_.current();
    const MediaItem* item = w ? w->session().state().item(w->bench().take()) : nullptr;
    return item ? q(item->name()) : QString();
}

qlonglong MediaKeys::microseconds() const {
    MainWindow* w = windows_.current();
    return w ? static_cast<qlonglong>(w->bench().player().position().value * 1e6) : 0;
}

void MediaKeys::tell() {
    if (!there_) return;
    const MediaPlayer* player = findChild<MediaPlayer*>();
    const QVariantMap now{{QStringLiteral("PlaybackStatus"), player->status()},
                          {QStringLiteral("Metadata"), player->metadata()},
                          {QStringLiteral("CanPlay"), canPlay()},
                          {QStringLiteral("CanPause"), canPlay()}};
    if (now == told_) return;
    told_ = now;
    QDBusMessage changed = QDBusMessage::createSignal(
        QString::fromLatin1(kPath), QStringLiteral("org.freedesktop.DBus.Properties"),
        QStringLiteral("PropertiesChanged"));
    changed << QString::fromLatin1(kPlayer) << now << QStringList();
    bus_.send(changed);
}

QString MediaProgram::desktopEntry() {
    return QGuiApplication::desktopFileName();
}

QString MediaPlayer::status() const {
    return keys_.playing() ? QStringLiteral("Playing") : QStringLiteral("Paused");
}

QVariantMap MediaPlayer::metadata() const {
    if (keys_.title().isEmpty()) return {};
    return {{QStringLiteral("mpris:trackid"),
             QVariant::fromValue(QDBusObjectPath(QStringLiteral("/org/brisktether/take")))},
            {QStringLiteral("xesam:title"), keys_.title()}};
}

}  // namespace brisk::app
