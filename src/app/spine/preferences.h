// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person wants of the program, whatever shoot is open: few things, each with a good
/// default, in force at once. Kept in $XDG_CONFIG_HOME/brisk-tether/preferences.ini, which is read
/// with suspicion: what makes no sense there is passed over. Every window has one; what is changed
/// in one is changed in all.
///
///     connect(&preferences, &Preferences::changed, this, [&] { setTheme(...); });
///     preferences.change([](Preferred& p) { p.unit = LengthUnit::Feet; });
#pragma once

#include <QByteArray>
#include <QKeySequence>
#include <QList>
#include <QMap>
#include <QObject>
#include <QString>
#include <QStringList>
#include <functional>

namespace brisk::app {

enum class ThemeChoice { Desktop, Day, Night };
enum class LengthUnit { Metres, Feet };

struct Preferred {
    ThemeChoice theme = ThemeChoice::Desktop;
    int textPercent = 100;  ///< Of the desktop's own size: 80 to 200.
    LengthUnit unit = LengthUnit::Metres;
    QString language;        ///< "de"; empty = the desktop's.
    QString exportFolder;    ///< Empty = beside the takes.
    QByteArray soundDevice;  ///< Its id; empty = the desktop's.
    int cacheMegabytes = 2048;
    QString cacheFolder;       ///< Empty = where the desktop keeps such things.
    int atOnce = 0;            ///< Files read or takes searched together; 0 = one for each core.
    bool shownAround = false;  ///< The first take has said where to look.
    QStringList recent;        ///< Shoots that were open, the newest first.
    /// Of verbs whose keys are not those of the table, by id; none = no key.
    QMap<QString, QList<QKeySequence>> keys;
    friend bool operator==(const Preferred&, const Preferred&) = default;
};

constexpr int kLeastTextPercent = 80, kMostTextPercent = 200;
constexpr int kLeastCacheMegabytes = 64, kMostCacheMegabytes = 1 << 20;
constexpr int kMostAtOnce = 64;
constexpr int kMostRecent = 10;

class Preferences : public QObject {
    Q_OBJECT
  public:
    explicit Preferences(QObject* parent = nullptr);
    ~Preferences() override;

    [[nodiscard]] const Preferred& now() const { return now_; }
    /// Changes and keeps them; nothing is said where nothing is another.
    void change(const std::function<void(Preferred&)>& how);

    /// Where they are kept; empty where there is no place for them.
    [[nodiscard]] static QString path();

  signals:
    void changed();

  private:
    Preferred now_;
};

}  // namespace brisk::app
