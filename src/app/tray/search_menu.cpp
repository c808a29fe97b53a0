// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/search_menu.h"

#include <QObject>

#include "media/read/heard_sound.h"

namespace brisk::app {
namespace {

int channelsOf(const SoundScan& scan) {
    return heardSound(scan.info).channels;
}

}  // namespace

QMenu* searchMenu(const PlacedPair& pair, QWidget* parent,
                  const std::function<void(SearchScope)>& chosen) {
    auto* menu = new QMenu(parent);
    const auto add = [&](const QString& text, SearchScope scope) {
        QObject::connect(menu->addAction(text), &QAction::triggered, parent,
                         [chosen, scope] { chosen(scope); });
    };
    add(QObject::tr("Near where it is, 10 s either way"), {SearchScope::Nearby});
    add(QObject::tr("Only by the stretch in view"), {SearchScope::ThisStretch});
    add(QObject::tr("By the stretch in view, near where it is"), {SearchScope::ThisStretchNearby});
    add(QObject::tr("By claps alone"), {SearchScope::Claps});
    const auto channels = [&](const SoundScan& scan, SearchScope::Kind kind, const QString& text) {
        if (channelsOf(scan) < 2) return;
        menu->addSeparator();
        for (int c = 0; c < channelsOf(scan); ++c) add(text.arg(c + 1), {kind, c});
    };
    channels(*pair.take, SearchScope::TakeChannel, QObject::tr("By channel %1 of the camera"));
    channels(*pair.recording, SearchScope::RecordingChannel,
             QObject::tr("By channel %1 of the recording"));
    return menu;
}

}  // namespace brisk::app
