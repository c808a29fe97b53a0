// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/choose_recording.h"

#include <QFileInfo>
#include <QMenu>

#include "app/spine/session.h"

namespace brisk::app {

void chooseRecording(const Session& session, QWidget* below,
                     const std::function<void(int)>& chosen) {
    const auto recordings = session.state().ids(MediaKind::Recording);
    if (recordings.size() == 1) return chosen(recordings.front());
    auto* menu = new QMenu(below);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const int id : recordings) {
        const MediaItem* item = session.state().item(id);
        menu->addAction(QString::fromStdString(item->name()), below, [id, chosen] { chosen(id); });
    }
    menu->popup(below->mapToGlobal(QPoint(0, below->height())));
}

}  // namespace brisk::app
