// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/bench.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/bench/first_look.h"
#include "app/card/distance_row.h"
#include "app/card/microphone_row.h"
#include "app/card/tether_card.h"
#include "app/listen/listen_bar.h"
#include "app/listen/loudness_menu.h"
#include "app/picture/filmstrip.h"
#include "app/picture/frame_tip.h"
#include "app/picture/other_picture.h"
#include "app/picture/picture_view.h"
#include "app/proof/slip_line.h"
#include "app/proof/spot_checks.h"
#include "app/seam/match_curve_view.h"
#include "app/seam/seam_view.h"
#include "app/spine/words.h"
#include "app/style/sizes.h"
#include "app/tray/cut_tools.h"
#include "app/tray/loose_ways.h"
#include "app/tray/place_bar.h"
#include "app/tray/quiet_tools.h"
#include "app/tray/recording_ways.h"
#include "app/tray/sound_panel.h"
#include "app/tray/trim_page.h"
#include "core/time_text.h"
#include "day/permissions.h"
#include "day/place_offers.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {
/// The recording's time that a take covers at an offset, and `more` on either side.
TimeRange aroundTake(const PlacedPair& pair, Seconds offset, Seconds more) {
    return {offset - more, offset + pair.take->endOfTake() + more};
}

/// How much of the take is kept.
QString keptWords(const TakeView& v) {
    Seconds kept{0};
    for (const TimeRange& r : v.kept) kept = kept + r.length();
    if (v.kept.size() == 1 && kept == v.whole.length()) {
        return QObject::tr("The whole take is kept.");
    }
    const auto clock = [](Seconds t) { return clockWords(t, 1); };
    return v.kept.size() == 1 ? QObject::tr("One piece is kept, %1 of %2.")
                                    .arg(clock(kept), clock(v.whole.length()))
                              : QObject::tr("%1 pieces are kept, %2 of %3.")
                                    .arg(v.kept.size())
                                    .arg(clock(kept), clock(v.whole.length()));
}

constexpr double kTryWithin = 2;  // seconds around a place that is tried
constexpr double kNearby = 10;    // seconds either way that are near
constexpr int kLowBench = 620;    // pixels of height
constexpr int kHighBench = 820;
constexpr int kSeamWanted = 270;      // pixels, before the picture grows
constexpr int kBenchTop = 16;         // pixels above it
constexpr int kRoomForStrip = 860;    // pixels of height
constexpr int kRecordingCard = 116;   // pixels of height
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
    const auto alone = [&](Verb v, Verb other, const QWidget* part) {
        verbs.teachToggle(v, [this, &verbs, other, part](bool on) {
            if (on) verbs.action(other)->setChecked(false);
            showAlone(on ? part : nullptr);
        });
    };
    alone(Verb::SeamAlone, Verb::PictureAlone, seam_);
    alone(Verb::PictureAlone, Verb::SeamAlone, picture_);
    verbs.teachToggle(Verb::SkipCuts, [this](bool on) {
        skipping_ = on;
        setKept();
    });
    verbs.action(Verb::SkipCuts)->setChecked(true);
    verbs.teachToggle(Verb::OtherCamera, [this](bool on) {
        other_->setWanted(on);
        laySizes();
    });
}

void Bench::setKept() {
    const TakeView& v = session_.view(take_);
    const bool whole = v.kept.size() == 1 && v.kept.front() == v.whole;
    player_.setKept(skipping_ && !v.isRecording && !whole ? v.kept : TimeRanges{});
}

void Bench::showAlone(const QWidget* part) {
    alone_ = part;
    picture_->setVisible((!part && !session_.view(take_).isRecording) || part == picture_);
    card_->setVisible(!part);
    seam_->setVisible(!part || part == seam_);
    tray_->setVisible(!part);
    laySizes();
    if (part == seam_) seam_->setFocus();
}

void Bench::lookAround(const std::function<void()>& done) {
    if (findChild<FirstLook*>()) return;
    auto* look = new FirstLook(
        {{card_, tr("What is known of this take stands here in words, and the one thing to do "
                    "next is the green button.")},
         {seam_, tr("The camera's sound grows upwards, the recorder's clean sound downwards. When "
                    "they are in place, one is the reflection of the other. Turn the wheel to come "
                    "closer.")},
         {tray_, tr("Four steps in the order of work: where it falls, whether it fits to the end, "
                    "what it shall sound like, what is kept.")}},
        this);
    connect(look, &FirstLook::done, this, [look, done] {
        look->deleteLater();
        done();
    });
}

void Bench::lay(Verbs& verbs) {
    Session& session = session_;
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, kBenchTop, 0, 0);
    column->setSpacing(0);
    auto* top = new QHBoxLayout;
    top->setSpacing(0);
    picture_ = new PictureView(verbs, this);
    card_ = new TetherCard(session, verbs, this);
    top->addWidget(picture_);
    other_ = new OtherPicture(session, verbs, this);
    top->addSpacing(2);
    top->addWidget(other_);
    top->addWidget(card_, 1);
    column->addLayout(top);
    strip_ = new Filmstrip(this);
    strip_->hide();
    column->addWidget(strip_);
    seam_ = new SeamView(session, verbs, this);
    column->addWidget(seam_, 1);
    tray_ = new Tray(verbs, this);
    layTray(verbs);
    column->addWidget(tray_);
    listen_ = new ListenBar(verbs, this);
    column->addWidget(listen_);
    tip_ = new FrameTip(this);
    cuts_ = new CutTools(session, verbs, this, [this] { return where(); });
}

CutTools::Where Bench::where() const {
    return {take_, seam_->playhead(), seam_->selection()};
}

void Bench::layTray(Verbs& verbs) {
    auto* placing = new QWidget(tray_);
    auto* sides = new QHBoxLayout(placing);
    sides->setContentsMargins(0, 0, 0, 0);
    sides->setSpacing(16);
    auto* left = new QVBoxLayout;
    left->setSpacing(2);
    loose_ = new LooseWays(session_, verbs, placing);
    left->addWidget(loose_);
    recording_ = new RecordingWays(session_, verbs, placing);
    left->addWidget(recording_);
    place_ = new PlaceBar(session_, verbs, placing);
    distance_ = new DistanceRow(session_, verbs, placing);
    left->addWidget(place_);
    left->addWidget(distance_);
    left->addStretch(1);
    sides->addLayout(left, 3);
    curve_ = new MatchCurveView(session_, placing);
    sides->addWidget(curve_, 1);
    tray_->addPage(placing);

    auto* checking = new QWidget(tray_);
    auto* lenses = new QVBoxLayout(checking);
    lenses->setContentsMargins(0, 0, 0, 0);
    lenses->setSpacing(0);
    spots_ = new SpotChecks(session_, proof_, checking);
    slips_ = new SlipLine(proof_, checking);
    lenses->addWidget(spots_);
    lenses->addWidget(slips_);
    tray_->addPage(checking);

    auto* sounding = new QWidget(tray_);
    auto* sounds = new QVBoxLayout(sounding);
    sounds->setContentsMargins(0, 0, 0, 0);
    sounds->setSpacing(2);
    sound_ = new SoundPanel(session_, sounding);
    microphone_ = new MicrophoneRow(session_, sounding);
    sounds->addWidget(microphone_);
    sounds->addWidget(sound_);
    sounds->addWidget(new QuietTools(session_, verbs, sounding, [this] { return where(); }));
    sounds->addStretch(1);
    tray_->addPage(sounding);
    soundPage_ = sounding;

    tray_->addPage(new TrimPage(verbs, tray_));
    tray_->open(Step::Place);
}

void Bench::connectParts() {
    connect(tray_, &Tray::opened, this, &Bench::refreshTray);
    connect(&proof_, &Proof::changed, this, &Bench::refreshTray);
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
    connect(seam_, &SeamView::cleanDragged, this,
            [this](double by) { spots_->preview(Seconds{by}); });
    connect(seam_, &SeamView::takeWanted, this, &Bench::takeWanted);
    connect(seam_, &SeamView::takeDropped, this, [this](int take, double at) {
        recording_->lay(take, Seconds{at}, {"laid-where-dropped"});
    });
    connect(recording_, &RecordingWays::laid, this, &Bench::takeWanted);
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
    connect(&gauge_, &EchoGauge::measured, this, [this](bool common, double slip, double moment) {
        const std::optional<Tether>& t = session_.view(take_).tether;
        const auto way = t ? pathNear(t->found.path, Seconds{moment}, Seconds{slip}) : Seconds{0};
        listen_->setSlip(common ? std::optional(Seconds{slip}) : std::nullopt, way);
    });
    connect(seam_, &SeamView::cutWanted, cuts_, &CutTools::popup);
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
    connect(&player_, &Player::moved, this, [this](double t) {
        noteListening(Seconds{t});
        moveTo(Seconds{t}, true);
    });
    connect(&listen_->loudness(), &LoudnessMenu::deviceChosen, this, &Bench::deviceChosen);
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
            [this](const QString& path, const QImage& image, double time) {
                const MediaItem* m = session_.state().item(take_);
                if (m && path.toStdString() == m->path) picture_->setPicture(image, Seconds{time});
            });
    connect(&pictures_, &PictureSource::failed, this,
            [this](const QString&, const QString& sentence) { picture_->setProblem(sentence); });
}

void Bench::showTake(int take) {
    if (take == take_) return;
    player_.stop();
    if (take_ != 0) session_.leave(take_, seam_->playhead());
    take_ = take;
    heard_ = {};
    picture_->clear();
    recording_->showMedia(take);
    card_->showTake(take);
    distance_->showTake(take);
    microphone_->showTake(take);
    sound_->showTake(take);
    seam_->showTake(take);
    loose_->showTake(take);
    place_->showTake(take);
    curve_->showTake(take);
    spots_->showTake(take);
    asked_.reset();
    laySizes();
    const Seconds left = session_.leftAt(take).value_or(Seconds{0});
    refresh();
    moveTo(left, true);
}

void Bench::refreshTray() {
    const TakeView& v = session_.view(take_);
    const Fact fixed = whyNotMove(v);
    if (v.isRecording) {
        tray_->setWords(Step::Place, tr("Which take belongs here?"));
        for (const Step s : {Step::Check, Step::Sound, Step::Trim}) {
            tray_->setWords(s, inWords(Fact{"a-recording"}));
        }
        return;
    }
    const bool laid = v.placed && v.tether->placedByHand;
    tray_->setWords(Step::Place,
                    v.placed && !fixed.empty() ? inWords(fixed)
                    : laid ? tr("Drag the clean sound until the two face each other, then listen.")
                           : tr("Where does it fall?"));
    tray_->setWords(Step::Check, v.pair ? slips_->verdict() : inWords(whyNotHear(v)));
    tray_->setWords(Step::Sound, sound_->holds());
    tray_->setWords(Step::Trim, v.pair
                                    ? keptWords(v)
                                    : tr("%1 A search uses what is kept alone.").arg(keptWords(v)));
}

void Bench::askForStep() {
    if (!session_.facts(take_)) return;
    const TakeView& v = session_.view(take_);
    const Step asks = stepFor(v);
    // A person's own choice of a step holds until the take asks for another; what is being moved
    // stays under the hand that moves it.
    const bool moving = asked_ && (v.state == TetherState::Slipped ||
                                   (v.state == TetherState::NeedsAnEar && v.tether->movedByHand()));
    if (asked_ != asks && !moving) tray_->open(asks);
    asked_ = asks;
}

void Bench::openStep(Step step) {
    tray_->open(step);
}

void Bench::refresh() {
    const MediaFacts* f = session_.facts(take_);
    const auto pair = session_.view(take_).pair;
    const auto sound = session_.view(take_).sound;
    session_.wantLevel(take_);
    player_.load(playable(), sound);
    setKept();
    pair ? proof_.examine(*pair) : proof_.clear();
    spots_->setVisible(pair.has_value());
    slips_->setVisible(pair.has_value());
    // Where there is one place there is nothing to choose from.
    curve_->setVisible(pair && offersOf(pair->tether.found).size() > 1);
    soundPage_->setEnabled(!session_.view(take_).isRecording);
    listen_->setOneSound(session_.view(take_).isRecording);
    listen_->setCleanAvailable(pair ? Fact{} : whyNotHear(session_.view(take_)));
    askForStep();
    refreshTray();
    gaugedAt_ = -1;
    listen_->setAudible(player_.audible());
    player_.setHearing(listen_->hearing());
    scrubber_.load(playable(), sound);
    if (!f || !f->scan) return;
    if (!session_.view(take_).isRecording) {
        strip_->showTake(QString::fromStdString(f->info.path), f->scan->pictures.end());
    }
    moveTo(seam_->playhead(), false);
}

std::shared_ptr<const SoundScan> Bench::playable() const {
    const MediaFacts* f = session_.facts(take_);
    if (!f || !f->scan) return nullptr;
    if (!session_.view(take_).isRecording || !f->scan->info.video) return f->scan;
    // A video of which only the sound is wanted: no picture to count from.
    if (soundOnly_.first != f->scan) {
        auto sound = std::make_shared<SoundScan>(*f->scan);
        sound->info.video.reset();
        sound->pictures = {};
        soundOnly_ = {f->scan, std::move(sound)};
    }
    return soundOnly_.second;
}

void Bench::noteListening(Seconds at) {
    constexpr Seconds kListened{1}, kStride{1};  // a longer stride is a jump
    const Seconds by = at - heardAt_;
    heardAt_ = at;
    const bool clean = player_.playing() && player_.audible() &&
                       player_.hearing().what != Listen::Camera && session_.view(take_).pair;
    if (!clean || by <= Seconds{0} || by > kStride) return;
    heard_ = heard_ + by;
    if (heard_ >= kListened) session_.noteHeard(take_);
}

void Bench::setSoundDevice(const QByteArray& id) {
    player_.setDevice(id);
    listen_->loudness().setDevice(id);
}

void Bench::setSelected(std::function<std::vector<int>()> selected) {
    loose_->setSelected(std::move(selected));
}

void Bench::setPlayhead(Seconds t) {
    player_.stop();
    moveTo(t, true);
}

void Bench::moveTo(Seconds t, bool follow) {
    seam_->setPlayhead(t, follow);
    listen_->setPosition(seam_->playhead());
    const MediaFacts* f = session_.facts(take_);
    if (session_.view(take_).isRecording) return session_.leave(take_, seam_->playhead());
    if (f && f->scan && !f->scan->pictures.empty()) {
        const PictureTimes& pictures = f->scan->pictures;
        const auto n = pictures.frameAt(seam_->playhead());
        const Seconds end = n + 1 < pictures.count() ? pictures.timeOf(n + 1) : pictures.end();
        picture_->setNumbers(n, seam_->playhead(), {pictures.timeOf(n), end});
        distance_->setFrame({pictures.timeOf(n), end});
    }
    askForPicture();
    other_->showMoment(take_, seam_->playhead());
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
    if (!onCleanSound || session_.view(take_).isRecording) {
        return session_.putMark(take_, here, exactly);
    }
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
    if (session_.view(take_).isRecording) return;
    const PictureTimes& pictures = f->scan->pictures;
    const Seconds t{takeSeconds};
    if (t < Seconds{0} || t >= pictures.end()) return tip_->leave();
    const auto frame = pictures.frameAt(t);
    tip_->hover(QString::fromStdString(f->info.path), pictures.timeOf(frame), frame,
                seam_->mapTo(this, QPoint(x, 0)));
}

void Bench::askForPicture() {
    const MediaItem* m = session_.state().item(take_);
    if (!m || m->role == MediaKind::Recording) return;
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
    // A recording has no frames: a fiftieth of a second is as good a step.
    if (session_.view(take_).isRecording || f->scan->pictures.empty()) {
        return moveTo(seam_->playhead() + Seconds{0.02 * frames}, true);
    }
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
    laySizes();
}

void Bench::laySizes() {
    // The seam gets what grows first; the picture no more than a 16:9 frame beside the card needs.
    const bool low = height() < kLowBench;
    fixHeight(spots_, low ? 54 : 60);
    const int line = low ? 30 : height() > kHighBench ? 72 : 42;
    fixHeight(slips_, line);
    fixHeight(curve_, low ? 64 : 76);
    fixHeight(tray_, low ? 122 : line + 106);
    if (alone_ == picture_) {
        other_->hide();
        picture_->setFixedSize(width() - 16, height() - 16 - listen_->height());
        strip_->hide();
    } else {
        // Of what has a fixed height that, which it has before it is laid out, too.
        const int left =
            height() - kBenchTop - tray_->maximumHeight() - listen_->maximumHeight() - kSeamWanted;
        const int high = std::clamp(std::min(height() * 29 / 100, left), 132, 420);
        const bool two = other_->shown() && !alone_;
        const int wide = std::min((high - 24) * 16 / 9, width() * (two ? 27 : 38) / 100);
        picture_->setFixedSize(wide, high);
        other_->setFixedSize(wide, high);
        // A recording by itself has no picture, and its card few words: the seam gets the room.
        const bool recording = session_.view(take_).isRecording;
        card_->setFixedHeight(recording ? scaled(kRecordingCard) : high);
        const bool pictures = !alone_ && !recording;
        picture_->setVisible(pictures);
        other_->setVisible(pictures && two);
        strip_->setVisible(pictures && height() >= kRoomForStrip);
    }
    askForPicture();
}

}  // namespace brisk::app
