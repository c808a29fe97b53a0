// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/listen_bar.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

#include "app/style/app_style.h"
#include "core/time_text.h"

namespace brisk::app {

ListenBar::ListenBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(8, 0, 16, 0);
    row->setSpacing(8);
    const auto button = [&](const QString& text, const QString& tip, auto signal) {
        auto* b = new QPushButton(text, this);
        b->setToolTip(tip);
        b->setAccessibleName(tip);
        connect(b, &QPushButton::clicked, this, signal);
        row->addWidget(b);
        return b;
    };
    play_ = button(tr("Play"), tr("Play or stop (Space)"), &ListenBar::playPressed);
    play_->setShortcut(Qt::Key_Space);
    play_->setFont(uiFont(14, true));
    play_->setMinimumWidth(64);
    time_ = new QLabel(this);
    time_->setFont(uiFont(16, true));
    time_->setMinimumWidth(112);
    time_->setAccessibleName(tr("Playhead"));
    row->addWidget(time_);

    choices_ = new QButtonGroup(this);
    const auto choice = [&](const QString& text, const QString& tip, Listen listen, Qt::Key key) {
        auto* b = new QPushButton(text, this);
        b->setCheckable(true);
        b->setProperty("choice", true);
        b->setToolTip(tip);
        b->setShortcut(key);
        choices_->addButton(b, static_cast<int>(listen));
        row->addWidget(b);
        return b;
    };
    choice(tr("camera"), tr("Only the camera's sound (1)"), Listen::Camera, Qt::Key_1);
    choice(tr("clean"), tr("Only the clean sound (2)"), Listen::Clean, Qt::Key_2);
    choice(tr("both"), tr("Both at the same loudness: an echo means they are apart (3)"),
           Listen::Both, Qt::Key_3)
        ->setChecked(true);
    connect(choices_, &QButtonGroup::idClicked, this, [this](int id) {
        wanted_ = static_cast<Listen>(id);
        emit listenChanged(wanted_);
    });

    device_ = new QLabel(this);
    device_->setFont(uiFont(11));
    device_->setProperty("quiet", true);
    row->addWidget(device_, 1);
    const auto byFrames = [this](int frames) { return [this, frames] { emit stepped(frames); }; };
    button(tr("◂ frame"), tr("One picture frame back (Left)"), byFrames(-1))
        ->setShortcut(Qt::Key_Left);
    button(tr("frame ▸"), tr("One picture frame on (Right)"), byFrames(1))
        ->setShortcut(Qt::Key_Right);
    button(tr("Whole take"), tr("Show all of the take (Home)"), &ListenBar::zoomAll)
        ->setShortcut(Qt::Key_Home);
    button(tr("Close up"), tr("Show 0.4 s around the playhead (End)"), &ListenBar::zoomClose)
        ->setShortcut(Qt::Key_End);
    setPosition({0});
}

void ListenBar::setPosition(Seconds t) {
    time_->setText(QString::fromStdString(clockText(t, 3)));
}

void ListenBar::setPlaying(bool playing) {
    play_->setText(playing ? tr("Stop") : tr("Play"));
    play_->setShortcut(Qt::Key_Space);  // setting a text takes the shortcut away
}

void ListenBar::setCleanAvailable(bool available) {
    for (const auto l : {Listen::Clean, Listen::Both}) {
        choices_->button(static_cast<int>(l))->setVisible(available);
    }
    const Listen heard = available ? wanted_ : Listen::Camera;
    choices_->button(static_cast<int>(heard))->setChecked(true);
}

void ListenBar::setAudible(bool audible) {
    device_->setText(audible ? tr("loudness\nmatched") : tr("no sound device:\nplays silently"));
    device_->setToolTip(audible ? tr("Camera and clean sound play at the same loudness")
                                : tr("No sound device was found. Everything plays, unheard, on a "
                                     "simulated clock."));
}

Listen ListenBar::listen() const {
    return static_cast<Listen>(choices_->checkedId());
}

}  // namespace brisk::app
