// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/channel_menu.h"

#include <QMenu>
#include <algorithm>

#include "app/style/sizes.h"
#include "render/routing.h"

namespace brisk::app {

ChannelMenu::ChannelMenu(QWidget* parent) : QPushButton(parent), menu_(new QMenu(this)) {
    useFont(this, 12);
    setCheckable(true);
    setAccessibleName(tr("channels: which"));
    setToolTip(tr("Some of the recording's channels, mixed, on both sides"));
    connect(this, &QPushButton::clicked, this, [this] {
        setChecked(!isChecked());  // the menu says what is so
        menu_->popup(mapToGlobal(rect().bottomLeft()));
    });
    connect(menu_, &QMenu::triggered, this, [this] {
        std::vector<int> channels;
        const auto actions = menu_->actions();
        for (int i = 0; i < actions.size(); ++i) {
            if (actions[i]->isChecked()) channels.push_back(i);
        }
        emit chosen(channels);
    });
}

void ChannelMenu::show(const HeardSound& sound, const HeardChannels& heard) {
    const bool named = std::any_of(sound.names.begin(), sound.names.end(),
                                   [](const std::string& n) { return !n.empty(); });
    setVisible(sound.channels > 2 || (sound.channels == 2 && named));
    setChecked(heard.map == ChannelMap::Chosen);
    menu_->clear();
    QStringList numbers;
    for (int c = 0; c < sound.channels; ++c) {
        QAction* a = menu_->addAction(QString::fromStdString(channelWords(sound, c)));
        a->setCheckable(true);
        const bool on =
            heard.map == ChannelMap::Chosen &&
            std::find(heard.chosen.begin(), heard.chosen.end(), c) != heard.chosen.end();
        a->setChecked(on);
        if (on) numbers << QString::number(c + 1);
    }
    setText(numbers.isEmpty() ? tr("channels…") : tr("channels %1…").arg(numbers.join(tr(", "))));
}

}  // namespace brisk::app
