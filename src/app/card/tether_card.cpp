// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/card/tether_card.h"

#include <QClipboard>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QPainter>
#include <QScrollArea>
#include <QStyle>
#include <QVBoxLayout>
#include <cmath>

#include "app/card/recording_words.h"
#include "app/spine/choose_recording.h"
#include "app/spine/state_words.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/elided_label.h"
#include "app/style/sizes.h"
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

QString paceWords(Ppm drift) {
    return QObject::tr("%1 ppm %2")
        .arg(numberWords(std::fabs(drift.value), 1),
             drift.value > 0 ? QObject::tr("fast") : QObject::tr("slow"));
}

QString clockSentence(const Tether& t) {
    const std::vector<TetherSegment>& segments = t.found.segments;
    if (segments.size() > 1 && !t.found.jumps()) {
        return QObject::tr("The recorder runs %1 at first and %2 at last: taken out.")
            .arg(paceWords(segments.front().line.drift), paceWords(segments.back().line.drift));
    }
    const Ppm drift = t.line.drift;
    if (std::fabs(drift.value) < 0.05) return QObject::tr("The two clocks run alike.");
    return QObject::tr("The recorder runs %1, %2 ms a minute: taken out.")
        .arg(paceWords(drift), numberWords(std::fabs(drift.value) * 60e-3, 1));
}

/// The one thing to do next.
void setPrimary(QPushButton* b, bool primary) {
    if (b->property("primary") == QVariant(primary)) return;
    b->setProperty("primary", primary);
    useFont(b, 13, primary);
    b->style()->unpolish(b);
    b->style()->polish(b);
}

}  // namespace

TetherCard::TetherCard(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session), verbs_(verbs) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 16, 8);
    column->setSpacing(8);

    auto* head = head_ = new QHBoxLayout;
    head->setContentsMargins(24, 0, 0, 0);  // the state's mark is painted before the title
    head->setSpacing(12);
    title_ = new ElidedLabel(this);
    useFont(title_, 16, true);
    title_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    stateWords_ = new QLabel(this);
    stateWords_->setProperty("quiet", true);
    // A long name gives way, not what is said of it.
    head->addWidget(title_, 0);
    head->addWidget(stateWords_, 0);
    head->addStretch(1);
    column->addLayout(head);

    // Sentences wrap and are never cut off; where there are many they scroll.
    auto* area = new QScrollArea(this);
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    auto* page = new QWidget(area);
    auto* lines = new QVBoxLayout(page);
    lines->setContentsMargins(0, 0, 0, 0);
    lines->setSpacing(4);
    for (SentenceLabel*& l : sentences_) {
        l = new SentenceLabel(page);
        lines->addWidget(l);
    }
    useFont(sentences_[kPlace], 14, true);
    sentences_[kFile]->setProperty("quiet", true);
    lines->addStretch(1);
    area->setWidget(page);
    column->addWidget(area, 1);

    auto* actions = new QHBoxLayout;
    actions->setSpacing(8);
    teach();
    const auto button = [&](Verb v, bool primary,
                            VerbButton::Unable unable = VerbButton::Unable::Hidden) {
        auto* b = new VerbButton(verbs, v, this, unable);
        setPrimary(b, primary);
        actions->addWidget(b);
        return b;
    };
    button(Verb::Tether, true);
    button(Verb::BackToTether, false);
    button(Verb::Loosen, false);
    button(Verb::BackToFound, false);
    find_ = button(Verb::FindMatches, true, VerbButton::Unable::Greyed);
    layOn_ = button(Verb::LayByHand, false);
    button(Verb::CopyFigures, false);
    actions->addStretch(1);
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
        Verb::CopyFigures, [this] { QGuiApplication::clipboard()->setText(figures()); },
        whyNotHear);
}

void TetherCard::showTake(int take) {
    take_ = take;
    refresh();
}

void TetherCard::say(Sentence which, const QString& text) {
    sentences_[which]->say(text);
}

QString TetherCard::placeWords(const Tether& t, const MediaFacts& take) const {
    const auto nameOf = [&](int id) {
        const MediaItem* m = session_.state().item(id);
        return m ? QFileInfo(q(m->path)).completeBaseName() : tr("a recording");
    };
    const Rational rate = take.info.video ? take.info.video->rate : Rational{25, 1};
    QString on = tr("%1 at %2").arg(nameOf(t.recording), clockWords(t.line.offset, 6));
    for (const Tether* more : session_.state().tethersOf(t.take)) {
        if (more->recording == t.recording || more->beside) continue;
        on += tr(", continues on %1").arg(nameOf(more->recording));
    }
    return on + tr("  =  %1").arg(framesWords(t.line.offset, rate));
}

QString TetherCard::uncoveredSentence(const Tether& t, const MediaFacts& take) const {
    const TimeRange whole{{0}, take.scan->pictures.end()};
    QStringList parts;
    for (const TimeRange& r : uncovered(session_.view(t.take).heard(), whole)) {
        const QString length = spanWords(r.length());
        parts << (r.start <= whole.start ? tr("the first %1").arg(length)
                  : r.end >= whole.end   ? tr("the last %1").arg(length)
                                         : tr("%1 at %2").arg(length, clockWords(r.start, 1)));
    }
    if (parts.isEmpty()) return {};
    return tr("No clean sound for %1: %2.")
        .arg(parts.join(tr(" and ")), uncoveredWords(session_.state().soundOf(t.take).uncovered));
}

void TetherCard::fillTether(const Tether& t, const MediaFacts& take) {
    say(kPlace, placeWords(t, take));
    const QString found = inWords(t.found.reason);
    say(kKnown, t.movedByHand() ? tr("Moved by hand; the search had said: %1").arg(found) : found);
    QStringList differs{clockSentence(t)};
    if (t.polarity < 0) differs << tr("The recording is upside down: turned back.");
    const MediaFacts* clean = session_.facts(t.recording);
    if (take.scan && !take.scan->silent() && clean && clean->scan) {
        differs << inWords(betterSound(quality(take.scan), quality(clean->scan)));
    }
    if (take.scan && clean && clean->scan) differs << uncoveredSentence(t, take);
    if (const QString goesOn = goesOnWords(t.take); !goesOn.isEmpty()) {
        differs << (session_.state().oneWith(t.take).size() > 1
                        ? tr("The take continues %1: treated as one.").arg(goesOn)
                        : tr("The take continues %1: can be treated as one.").arg(goesOn));
    }
    differs.removeAll(QString());
    say(kDiffers, differs.join(QLatin1Char(' ')));
    const auto plan = session_.exportPlan(t.take, VideoContainer::Mov, {});
    say(kFile, plan ? tr("New file: %1").arg(inWords(describeExport(*plan))) : QString());
}

QString TetherCard::figures() const {
    const Tether* t = session_.state().tetherOf(take_);
    const MediaFacts* take = session_.facts(take_);
    if (!t || !take) return {};
    const MediaFacts* clean = session_.facts(t->recording);
    const int rate =
        clean && !clean->info.sounds.empty() ? clean->info.sounds.front().rate.hertz : 48000;
    QStringList lines{title_->text() + QStringLiteral(": ") + stateWords_->text(),
                      sentences_[kPlace]->text(),
                      tr("%1 samples into the recording")
                          .arg(q(groupedText(std::llround(t->line.offset.value * rate)))),
                      sentences_[kKnown]->text(),
                      sentences_[kDiffers]->text(),
                      sentences_[kFile]->text()};
    return lines.join(QLatin1Char('\n'));
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

QString TetherCard::takeWords(const MediaFacts& take) const {
    QStringList parts;
    if (take.info.video) {
        const auto& v = *take.info.video;
        parts << tr("Picture: %1 × %2, %3, %4.")
                     .arg(v.width)
                     .arg(v.height)
                     .arg(q(rateText(v.rate)), v.variableRate ? tr("variable rate") : q(v.codec));
    }
    if (!take.info.sounds.empty()) {
        const int channels = heardSound(take.info).channels;
        const Seconds start = take.info.soundStartInTake();
        parts << tr("Scratch sound: %1 Hz, %2, %3.")
                     .arg(q(groupedText(take.info.sounds.front().rate.hertz)),
                          channels == 1   ? tr("mono")
                          : channels == 2 ? tr("stereo")
                                          : tr("%1 channels").arg(channels),
                          std::fabs(start.value) < 0.0005 ? tr("starts with the picture")
                          : start.value > 0
                              ? tr("starts %1 after the picture").arg(slipWords(start))
                              : tr("starts %1 before the picture").arg(slipWords(-start)));
    }
    parts << tr("Length %1.").arg(clockWords(take.info.duration, 1));
    for (const auto& w : take.info.warnings) parts << inWords(w);
    return parts.join(QLatin1Char(' '));
}

void TetherCard::fillTake(const MediaFacts& take) {
    const Tether* t = session_.state().tetherOf(take_);
    say(kPlace, !take.problem.isEmpty() ? take.problem
                : session_.state().ids(MediaKind::Recording).empty()
                    ? tr("Add the recorder's file, to lay this take on it.")
                : t ? tr("Nothing fitted on the recordings.")
                    : tr("Where does it fall on the recordings?"));
    say(kKnown, t ? inWords(t->found.reason) : QString());
    say(kDiffers, takeWords(take));
    say(kFile, {});
}

void TetherCard::refresh() {
    const MediaItem* item = session_.state().item(take_);
    const MediaFacts* take = session_.facts(take_);
    const Tether* t = session_.state().tetherOf(take_);
    // Without a take the whole bench is away; another page of it must not be covered by this one.
    if (!item || !take) return;
    title_->setText(q(item->name()));
    const bool recording = session_.view(take_).isRecording;
    head_->setContentsMargins(recording ? 0 : 24, 0, 0, 0);
    if (recording) return fillRecording();
    stateWords_->setText(stateWords(session_, take_) + heardWords());
    const TetherState state = session_.stateOf(take_);
    const bool placed = t && state != TetherState::Loose;
    if (placed) {
        fillTether(*t, *take);
    } else {
        fillTake(*take);
    }
    verbs_.action(Verb::Tether)
        ->setText(state == TetherState::Slipped ? tr("Make this the tether") : tr("Tether"));
    // A search has nothing to go by in a film without sound.
    find_->setVisible(!placed && !(take->scan && take->scan->silent()));
    // Where a search found nothing, the next one finds nothing either.
    const bool searched = t && !placed;
    setPrimary(find_, !searched);
    setPrimary(layOn_, searched);
    update();
}

QString TetherCard::heardWords() const {
    return session_.stateOf(take_) == TetherState::Tethered && !session_.heard(take_)
               ? tr(", not listened to")
               : QString();
}

void TetherCard::fillRecording() {
    const RecordingWords w = recordingWords(session_, take_);
    stateWords_->setText(tr("recording"));
    say(kPlace, w.lies);
    say(kKnown, w.sound);
    say(kDiffers, w.pins);
    say(kFile, w.notes);
    find_->hide();
    update();
}

void TetherCard::layOn() {
    chooseRecording(session_, layOn_, [this](int recording) { session_.layOn(take_, recording); });
}

void TetherCard::paintEvent(QPaintEvent*) {
    if (session_.view(take_).isRecording) return;
    QPainter p(this);
    const QRect mark(16, title_->y() + (title_->height() - 16) / 2, 16, 16);
    const QRectF at = QStyle::visualRect(layoutDirection(), rect(), mark);
    drawStateMark(p, at, session_.stateOf(take_));
}

}  // namespace brisk::app
