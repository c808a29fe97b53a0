// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/listen_bar.h"

#include <QActionGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QStyle>
#include <algorithm>
#include <cmath>

#include "align/decide/fit_verdict.h"
#include "app/listen/loudness_menu.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/choice_group.h"
#include "app/style/elided_label.h"
#include "app/style/sizes.h"
#include "core/time_text.h"

namespace brisk::app {

namespace {

constexpr std::pair<Listen, Verb> kHearing[] = {{Listen::Camera, Verb::HearCamera},
                                                {Listen::Clean, Verb::HearClean},
                                                {Listen::Both, Verb::HearBoth},
                                                {Listen::Split, Verb::HearSplit},
                                                {Listen::Flip, Verb::HearFlip}};

Verb verbOf(Listen listen) {
    return std::find_if(std::begin(kHearing), std::end(kHearing),
                        [listen](const auto& h) { return h.first == listen; })
        ->second;
}

}  // namespace

ListenBar::ListenBar(Verbs& verbs, QWidget* parent) : QWidget(parent), verbs_(verbs) {
    fixHeight(this, 48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 16, 0);
    row->setSpacing(4);
    hearingMenu_ = new QPushButton(this);
    loudness_ = new LoudnessMenu(this);
    teach();
    auto* play = new VerbButton(verbs, Verb::Play, this);
    useFont(play, 14, true);
    leastWidth(play, 64);
    row->addWidget(play);
    time_ = new QLabel(this);
    useFont(time_, 16, true);
    leastWidth(time_, 112);
    time_->setAccessibleName(tr("Playhead"));
    row->addWidget(time_);
    const auto group = [&](std::initializer_list<Verb> all) {
        auto* box = new QWidget(this);
        auto* inside = new QHBoxLayout(box);
        inside->setContentsMargins(0, 0, 4, 0);
        auto* g = new ChoiceGroup(box);
        for (const Verb v : all) g->add(new VerbButton(verbs, v, g, VerbButton::Unable::Hidden));
        inside->addWidget(g);
        row->addWidget(box);
        return box;
    };
    hearing_ =
        group({Verb::HearCamera, Verb::HearClean, Verb::HearBoth, Verb::HearFlip, Verb::HearSplit});
    hearingMenu_->setAccessibleName(tr("What is heard"));
    auto* menu = new QMenu(hearingMenu_);
    for (const auto& [listen, verb] : kHearing) menu->addAction(verbs.action(verb));
    hearingMenu_->setMenu(menu);
    hearingMenu_->hide();
    row->addWidget(hearingMenu_);
    group({Verb::SameLoudness});
    group({Verb::Loop});
    speed_ = new QPushButton(QStringLiteral("1×"), this);
    speed_->setToolTip(tr("Speed, the pitch stays: as it is, double, half"));
    speed_->setAccessibleName(speed_->toolTip());
    leastWidth(speed_, 40);
    connect(speed_, &QPushButton::clicked, this, [this] {
        chooseSpeed(chosenSpeed_ == 1 ? 2 : chosenSpeed_ == 2 ? 0.5 : 1);
    });
    row->addWidget(speed_);

    connect(loudness_, &LoudnessMenu::changed, this, [this] { emit hearingChanged(hearing()); });
    row->addWidget(loudness_);

    row->addSpacing(8);
    gauge_ = new ElidedLabel(this);
    useFont(gauge_, 13, true);
    gauge_->setAccessibleName(tr("How far apart around the playhead"));
    gauge_->setToolTip(tr("How far apart the two sounds are around the playhead"));
    gauge_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    row->addWidget(gauge_, 1);
    device_ = new QLabel(this);
    useFont(device_, 11);
    device_->setProperty("quiet", true);
    row->addWidget(device_);
    setPosition({0});
}

bool ListenBar::event(QEvent* e) {
    if (e->type() == QEvent::Resize || e->type() == QEvent::LayoutRequest) fit();
    return QWidget::event(e);
}

void ListenBar::fit() {
    const auto show = [](QWidget* w, bool visible) {
        if (w->isHidden() == visible) w->setVisible(visible);
    };
    if (one_) {
        show(hearingMenu_, false);
        return show(hearing_, false);
    }
    show(hearingMenu_, narrow_);
    show(hearing_, !narrow_);
    // Where there is no room for all choices side by side they are a menu.
    const QWidget* shown = narrow_ ? static_cast<QWidget*>(hearingMenu_) : hearing_;
    const int rest = layout()->minimumSize().width() - shown->minimumSizeHint().width();
    const bool narrow = rest + hearing_->sizeHint().width() > width();
    narrow_ = narrow;
    show(hearingMenu_, narrow);
    show(hearing_, !narrow);
}

void ListenBar::teach() {
    verbs_.teach(Verb::Play, [this] { emit playPressed(); });
    auto* group = new QActionGroup(this);  // one of them
    const auto noClean = [this] { return whyNoClean_; };
    for (const auto& [listen, verb] : kHearing) {
        group->addAction(verbs_.action(verb));
        const auto chosen = [this, l = listen](bool on) {
            if (!on) return;
            hearingMenu_->setText(verbs_.action(verbOf(l))->text());
            // Only the camera can be heard without a clean sound: that is no wish.
            if (whyNoClean_.empty()) wanted_ = l;
            emit hearingChanged(hearing());
        };
        verbs_.teachToggle(verb, chosen,
                           listen == Listen::Camera ? Verbs::WhyNot{} : Verbs::WhyNot{noClean});
    }
    verbs_.action(Verb::HearCamera)->setChecked(true);
    verbs_.action(Verb::SameLoudness)->setChecked(true);
    verbs_.teachToggle(
        Verb::SameLoudness, [this](bool) { emit hearingChanged(hearing()); }, noClean);
    verbs_.teachToggle(Verb::Loop, [this](bool on) { emit loopChosen(on); });
    verbs_.teach(Verb::HalfSpeed, [this] { chooseSpeed(0.5); });
    verbs_.teach(Verb::PlainSpeed, [this] { chooseSpeed(1); });
    verbs_.teach(Verb::DoubleSpeed, [this] { chooseSpeed(2); });
    verbs_.teach(Verb::ShuttleBack, [this] { emit shuttled(-1); });
    verbs_.teach(Verb::ShuttleOn, [this] { emit shuttled(1); });
}

void ListenBar::setPosition(Seconds t) {
    time_->setText(clockWords(t, 3));
}

void ListenBar::setPlaying(bool playing) {
    verbs_.action(Verb::Play)->setText(playing ? tr("Stop") : tr("Play"));
}

void ListenBar::setOneSound(bool one) {
    one_ = one;
    fit();
}

void ListenBar::setCleanAvailable(const Fact& whyNot) {
    const bool available = whyNot.empty();
    if (!available) gauge_->clear();
    whyNoClean_ = whyNot;
    verbs_.refresh();
    const Listen heard = available ? wanted_ : Listen::Camera;
    for (const auto& [listen, verb] : kHearing) {
        if (listen == heard) verbs_.action(verb)->setChecked(true);
    }
    fit();  // with choices that came or went
}

void ListenBar::setSlip(std::optional<Seconds> slip, Seconds way) {
    gauge_->setShort(!slip                  ? tr("none here")
                     : isTheWay(*slip, way) ? tr("%1 farther").arg(wayWords(way))
                                            : slipWords(*slip));
    gauge_->setText(inWords(slipFact(slip, way)));
    const bool look = slip && !isTheWay(*slip, way) && std::fabs(slip->value) >= 0.001;
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
    Hearing h{Listen::Camera, verbs_.action(Verb::SameLoudness)->isChecked()};
    for (const auto& [listen, verb] : kHearing) {
        if (verbs_.action(verb)->isChecked()) h.what = listen;
    }
    h.volume = loudness_->volume();
    h.balance = loudness_->balance();
    return h;
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
