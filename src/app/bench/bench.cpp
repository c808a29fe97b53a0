// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/bench.h"

#include <QHBoxLayout>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/card/distance_row.h"
#include "app/card/tether_card.h"
#include "app/listen/listen_bar.h"
#include "app/picture/filmstrip.h"
#include "app/picture/frame_tip.h"
#include "app/picture/picture_view.h"
#include "app/proof/slip_line.h"
#include "app/proof/spot_checks.h"
#include "app/seam/match_curve_view.h"
#include "app/seam/seam_view.h"
#include "app/tray/cut_tools.h"
#include "app/tray/place_bar.h"
#include "app/tray/sound_panel.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {
/// The recording's time that a take covers at an offset, and `more` on either side.
TimeRange aroundTake(const PlacedPair& pair, Seconds offset, Seconds more) {
    return {offset - more, offset + pair.take->endOfTake() + more};
}

constexpr double kTryWithin = 2;      // seconds around a place that is tried
constexpr double kNearby = 10;        // seconds either way that are near
constexpr int kLowBench = 620;        // pixels of height
constexpr int kRoomForStrip = 860;    // pixels of height
constexpr double kLoopAround = 1;     // seconds either side of the playhead
constexpr double kGaugeEvery = 0.25;  // seconds the playhead moves between two looks
}  // namespace

Bench::Bench(Session& session, Verbs& verbs, QWidget* parent) : QWidget(parent), session_(session) {
    lay(verbs);
    connectParts();
    // Their keys work whatever part of the bench is shown: the sound panel covers the card.
    for (const VerbWords& w : verbTable()) {
        if (w.family != VerbFamily::Shoot) addAction(verbs.action(w.verb));
    }
    verbs.teach(Verb::FrameBack, [this] { step(-1); });
    verbs.teach(Verb::FrameOn, [this] { step(1); });
}

void Bench::lay(Verbs& verbs) {
    Session& session = session_;
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 0, 0);
    column->setSpacing(0);
    auto* top = new QHBoxLayout;
    top->setSpacing(0);
    picture_ = new PictureView(verbs, this);
    side_ = new QStackedWidget(this);
    card_ = new TetherCard(session, verbs, side_);
    side_->addWidget(card_);
    sound_ = new SoundPanel(session, side_);
    side_->addWidget(sound_);
    top->addWidget(picture_);
    top->addWidget(side_, 1);
    column->addLayout(top);
    strip_ = new Filmstrip(this);
    strip_->hide();
    column->addWidget(strip_);
    seam_ = new SeamView(session, verbs, this);
    column->addWidget(seam_, 1);
    place_ = new PlaceBar(session, verbs, this);
    column->addWidget(place_);
    spots_ = new SpotChecks(session, proof_, this);
    column->addWidget(spots_);
    auto* overview = new QHBoxLayout;
    overview->setSpacing(8);
    slips_ = new SlipLine(proof_, this);
    curve_ = new MatchCurveView(session, this);
    overview->addWidget(slips_, 5);
    overview->addWidget(curve_, 3);
    column->addLayout(overview);
    listen_ = new ListenBar(verbs, this);
    column->addWidget(listen_);
    tip_ = new FrameTip(this);
    cuts_ = new CutTools(session, verbs, this, [this] {
        return CutTools::Where{take_, seam_->playhead(), seam_->selection()};
    });
}

void Bench::connectParts() {
    connect(&session_, &Session::changed, this, &Bench::refresh);
    connect(&session_, &Session::factsChanged, this, &Bench::refresh);
    connectPlacing();
    connectListening();
    connectPictures();
}

void Bench::connectPlacing() {
    connect(seam_, &SeamView::playheadMoved, this, [this](double t) {
        player_.stop();
        moveTo(Seconds{t}, false);
        scrubber_.scrub(Seconds{t});
    });
    connect(seam_, &SeamView::cleanMoved, this, [this](double by) {
        session_.apply(commands::moveClean(session_.state(), take_, Seconds{by}));
    });
    connect(place_, &PlaceBar::markWanted, this, &Bench::putMark);
    connect(place_, &PlaceBar::searchWanted, this, &Bench::searchAgain);
    connect(curve_, &MatchCurveView::tried, this, [this](double offset) {
        const auto pair = session_.view(take_).pair;
        if (!pair) return;
        SearchWish wish;
        wish.tried = Seconds{offset};
        wish.within.recording = aroundTake(*pair, *wish.tried, Seconds{kTryWithin});
        session_.searchAgain(take_, wish);
    });
    const auto goTo = [this](double t) {
        setPlayhead(Seconds{t});
        seam_->zoomToPlayhead(0.4);
    };
    connect(spots_, &SpotChecks::wentTo, this, goTo);
    connect(slips_, &SlipLine::wentTo, this, goTo);
    connect(&proof_, &Proof::changed, this, [this] { seam_->setSlips(proof_.state().slips); });
    connect(&gauge_, &EchoGauge::measured, this, [this](bool common, double slip, double) {
        listen_->setSlip(common ? std::optional(Seconds{slip}) : std::nullopt);
    });
    connect(sound_, &SoundPanel::closed, this, [this] { side_->setCurrentWidget(card_); });
    connect(seam_, &SeamView::cutWanted, cuts_, &CutTools::popup);
    connect(card_, &TetherCard::soundWanted, this, &Bench::showSound);
    connect(&gauge_, &EchoGauge::measured, sound_,
            [this](bool common, double slip, double) { sound_->setSlip({common ? slip : 0}); });
}

void Bench::connectListening() {
    connect(listen_, &ListenBar::playPressed, this, &Bench::playOrStop);
    connect(listen_, &ListenBar::hearingChanged, this, [this](Hearing h) {
        player_.setHearing(h);
        scrubber_.setHearing(h);
    });
    connect(listen_, &ListenBar::speedChosen, &player_, &Player::setSpeed);
    connect(listen_, &ListenBar::shuttled, this,
            [this](int direction) { player_.shuttle(direction, seam_->playhead()); });
    connect(listen_, &ListenBar::loopChosen, this, [this](bool on) {
        looping_ = on;
        setLoop();
    });
    connect(seam_, &SeamView::selectionChanged, this, &Bench::setLoop);
    connect(&player_, &Player::travelling, listen_, &ListenBar::setTravelling);
    connect(&player_, &Player::moved, this, [this](double t) { moveTo(Seconds{t}, true); });
    connect(&player_, &Player::playingChanged, listen_, &ListenBar::setPlaying);
    connect(&player_, &Player::failed, &session_, &Session::addNote);
    connect(&player_, &Player::deviceChanged, this, [this](const QString& sentence) {
        listen_->setAudible(player_.audible());
        session_.addNote(sentence);
    });
}

void Bench::connectPictures() {
    connect(seam_, &SeamView::viewChanged, this, [this] { strip_->setAxis(seam_->axis()); });
    connect(seam_, &SeamView::hovered, this, &Bench::showTip);
    connect(seam_, &SeamView::left, tip_, &FrameTip::leave);
    connect(&pictures_, &PictureSource::ready, this,
            [this](const QString& path, const QImage& image) {
                const MediaItem* m = session_.state().item(take_);
                if (m && path.toStdString() == m->path) picture_->setPicture(image);
            });
    connect(&pictures_, &PictureSource::failed, this,
            [this](const QString&, const QString& sentence) { picture_->setProblem(sentence); });
}

void Bench::showTake(int take) {
    if (take == take_) return;
    player_.stop();
    take_ = take;
    picture_->clear();
    side_->setCurrentWidget(card_);
    card_->showTake(take);
    sound_->showTake(take);
    seam_->showTake(take);
    place_->showTake(take);
    curve_->showTake(take);
    spots_->showTake(take);
    refresh();
    moveTo({0}, true);
}

void Bench::showSound() {
    sound_->showTake(take_);
    side_->setCurrentWidget(sound_);
}

void Bench::refresh() {
    const MediaFacts* f = session_.facts(take_);
    const auto pair = session_.view(take_).pair;
    const auto sound = session_.view(take_).sound;
    session_.wantLevel(take_);
    player_.load(f ? f->scan : nullptr, sound);
    pair ? proof_.examine(*pair) : proof_.clear();
    spots_->setVisible(pair.has_value());
    slips_->setVisible(pair.has_value());
    listen_->setCleanAvailable(pair.has_value());
    gaugedAt_ = -1;
    listen_->setAudible(player_.audible());
    player_.setHearing(listen_->hearing());
    scrubber_.load(f ? f->scan : nullptr, sound);
    if (f && f->scan) {
        strip_->showTake(QString::fromStdString(f->info.path), f->scan->pictures.end());
        moveTo(seam_->playhead(), false);
    }
}

void Bench::setPlayhead(Seconds t) {
    player_.stop();
    moveTo(t, true);
}

void Bench::moveTo(Seconds t, bool follow) {
    seam_->setPlayhead(t, follow);
    listen_->setPosition(seam_->playhead());
    const MediaFacts* f = session_.facts(take_);
    if (f && f->scan) {
        const PictureTimes& pictures = f->scan->pictures;
        const auto n = pictures.frameAt(seam_->playhead());
        picture_->setNumbers(n, seam_->playhead());
        const Seconds end = n + 1 < pictures.count() ? pictures.timeOf(n + 1) : pictures.end();
        card_->distance().setFrame({pictures.timeOf(n), end});
    }
    askForPicture();
    askGauge();
}

void Bench::askGauge() {
    const auto pair = session_.view(take_).pair;
    const double now = seam_->playhead().value;
    if (!pair || std::fabs(now - gaugedAt_) < kGaugeEvery) return;
    gaugedAt_ = now;
    gauge_.ask(*pair, Seconds{now});
}

void Bench::putMark(bool onCleanSound, bool exactly) {
    const Seconds here = seam_->playhead();
    if (!onCleanSound) return session_.putMark(take_, here, exactly);
    const auto pair = session_.view(take_).pair;
    if (!pair) return;
    const PlacedPair there = pair->at(here);
    session_.putMark(session_.library().mediaOf(there.recording),
                     there.tether.line.toRecording(here), exactly);
}

void Bench::searchAgain(SearchScope scope) {
    const auto pair = session_.view(take_).pair;
    if (!pair) return;
    const ClockLine line = pair->tether.line;
    const TimeRange seen =
        seam_->selection().value_or(TimeRange{seam_->axis().start(), seam_->axis().end()});
    SearchWish wish;
    switch (scope.kind) {
        case SearchScope::Nearby:
            wish.within.recording = aroundTake(*pair, line.offset, Seconds{kNearby});
            wish.where = tr("near where it is");
            break;
        case SearchScope::ThisStretch:
            wish.within.take = seen;
            wish.where = tr("by this stretch of the take");
            break;
        case SearchScope::ThisStretchNearby:
            wish.within.take = seen;
            wish.within.recording = TimeRange{line.toRecording(seen.start) - Seconds{kNearby},
                                              line.toRecording(seen.end) + Seconds{kNearby}};
            wish.where = tr("by this stretch, near where it is");
            break;
        case SearchScope::Claps:
            wish.method = MatchMethod::Claps;
            wish.where = tr("by claps alone");
            break;
        case SearchScope::TakeChannel:
            wish.takeChannel = scope.channel;
            wish.where = tr("by channel %1 of the camera").arg(scope.channel + 1);
            break;
        case SearchScope::RecordingChannel:
            wish.recordingChannel = scope.channel;
            wish.where = tr("by channel %1 of the recording").arg(scope.channel + 1);
            break;
    }
    session_.searchAgain(take_, wish);
}

void Bench::showTip(double takeSeconds, int x) {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->scan || f->scan->pictures.empty()) return;
    const PictureTimes& pictures = f->scan->pictures;
    const Seconds t{takeSeconds};
    if (t < Seconds{0} || t >= pictures.end()) return tip_->leave();
    const auto frame = pictures.frameAt(t);
    tip_->hover(QString::fromStdString(f->info.path), pictures.timeOf(frame), frame,
                seam_->mapTo(this, QPoint(x, 0)));
}

void Bench::askForPicture() {
    const MediaItem* m = session_.state().item(take_);
    if (!m) return;
    const int wide = static_cast<int>(picture_->width() * devicePixelRatioF());
    pictures_.ask(QString::fromStdString(m->path), seam_->playhead(), std::max(320, wide));
}

void Bench::setLoop() {
    if (!looping_) return player_.setLoop(std::nullopt);
    const Seconds here = seam_->playhead();
    player_.setLoop(seam_->selection().value_or(
        TimeRange{std::max(Seconds{0}, here - Seconds{kLoopAround}), here + Seconds{kLoopAround}}));
}

void Bench::step(int frames) {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->scan) return;
    player_.stop();
    const PictureTimes& p = f->scan->pictures;
    moveTo(p.timeOf(p.frameAt(seam_->playhead()) + frames), true);
}

void Bench::playOrStop() {
    if (player_.playing()) {
        player_.stop();
    } else {
        setLoop();
        const auto loop = looping_ ? seam_->selection() : std::nullopt;
        const Seconds here = seam_->playhead();
        const bool outside = loop && (here < loop->start || here >= loop->end);
        player_.play(outside ? loop->start : here);
    }
    listen_->setAudible(player_.audible());
}

void Bench::resizeEvent(QResizeEvent*) {
    // The picture takes what a 16:9 frame needs of the upper third, and no more.
    const bool low = height() < kLowBench;
    spots_->setFixedHeight(low ? 72 : 92);
    slips_->setFixedHeight(low ? 56 : 68);
    curve_->setFixedHeight(low ? 56 : 68);
    const int high = std::clamp(height() * 34 / 100, 198, 520);
    const int wide = std::min((high - 24) * 16 / 9, width() * 38 / 100);
    picture_->setFixedSize(wide, high);
    strip_->setVisible(height() >= kRoomForStrip);
    askForPicture();
}

}  // namespace brisk::app
