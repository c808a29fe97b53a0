// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_bar.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QShortcut>
#include <QStyle>
#include <cmath>

#include "align/decide/fit_verdict.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/elided_label.h"
#include "core/time_text.h"

namespace brisk::app {

ListenBar::ListenBar(QWidget* parent) : QWidget(parent) {
    setFixedHeight(48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 16, 0);
    row->setSpacing(4);
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
    choice(tr("split"), tr("Camera in the left ear, clean in the right (4)"), Listen::Split,
           Qt::Key_4);
    choice(tr("flip"), tr("One after the other, changing every half second (5)"), Listen::Flip,
           Qt::Key_5);
    connect(choices_, &QButtonGroup::idClicked, this, [this](int id) {
        wanted_ = static_cast<Listen>(id);
        emit hearingChanged(hearing());
    });
    const auto toggle = [&](const QString& text, const QString& tip, Qt::Key key) {
        auto* b = new QPushButton(text, this);
        b->setCheckable(true);
        b->setProperty("choice", true);
        b->setToolTip(tip);
        b->setAccessibleName(tip);
        b->setShortcut(key);
        row->addWidget(b);
        return b;
    };
    row->addSpacing(8);
    matched_ = toggle(
        tr("level"), tr("Both at the same loudness, or as they are in their files (G)"), Qt::Key_G);
    matched_->setChecked(true);
    connect(matched_, &QPushButton::toggled, this, [this] { emit hearingChanged(hearing()); });
    loop_ = toggle(tr("loop"),
                   tr("Round and round the selected stretch, or a second either side of the "
                      "playhead (L). Shift-drag on the camera's sound selects."),
                   Qt::Key_L);
    connect(loop_, &QPushButton::toggled, this, &ListenBar::loopChosen);
    speed_ = button(QStringLiteral("1×"),
                    tr("Speed, the pitch stays: half (6), as it is (7), double (8)"), [this] {
                        chooseSpeed(chosenSpeed_ == 1 ? 2 : chosenSpeed_ == 2 ? 0.5 : 1);
                    });
    speed_->setMinimumWidth(40);
    const auto onKey = [this](Qt::Key k, auto what) {
        connect(new QShortcut(k, this), &QShortcut::activated, this, what);
    };
    onKey(Qt::Key_6, [this] { chooseSpeed(0.5); });
    onKey(Qt::Key_7, [this] { chooseSpeed(1); });
    onKey(Qt::Key_8, [this] { chooseSpeed(2); });
    onKey(Qt::Key_Comma, [this] { emit shuttled(-1); });
    onKey(Qt::Key_Period, [this] { emit shuttled(1); });

    row->addSpacing(8);
    gauge_ = new ElidedLabel(this);
    gauge_->setFont(uiFont(13, true));
    gauge_->setAccessibleName(tr("Echo gauge: slip around the playhead"));
    gauge_->setToolTip(tr("How far apart the two sounds are around the playhead"));
    row->addWidget(gauge_, 3);
    device_ = new QLabel(this);
    device_->setFont(uiFont(11));
    device_->setProperty("quiet", true);
    row->addStretch(1);
    row->addWidget(device_);
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
    gauge_->setVisible(available);
    matched_->setVisible(available);
    for (const auto l : {Listen::Clean, Listen::Both, Listen::Split, Listen::Flip}) {
        choices_->button(static_cast<int>(l))->setVisible(available);
    }
    const Listen heard = available ? wanted_ : Listen::Camera;
    choices_->button(static_cast<int>(heard))->setChecked(true);
}

void ListenBar::setSlip(std::optional<Seconds> slip) {
    gauge_->setText(inWords(slipFact(slip)));
    const bool look = slip && std::fabs(slip->value) >= 0.001;
    if (gauge_->property("attention").toBool() == look) return;
    gauge_->setProperty("attention", look);
    gauge_->style()->unpolish(gauge_);
    gauge_->style()->polish(gauge_);
}

QString ListenBar::gaugeWords() const {
    return gauge_->text();
}

void ListenBar::setAudible(bool audible) {
    device_->setVisible(!audible);
    device_->setText(tr("silent: no device"));
    device_->setToolTip(
        tr("No sound device was found. Everything plays, unheard, on a simulated "
           "clock."));
}

Hearing ListenBar::hearing() const {
    return {static_cast<Listen>(choices_->checkedId()), matched_->isChecked()};
}

void ListenBar::chooseSpeed(double speed) {
    chosenSpeed_ = speed;
    setTravelling(speed);
    emit speedChosen(speed);
}

void ListenBar::setTravelling(double speed) {
    speed_->setText(speed == 0.5 ? QStringLiteral("½×") : QStringLiteral("%1×").arg(speed));
}

}  // namespace brisk::app
