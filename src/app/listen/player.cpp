// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, decoding and mixing run on a thread of their own; the sound device takes from it. The
// playhead follows what the device has really played.
#include "app/listen/player.h"

#include <QAudioDevice>
#include <QElapsedTimer>
#include <QMediaDevices>
#include <algorithm>

#include "app/listen/listening_format.h"
#include "app/listen/mix_feed.h"
#include "app/listen/sink_handle.h"

namespace brisk::app {
namespace {
constexpr qint64 kDeviceMicroseconds = 80000;
constexpr int kAsleepTicks = 70;  // a device that took nothing over so many, a second, is asleep
constexpr double kFirstShuttle = 2, kFastestShuttle = 16;

/// What is heard now can be faded into what is heard then.
bool sameFiles(const std::optional<TakeSoundPlan>& a, const std::optional<TakeSoundPlan>& b) {
    return a && b &&
           std::equal(
               a->clean.begin(), a->clean.end(), b->clean.begin(), b->clean.end(),
               [](const CleanPiece& x, const CleanPiece& y) { return x.recording == y.recording; });
}

QAudioDevice deviceOf(const QByteArray& id) {
    for (const QAudioDevice& d : QMediaDevices::audioOutputs()) {
        if (!id.isEmpty() && d.id() == id) return d;
    }
    return QMediaDevices::defaultAudioOutput();
}

}  // namespace

/// One playing, from play to stop.
struct Player::Run {
    MixFeed feed;
    SinkHandle sink;          // none: the simulated device
    QAudioDevice device;      // that it plays on
    bool begun = false;       // the device, once there is something to hear
    std::int64_t before = 0;  // output frames that devices before this one took
    QElapsedTimer clock;      // of the simulated device
    // Counted in ticks and not in time: while the interface is busy, devices cannot take.
    int ticksAsleep = 0;
    std::int64_t lastTaken = 0;

    Run(MixFeed::Open open, std::int64_t from, Hearing hearing, const Travel& travel)
        : feed(std::move(open), from, hearing, travel) {}
    ~Run() { closeSink(); }
    Run(const Run&) = delete;
    Run& operator=(const Run&) = delete;

    void closeSink() { sink.reset(); }
    /// Output frames that were played so far.
    [[nodiscard]] std::int64_t played() const {
        if (!begun) return before;
        const double here = sink ? static_cast<double>(sink->processedUSecs()) * 1e-6
                                 : static_cast<double>(clock.nsecsElapsed()) * 1e-9;
        return before + Transport::kRate.samples(Seconds{here});
    }
    [[nodiscard]] Seconds takeTime() const { return feed.takeTimeAt(played()); }
};

Player::Player(QObject* parent, OpenSound open) : QObject(parent), open_(std::move(open)) {
    audible_ = !QMediaDevices::defaultAudioOutput().isNull();
    timer_.setInterval(15);
    connect(&timer_, &QTimer::timeout, this, &Player::tick);
}

Player::~Player() {
    timer_.stop();
    run_.reset();
}

void Player::load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan) {
    if (take_ == take && plan_ == plan) return;
    if (run_ && take_ == take && sameFiles(plan_, plan)) {
        // Only what is made of it changes: heard at once, and without a click.
        run_->feed.replaceClean([plan = *plan] { return TakeSound::open(plan, Transport::kRate); });
        plan_ = std::move(plan);
        return;
    }
    const bool goOn = run_ && take_ == take;
    const bool ended = end();
    take_ = std::move(take);
    plan_ = std::move(plan);
    if (goOn) {
        start(stoodAt_);
    } else if (ended) {
        tellThatItEnded();
    }
}

void Player::play(Seconds from) {
    stop();
    shuttle_ = 0;
    start(from);
}

void Player::start(Seconds from) {
    if (!take_) return;
    stoodAt_ = from >= endOfTake() && shuttle_ >= 0 ? Seconds{0} : from;
    audible_ = !QMediaDevices::defaultAudioOutput().isNull();
    run_ = std::make_shared<Run>(
        // The scans are kept alive by it.
        [open = open_, take = take_, plan = plan_] { return open(take, plan); },
        Transport::kRate.samples(stoodAt_), hearing_, travel());
    timer_.start();
    emit playingChanged(playing());
    emit travelling(travel().speed);
}

void Player::openDevice(Run& run) {
    run.closeSink();
    run.before = run.feed.taken();
    const QAudioDevice device = run.device = deviceOf(device_);
    audible_ = !device.isNull();
    if (audible_) {
        const QAudioFormat format = listeningFormat();
        run.sink = makeSink(device, format);
        // The default holds most of a second: pressing play, and everything after, would be late.
        run.sink->setBufferSize(format.bytesForDuration(kDeviceMicroseconds));
        run.sink->start(&run.feed);
        audible_ = run.sink->error() == QAudio::NoError;
        if (!audible_) run.closeSink();
    }
    run.begun = true;
    run.clock.start();
    run.ticksAsleep = 0;
}

QString Player::keepDevice(Run& run) {
    if (!run.begun) {
        if (run.feed.ready()) openDevice(run);
        return {};
    }
    if (!run.sink) {
        run.feed.discardUpTo(run.played());
        return {};
    }
    const std::int64_t taken = run.feed.taken();
    run.ticksAsleep = taken == run.lastTaken ? run.ticksAsleep + 1 : 0;
    run.lastTaken = taken;
    const bool gone = run.sink->state() == QAudio::StoppedState;
    if (!gone && run.ticksAsleep < kAsleepTicks) return {};
    const QAudioDevice was = run.device;
    openDevice(run);
    if (!audible_) {
        return tr("The sound device is gone: playing goes on, but nothing can be heard.");
    }
    return run.device == was ? tr("The sound device had stopped; playing was started on it again.")
                             : tr("%1 is gone: playing goes on on %2.")
                                   .arg(was.description(), run.device.description());
}

void Player::setDevice(const QByteArray& id) {
    if (id == device_) return;
    device_ = id;
    // What plays goes on there.
    if (run_ && run_->begun) openDevice(*run_);
}

bool Player::end() {
    if (!run_) return false;
    stoodAt_ = position();
    shuttle_ = 0;
    timer_.stop();
    run_.reset();
    return true;
}

void Player::tellThatItEnded() {
    emit moved(stoodAt_.value);
    emit playingChanged(playing());
    emit travelling(travel().speed);
}

void Player::stop() {
    if (end()) tellThatItEnded();
}

Seconds Player::position() const {
    if (!run_) return stoodAt_;
    return std::clamp(run_->takeTime(), Seconds{0}, std::max(Seconds{0}, endOfTake()));
}

Travel Player::travel() const {
    return {shuttle_ != 0 ? shuttle_ : speed_, loop_, kept_};
}

Seconds Player::endOfTake() const {
    if (!take_) return {};
    return take_->endOfTake();
}

Seconds Player::endOfWay() const {
    // Begun after the last piece, it goes on to the end.
    const bool within = !kept_.empty() && !loop_ && stoodAt_ < kept_.back().end;
    return within ? std::min(kept_.back().end, endOfTake()) : endOfTake();
}

void Player::setHearing(Hearing hearing) {
    hearing_ = hearing;
    if (run_) run_->feed.setHearing(hearing);
}

void Player::setSpeed(double speed) {
    speed_ = speed;
    shuttle_ = 0;
    travelChanged();
}

void Player::setKept(TimeRanges takeTime) {
    if (kept_ == takeTime) return;
    kept_ = std::move(takeTime);
    travelChanged();
}

void Player::setLoop(std::optional<TimeRange> takeTime) {
    loop_ = takeTime;
    travelChanged();
}

void Player::shuttle(int direction, Seconds from) {
    const bool goesOn = run_ && shuttle_ * direction > 0;
    shuttle_ = goesOn ? std::clamp(2 * shuttle_, -kFastestShuttle, kFastestShuttle)
                      : kFirstShuttle * direction;
    run_ ? travelChanged() : start(from);
}

void Player::travelChanged() {
    if (run_) run_->feed.setTravel(travel());
    emit travelling(travel().speed);
}

void Player::tick() {
    const std::shared_ptr<Run> mine = run_;
    if (!mine) return;
    const QString said = keepDevice(*mine);
    const Seconds at = position();
    const QString problem = mine->feed.problem();
    const bool over = at >= endOfWay() || (travel().speed < 0 && at <= Seconds{0} && mine->begun);
    emit moved(at.value);
    if (!said.isEmpty()) emit deviceChanged(said);
    // Whoever listened may have stopped it, or started something else.
    if (run_ != mine) return;
    if (!problem.isEmpty() || over) stop();
    if (!problem.isEmpty()) emit failed(problem);
}

}  // namespace brisk::app
