// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, decoding and mixing run on a thread of their own; the sound device takes from it. The
// playhead follows what the device has really played.
#include "app/models/player.h"

#include <QAudioSink>
#include <QMediaDevices>
#include <algorithm>

#include "app/models/listening_format.h"
#include "app/models/mix_feed.h"

namespace brisk::app {
namespace {
constexpr qint64 kDeviceMicroseconds = 80000;
constexpr double kFirstShuttle = 2, kFastestShuttle = 16;

/// What is heard now can be faded into what is heard then.
bool sameFiles(const std::optional<TakeSoundPlan>& a, const std::optional<TakeSoundPlan>& b) {
    return a && b &&
           std::equal(
               a->clean.begin(), a->clean.end(), b->clean.begin(), b->clean.end(),
               [](const CleanPiece& x, const CleanPiece& y) { return x.recording == y.recording; });
}

}  // namespace

Player::Player(QObject* parent) : QObject(parent) {
    audible_ = !QMediaDevices::defaultAudioOutput().isNull();
    timer_.setInterval(15);
    connect(&timer_, &QTimer::timeout, this, &Player::tick);
}

Player::~Player() {
    closeSink();
}

void Player::load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan) {
    if (take_ == take && plan_ == plan) return;
    if (playing_ && feed_ && take_ == take && sameFiles(plan_, plan)) {
        // Only what is made of it changes: heard at once, and without a click.
        feed_->replaceClean([plan = *plan] { return TakeSound::open(plan, Transport::kRate); });
        plan_ = std::move(plan);
        return;
    }
    const bool goOn = playing_ && take_ == take;
    const Seconds at = position();
    stop();
    take_ = std::move(take);
    plan_ = std::move(plan);
    if (goOn) play(at);
}

void Player::play(Seconds from) {
    stop();
    shuttle_ = 0;
    start(from);
}

void Player::start(Seconds from) {
    if (!take_) return;
    startedAt_ = from >= endOfTake() && shuttle_ >= 0 ? Seconds{0} : from;
    feed_ = std::make_unique<MixFeed>(
        // The scans are kept alive by it.
        [take = take_, plan = plan_] { return openTransport(take, plan); },
        Transport::kRate.samples(startedAt_), hearing_, travel());
    const auto device = QMediaDevices::defaultAudioOutput();
    audible_ = !device.isNull();
    if (audible_) {
        const QAudioFormat format = listeningFormat();
        sink_ = std::make_unique<QAudioSink>(device, format);
        // The default holds most of a second: pressing play, and everything after, would be late.
        sink_->setBufferSize(format.bytesForDuration(kDeviceMicroseconds));
        sink_->start(feed_.get());
        audible_ = sink_->error() == QAudio::NoError;
        if (!audible_) sink_.reset();
    }
    clock_.start();
    playing_ = true;
    timer_.start();
    emit playingChanged(true);
    emit travelling(travel().speed);
}

void Player::closeSink() {
    if (sink_) sink_->stop();
    sink_.reset();
    feed_.reset();
}

void Player::stop() {
    if (!playing_) return;
    const Seconds at = position();
    playing_ = false;
    startedAt_ = at;
    shuttle_ = 0;
    timer_.stop();
    closeSink();
    emit moved(at.value);
    emit playingChanged(false);
    emit travelling(travel().speed);
}

Seconds Player::position() const {
    if (!playing_) return startedAt_;
    return std::clamp(feed_->takeTimeAt(playedFrames()), Seconds{0}, endOfTake());
}

std::int64_t Player::playedFrames() const {
    const double played = sink_ ? static_cast<double>(sink_->processedUSecs()) * 1e-6
                                : static_cast<double>(clock_.nsecsElapsed()) * 1e-9;
    return Transport::kRate.samples(Seconds{played});
}

Travel Player::travel() const {
    return {shuttle_ != 0 ? shuttle_ : speed_, loop_};
}

Seconds Player::endOfTake() const {
    if (!take_) return {};
    return take_->endOfTake();
}

void Player::setHearing(Hearing hearing) {
    hearing_ = hearing;
    if (feed_) feed_->setHearing(hearing);
}

void Player::setSpeed(double speed) {
    speed_ = speed;
    shuttle_ = 0;
    travelChanged();
}

void Player::setLoop(std::optional<TimeRange> takeTime) {
    loop_ = takeTime;
    travelChanged();
}

void Player::shuttle(int direction, Seconds from) {
    const bool goesOn = playing_ && shuttle_ * direction > 0;
    shuttle_ = goesOn ? std::clamp(2 * shuttle_, -kFastestShuttle, kFastestShuttle)
                      : kFirstShuttle * direction;
    playing_ ? travelChanged() : start(from);
}

void Player::travelChanged() {
    if (feed_) feed_->setTravel(travel());
    emit travelling(travel().speed);
}

void Player::tick() {
    if (!sink_) feed_->discardUpTo(playedFrames());
    const Seconds at = position();
    emit moved(at.value);
    if (const QString p = feed_->problem(); !p.isEmpty()) {
        stop();
        emit failed(p);
    } else if (at >= endOfTake() || (travel().speed < 0 && at <= Seconds{0})) {
        stop();
    }
}

}  // namespace brisk::app
