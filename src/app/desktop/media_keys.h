// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Play and pause from the keyboard's media keys and from what the desktop shows of players: MPRIS
/// (specification 2.2, freedesktop.org) for the window that a person looked at last.
#pragma once

#include <QDBusAbstractAdaptor>
#include <QDBusConnection>
#include <QDBusObjectPath>
#include <QObject>
#include <QPointer>
#include <QStringList>
#include <QVariantMap>

namespace brisk::app {

class MainWindow;
class Windows;

class MediaKeys : public QObject {
    Q_OBJECT
  public:
    explicit MediaKeys(Windows& windows, QDBusConnection bus = QDBusConnection::sessionBus());
    ~MediaKeys() override;

    /// False where there is no bus, or another has the name.
    [[nodiscard]] bool there() const { return there_; }

    // What both interfaces below are about.
    void raise();
    void play(bool wanted);
    void playOrPause();
    [[nodiscard]] bool playing() const;
    [[nodiscard]] bool canPlay() const;
    [[nodiscard]] QString title() const;
    [[nodiscard]] qlonglong microseconds() const;

  private:
    void follow(MainWindow& window);
    void tell();

    Windows& windows_;
    QDBusConnection bus_;
    QPointer<MainWindow> last_;  // that something was told of
    QVariantMap told_;
    bool there_ = false;
};

/// org.mpris.MediaPlayer2: the program.
class MediaProgram : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2")
    Q_PROPERTY(bool CanQuit READ no CONSTANT)
    Q_PROPERTY(bool CanRaise READ yes CONSTANT)
    Q_PROPERTY(bool HasTrackList READ no CONSTANT)
    Q_PROPERTY(QString Identity READ identity CONSTANT)
    Q_PROPERTY(QString DesktopEntry READ desktopEntry CONSTANT)
    Q_PROPERTY(QStringList SupportedUriSchemes READ none CONSTANT)
    Q_PROPERTY(QStringList SupportedMimeTypes READ none CONSTANT)
  public:
    explicit MediaProgram(MediaKeys* keys) : QDBusAbstractAdaptor(keys), keys_(*keys) {}
    [[nodiscard]] static bool no() { return false; }
    [[nodiscard]] static bool yes() { return true; }
    [[nodiscard]] static QString identity() { return QStringLiteral("Brisk Tether"); }
    [[nodiscard]] static QString desktopEntry();
    [[nodiscard]] static QStringList none() { return {}; }
  public slots:
    void Raise() { keys_.raise(); }
    void Quit() {}

  private:
    MediaKeys& keys_;
};

/// org.mpris.MediaPlayer2.Player: what is played.
class MediaPlayer : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.mpris.MediaPlayer2.Player")
    Q_PROPERTY(QString PlaybackStatus READ status)
    Q_PROPERTY(double Rate READ rate CONSTANT)
    Q_PROPERTY(double MinimumRate READ rate CONSTANT)
    Q_PROPERTY(double MaximumRate READ rate CONSTANT)
    Q_PROPERTY(double Volume READ rate CONSTANT)
    Q_PROPERTY(QVariantMap Metadata READ metadata)
    Q_PROPERTY(qlonglong Position READ position)
    Q_PROPERTY(bool CanGoNext READ no CONSTANT)
    Q_PROPERTY(bool CanGoPrevious READ no CONSTANT)
    Q_PROPERTY(bool CanPlay READ canPlay)
    Q_PROPERTY(bool CanPause READ canPlay)
    Q_PROPERTY(bool CanSeek READ no CONSTANT)
    Q_PROPERTY(bool CanControl READ yes CONSTANT)
  public:
    explicit MediaPlayer(MediaKeys* keys) : QDBusAbstractAdaptor(keys), keys_(*keys) {}
    [[nodiscard]] static bool no() { return false; }
    [[nodiscard]] static bool yes() { return true; }
    [[nodiscard]] static double rate() { return 1; }
    [[nodiscard]] QString status() const;
    [[nodiscard]] QVariantMap metadata() const;
    [[nodiscard]] qlonglong position() const { return keys_.microseconds(); }
    [[nodiscard]] bool canPlay() const { return keys_.canPlay(); }
  public slots:
    void Play() { keys_.play(true); }
    void Pause() { keys_.play(false); }
    void Stop() { keys_.play(false); }
    void PlayPause() { keys_.playOrPause(); }
    void Next() {}
    void Previous() {}
    void Seek(qlonglong) {}
    void SetPosition(const QDBusObjectPath&, qlonglong) {}
    void OpenUri(const QString&) {}

  private:
    MediaKeys& keys_;
};

}  // namespace brisk::app
