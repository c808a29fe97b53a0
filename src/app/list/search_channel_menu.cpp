// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/search_channel_menu.h"

#include <QMenu>
#include <algorithm>

#include "media/read/heard_sound.h"
#include "render/routing.h"
#include "shoot/slate_commands.h"

namespace brisk::app {

int mostChannels(const Session& session, const std::vector<int>& media) {
    int most = 0;
    for (const int id : media) {
        const MediaFacts* f = session.facts(id);
        if (f && !f->info.sounds.empty()) most = std::max(most, heardSound(f->info).channels);
    }
    return most;
}

QMenu* searchChannelMenu(Session& session, const std::vector<int>& media, QWidget* parent) {
    auto* menu = new QMenu(parent);
    const auto add = [&](const QString& text, int channel) {
        QAction* a = menu->addAction(text, parent, [&session, media, channel] {
            session.apply(commands::searchBy(session.state(), media, channel));
        });
        a->setCheckable(true);
        a->setChecked(std::all_of(media.begin(), media.end(), [&](int id) {
            const MediaItem* m = session.state().item(id);
            return m && m->searchedBy == channel;
        }));
    };
    add(QObject::tr("Automatic: the channel that is worth most"), kBestChannel);
    add(QObject::tr("The mean of all channels"), kMeanOfChannels);
    menu->addSeparator();
    // Of one file its channels have names.
    const MediaFacts* f = media.size() == 1 ? session.facts(media.front()) : nullptr;
    const HeardSound sound = f ? heardSound(f->info) : HeardSound{};
    for (int c = 0; c < mostChannels(session, media); ++c) {
        add(QObject::tr("Channel %1").arg(QString::fromStdString(channelWords(sound, c))), c);
    }
    return menu;
}

}  // namespace brisk::app
