// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a program of the tests leaves behind is nobody's, and what a person prefers is not in its
/// way: state, preferences and data in folders of its own, from here to the end of its life. The
/// first take has said where to look already.
#pragma once

#include <QDir>
#include <QFile>
#include <QTemporaryDir>

namespace brisk::test {

class OwnFolders {
  public:
    OwnFolders() {
        for (const char* variable : {"XDG_STATE_HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME"}) {
            qputenv(variable, folder_.filePath(QString::fromLatin1(variable)).toUtf8());
        }
        const QDir config(folder_.filePath(QStringLiteral("XDG_CONFIG_HOME/brisk-tether")));
        QDir().mkpath(config.path());
        QFile preferences(config.filePath(QStringLiteral("preferences.ini")));
        if (preferences.open(QIODevice::WriteOnly)) {
            preferences.write("[General]\nshown-around=true\n");
        }
    }

  private:
    QTemporaryDir folder_;
};

}  // namespace brisk::test
