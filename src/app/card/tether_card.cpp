// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/card/tether_card.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>
#include <QResizeEvent>
#include <QVBoxLayout>
#include <cmath>

#include "app/card/distance_row.h"
#include "app/card/microphone_row.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/elided_label.h"
#include "app/style/state_mark.h"
#include "core/time_text.h"
#include "day/permissions.h"
#include "media/read/heard_sound.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"

namespace brisk::app {
namespace {

/// What becomes of a stretch that no recording covers.
QString uncoveredWords(Uncovered becomes) {
    switch (becomes) {
        case Uncovered::Camera:
            return QObject::tr("the camera's sound");
        case Uncovered::Trimmed:
            return QObject::tr("trimmed away");
        case Uncovered::Silence:
            break;
    }
    return QObject::tr("silence");
}

constexpr int kRow = 18;      // pixels
constexpr int kAround = 108;  // title, distance, buttons and margins
constexpr int kOneMore = 30;  // where there are several microphones

QString q(const std::string& s) {
    return QString::fromStdString(s);
}

QString stateSentence(const ShootState& s, int take) {
    const Tether* t = s.tetherOf(take);
    if (!t) return QObject::tr("loose: no place is known yet");
    switch (s.stateOf(take)) {
        case TetherState::Slipped: {
            const auto by = s.slippedBy(take);
            if (!by) return QObject::tr("slipped: it lies on another recording than its tether");
            return (by->value >= 0 ? QObject::tr("slipped: %1 later than its tether")
                                   : QObject::tr("slipped: %1 earlier than its tether"))
                .arg(q(slipText({std::fabs(by->value)})));
        }
        case TetherState::Tethered:
            return QObject::tr("tethered: moves, trims and cuts as one");
        case TetherState::Offered:
            return QObject::tr("offered: nobody has confirmed it yet");
        case TetherState::NeedsAnEar:
            return t->movedByHand()  ? QObject::tr("needs an ear: moved by hand")
                   : t->placedByHand ? QObject::tr("needs an ear: placed by hand")
                                     : QObject::tr("needs an ear: look and listen first");
        case TetherState::Loose:
            break;
    }
    return QObject::tr("loose: no place was found");
}

QString driftWords(Ppm drift) {
    if (std::fabs(drift.value) < 0.05) return QObject::tr("run alike");
    return QObject::tr("recorder %1 ppm %2")
        .arg(std::fabs(drift.value), 0, 'f', 1)
        .arg(drift.value > 0 ? QObject::tr("fast") : QObject::tr("slow"));
}

}  // namespace

TetherCard::TetherCard(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session), verbs_(verbs) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 16, 8);
    column->setSpacing(8);

    auto* head = new QHBoxLayout;
    head->setContentsMargins(24, 0, 0, 0);  // the state's mark is painted before the title
    head->setSpacing(12);
    title_ = new ElidedLabel(this);
    title_->setFont(uiFont(16, true));
    title_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    stateWords_ = new ElidedLabel(this);
    stateWords_->setProperty("quiet", true);
    stateWords_->setMinimumWidth(96);
    stateWords_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    head->addWidget(title_, 0);
    head->addWidget(stateWords_, 1);
    column->addLayout(head);

    grid_ = new QGridLayout;
    grid_->setHorizontalSpacing(16);
    grid_->setVerticalSpacing(5);
    grid_->setColumnMinimumWidth(0, 88);
    grid_->setColumnStretch(1, 1);
    column->addLayout(grid_);
    distance_ = new DistanceRow(session, verbs, this);
    column->addWidget(distance_);
    microphone_ = new MicrophoneRow(session, this);
    column->addWidget(microphone_);
    column->addStretch(1);

    auto* actions = new QHBoxLayout;
    actions->setSpacing(8);
    teach();
    const auto button = [&](Verb v, bool primary,
                            VerbButton::Unable unable = VerbButton::Unable::Hidden) {
        auto* b = new VerbButton(verbs, v, this, unable);
        b->setProperty("primary", primary);
        b->setFont(uiFont(13, primary));
        actions->addWidget(b);
        return b;
    };
    button(Verb::Tether, true);
    button(Verb::BackToTether, true);
    button(Verb::Loosen, false);
    button(Verb::BackToFound, false);
    find_ = button(Verb::FindMatches, true, VerbButton::Unable::Greyed);
    layOn_ = button(Verb::LayByHand, false);
    button(Verb::ShowSound, false);
    hint_ = new ElidedLabel(this);
    hint_->setProperty("quiet", true);
    actions->addWidget(hint_, 1);
    column->addLayout(actions);

    connect(&session_, &Session::changed, this, &TetherCard::refresh);
    connect(&session_, &Session::factsChanged, this, &TetherCard::refresh);
    refresh();
}

void TetherCard::teach() {
    const auto deed = [this](Verb v, auto act, Fact (*whyNot)(const TakeView&)) {
        verbs_.teach(v, act, [this, whyNot] { return whyNot(session_.view(take_)); });
    };
    const auto command = [this](Command (*make)(const ShootState&, int)) {
        return [this, make] { session_.apply(make(session_.state(), take_)); };
    };
    deed(Verb::Tether, command(commands::lock), whyNotTether);
    deed(Verb::Loosen, command(commands::unlock), whyNotLoosen);
    deed(Verb::BackToTether, command(commands::backToTether), whyNotBackToTether);
    deed(Verb::BackToFound, command(commands::backToFound), whyNotBackToFound);
    deed(
        Verb::LayByHand, [this] { layOn(); }, whyNotLayByHand);
    deed(
        Verb::ShowSound, [this] { emit soundWanted(); }, whyNotHear);
}

void TetherCard::showTake(int take) {
    take_ = take;
    distance_->showTake(take);
    microphone_->showTake(take);
    refresh();
}

TetherCard::Row& TetherCard::row(std::size_t i) {
    while (rows_.size() <= i) {
        const auto r = static_cast<int>(rows_.size());
        Row made{new QLabel(this), new ElidedLabel(this), new ElidedLabel(this)};
        made.name->setProperty("quiet", true);
        made.value->setFont(uiFont(13, true));
        made.aside->setProperty("quiet", true);
        made.aside->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
        grid_->addWidget(made.name, r, 0);
        grid_->addWidget(made.value, r, 1);
        grid_->addWidget(made.aside, r, 2);
        rows_.push_back(made);
    }
    return rows_[i];
}

void TetherCard::setRow(std::size_t i, const QString& name, const QString& value,
                        const QString& aside) {
    Row& r = row(i);
    r.name->setText(name);
    r.value->setText(value);
    r.aside->setText(aside);
    for (QLabel* l : {r.name, r.value, r.aside}) l->show();
}

void TetherCard::hideRowsFrom(std::size_t i) {
    for (; i < rows_.size(); ++i) {
        for (QLabel* l : {rows_[i].name, rows_[i].value, rows_[i].aside}) l->hide();
    }
}

std::size_t TetherCard::fillTether(const Tether& t, const MediaFacts& take) {
    const MediaFacts* clean = session_.facts(t.recording);
    const MediaItem* item = session_.state().item(t.recording);
    const QString name = item ? QFileInfo(q(item->path)).completeBaseName() : tr("a recording");
    const Rational rate = take.info.video ? take.info.video->rate : Rational{25, 1};
    const double perMinute = std::fabs(t.line.drift.value) * 60e-3;  // ms
    const int soundRate =
        clean && !clean->info.sounds.empty() ? clean->info.sounds.front().rate.hertz : 48000;
    std::size_t i = 0;
    QString on = tr("%1 at %2").arg(name, q(clockText(t.line.offset, 6)));
    for (const Tether* more : session_.state().tethersOf(t.take)) {
        const MediaItem* other = session_.state().item(more->recording);
        if (more->recording == t.recording || more->beside || !other) continue;
        on += tr(", and on %1").arg(QFileInfo(q(other->path)).completeBaseName());
    }
    setRow(i++, tr("falls on"), on, q(framesText(t.line.offset, rate)));
    row(0).value->setToolTip(
        tr("%1 samples into the recording")
            .arg(q(groupedText(std::llround(t.line.offset.value * soundRate)))));
    if (const QString goesOn = goesOnWords(t.take); !goesOn.isEmpty()) {
        setRow(i++, tr("goes on"), goesOn,
               session_.state().oneWith(t.take).size() > 1 ? tr("treated as one")
                                                           : tr("can be treated as one"));
    }
    setRow(i++, tr("clocks"), driftWords(t.line.drift),
           tr("%1 ms a minute").arg(perMinute, 0, 'f', 1));
    // Of a sure answer the figures only; the whole is a pointer's rest away.
    const Fact* sure = findFact(t.found.reason, "sure");
    const Fact* rival = findFact(t.found.reason, "next-best");
    const Fact* agrees = findFact(t.found.reason, "windows-agree");
    if (!agrees) agrees = findFact(t.found.reason, "claps-agree");
    const bool plain = sure && agrees;
    setRow(i++, t.movedByHand() ? tr("as found") : tr("agreement"),
           plain ? inWords(agrees->id == "windows-agree" ? Fact{"windows-within", agrees->args}
                                                         : *agrees)
                 : inWords(t.found.reason),
           plain ? inWords(rival ? *rival : Fact{"no-rival"}) : QString());
    row(i - 1).value->setToolTip(inWords(t.found.reason));
    if (t.polarity < 0) setRow(i++, tr("polarity"), tr("upside down, turned back"));
    if (const auto plan = session_.exportPlan(t.take, VideoContainer::Mov, {})) {
        // The picture is not in question here; the whole is a pointer's rest away.
        const Facts holds = describeExport(*plan);
        const Fact* sound = findFact(holds, "clean-sound-track");
        setRow(i++, tr("new file"), inWords(*sound), tr("the take stays as it is"));
        row(i - 1).value->setToolTip(inWords(holds));
    }
    if (take.scan && clean && clean->scan) {
        const TimeRange whole{{0}, take.scan->pictures.end()};
        QStringList parts;
        for (const TimeRange& r : uncovered(session_.view(t.take).heard(), whole)) {
            parts << (r.start <= whole.start ? tr("first %1 s").arg(r.length().value, 0, 'f', 1)
                      : r.end >= whole.end   ? tr("last %1 s").arg(r.length().value, 0, 'f', 1)
                                             : tr("%1 s at %2")
                                                 .arg(r.length().value, 0, 'f', 1)
                                                 .arg(q(clockText(r.start, 1))));
        }
        if (!parts.isEmpty()) {
            setRow(i++, tr("uncovered"),
                   tr("%1: %2").arg(parts.join(tr(" and ")),
                                    uncoveredWords(session_.state().soundOf(t.take).uncovered)));
        }
        const SoundQuality& cleanSound = quality(clean->scan);
        const SoundQuality& cameraSound = quality(take.scan);
        const QString hint = inWords(betterSound(cameraSound, cleanSound));
        if (i >= rowsThatFit()) return i;
        setRow(i++, tr("level"), tr("clean %1 LUFS").arg(q(signedText(cleanSound.levelLufs, 1))),
               tr("camera %1 LUFS").arg(q(signedText(cameraSound.levelLufs, 1))));
        row(i - 1).value->setToolTip(hint);
        if (i >= rowsThatFit()) return i;
        setRow(
            i++, tr("compared"), hint,
            tr("noise %1 and %2 dB")
                .arg(q(signedText(cleanSound.noiseDb, 0)), q(signedText(cameraSound.noiseDb, 0))));
        row(i - 1).value->setToolTip(hint);
    }
    return i;
}

std::size_t TetherCard::rowsThatFit() const {
    const int room = height() - kAround - (microphone_->isHidden() ? 0 : kOneMore);
    return static_cast<std::size_t>(std::max(0, room / kRow));
}

QString TetherCard::goesOnWords(int take) const {
    const auto name = [&](int id) {
        const MediaItem* m = session_.state().item(id);
        return m ? QFileInfo(q(m->path)).completeBaseName() : QString();
    };
    QStringList parts;
    for (const ContinuedTake& c : session_.view(take).continues) {
        if (c.after == take) parts << tr("from %1").arg(name(c.before));
        if (c.before == take) parts << tr("in %1").arg(name(c.after));
    }
    return parts.join(tr(", "));
}

const SoundQuality& TetherCard::quality(const std::shared_ptr<const SoundScan>& scan) {
    // Both of the pair on the bench, and those of a few takes before.
    if (qualities_.size() > 16) qualities_.clear();
    const auto [it, fresh] = qualities_.try_emplace(scan);
    if (fresh) it->second = qualityOf(*scan);
    return it->second;
}

void TetherCard::fillTake(const MediaFacts& take) {
    std::size_t i = 0;
    if (take.info.video) {
        const auto& v = *take.info.video;
        setRow(i++, tr("picture"),
               tr("%1 × %2, %3").arg(v.width).arg(v.height).arg(q(rateText(v.rate))),
               v.variableRate ? tr("variable rate") : q(v.codec));
    }
    if (!take.info.sounds.empty()) {
        const int rate = take.info.sounds.front().rate.hertz;
        const int channels = heardSound(take.info).channels;
        const Seconds start = take.info.soundStartInTake();
        setRow(i++, tr("scratch sound"),
               tr("%1 Hz, %2")
                   .arg(q(groupedText(rate)), channels == 1   ? tr("mono")
                                              : channels == 2 ? tr("stereo")
                                                              : tr("%1 channels").arg(channels)),
               std::fabs(start.value) < 0.0005 ? tr("starts with the picture")
               : start.value > 0 ? tr("starts %1 after the picture").arg(q(slipText(start)))
                                 : tr("starts %1 before the picture").arg(q(slipText(-start))));
    }
    setRow(i++, tr("length"), q(clockText(take.info.duration, 1)));
    for (const auto& w : take.info.warnings) setRow(i++, tr("note"), inWords(w));
    hideRowsFrom(i);
}

void TetherCard::refresh() {
    const MediaItem* item = session_.state().item(take_);
    const MediaFacts* take = session_.facts(take_);
    const Tether* t = session_.state().tetherOf(take_);
    // Without a take the whole bench is away; another page of it must not be covered by this one.
    if (!item || !take) return;
    title_->setText(QFileInfo(q(item->path)).fileName());
    stateWords_->setText(stateSentence(session_.state(), take_));
    const TetherState state = session_.state().stateOf(take_);
    const bool placed = t && state != TetherState::Loose;
    if (placed) {
        hideRowsFrom(fillTether(*t, *take));
    } else {
        fillTake(*take);
    }
    verbs_.action(Verb::Tether)
        ->setText(state == TetherState::Slipped ? tr("Make this the tether") : tr("Tether"));
    verbs_.refresh();
    find_->setVisible(!placed);
    if (!take->problem.isEmpty()) {
        hint_->setText(take->problem);
    } else if (placed) {
        hint_->setText(state == TetherState::Tethered ? QString()
                       : state == TetherState::Slipped
                           ? QString()
                           : tr("then it moves, trims and cuts as one"));
    } else if (session_.state().ids(MediaKind::Recording).empty()) {
        hint_->setText(tr("add the recorder's file first"));
    } else {
        hint_->setText(t ? tr("nothing fitted last time") : tr("searches the recordings"));
    }
    update();
}

void TetherCard::layOn() {
    const auto recordings = session_.state().ids(MediaKind::Recording);
    if (recordings.size() == 1) {
        session_.layOn(take_, recordings.front());
        return;
    }
    QMenu menu(this);
    for (const int id : recordings) {
        const MediaItem* item = session_.state().item(id);
        menu.addAction(QFileInfo(q(item->path)).fileName(), this,
                       [this, id] { session_.layOn(take_, id); });
    }
    menu.exec(layOn_->mapToGlobal(QPoint(0, layOn_->height())));
}

void TetherCard::resizeEvent(QResizeEvent* e) {
    if (e->oldSize().height() != height()) refresh();
}

void TetherCard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const QRectF at(16, title_->y() + (title_->height() - 16) / 2.0, 16, 16);
    drawStateMark(p, at, session_.state().stateOf(take_));
}

}  // namespace brisk::app
