// SPDX-License-Identifier: GPL-3.0-or-later
// Decoding and mixing run on a thread of their own into an eighth of a second of buffer; the sound
// device takes from it. The playhead follows what the device has really played.
#include "app/models/player.h"

#include <QAudioFormat>
#include <QAudioSink>
#include <QIODevice>
#include <QMediaDevices>
#include <algorithm>
#include <condition_variable>
#include <cstring>
#include <deque>
#include <mutex>
#include <thread>

namespace brisk::app {
namespace {
constexpr SampleRate kRate{48000};
constexpr std::size_t kBuffered = 48000 / 8;  // what changes is heard this much later
constexpr std::size_t kBlock = 1024;
constexpr qint64 kDeviceMicroseconds = 80000;
}  // namespace

/// The buffer between the mixing thread and the device.
class MixFeed : public QIODevice {
  public:
    MixFeed(ListeningMix mix, std::int64_t from, Listen listen)
        : mix_(std::move(mix)), listen_(listen), thread_([this, from] { run(from); }) {
        QIODevice::open(QIODevice::ReadOnly);
    }
    ~MixFeed() override {
        {
            const std::lock_guard lock(mutex_);
            ending_ = true;
        }
        wake_.notify_one();
        thread_.join();
    }

    void setListen(Listen l) { listen_ = l; }
    /// The clean sound at another place, from the next block on.
    void replaceClean(PlacedSound clean) {
        const std::lock_guard lock(mutex_);
        nextClean_.emplace(std::move(clean));
    }
    [[nodiscard]] QString problem() {
        const std::lock_guard lock(mutex_);
        return problem_;
    }

    bool isSequential() const override { return true; }
    qint64 bytesAvailable() const override {
        const std::lock_guard lock(mutex_);
        return static_cast<qint64>(ready_.size() * sizeof(float)) + QIODevice::bytesAvailable();
    }

  protected:
    qint64 readData(char* data, qint64 most) override {
        const std::lock_guard lock(mutex_);
        const std::size_t n =
            std::min(ready_.size(), static_cast<std::size_t>(most) / sizeof(float)) &
            ~std::size_t{1};
        for (std::size_t i = 0; i < n; ++i) {
            std::memcpy(data + i * sizeof(float), &ready_[i], sizeof(float));
        }
        ready_.erase(ready_.begin(), ready_.begin() + static_cast<std::ptrdiff_t>(n));
        wake_.notify_one();
        return static_cast<qint64>(n * sizeof(float));
    }
    qint64 writeData(const char*, qint64) override { return -1; }

  private:
    void run(std::int64_t from) {
        auto ok = mix_.seek(from);
        std::optional<PlacedSound> next;
        std::vector<float> block(kBlock * ListeningMix::kChannels);
        while (ok) {
            {
                std::unique_lock lock(mutex_);
                wake_.wait(lock, [&] {
                    return ending_ || ready_.size() < kBuffered * ListeningMix::kChannels;
                });
                if (ending_) return;
                next.swap(nextClean_);
            }
            if (next) {
                ok = mix_.replaceClean(std::move(*next));
                next.reset();
                if (!ok) break;
            }
            ok = mix_.read(block, listen_);
            if (!ok) break;
            const std::lock_guard lock(mutex_);
            ready_.insert(ready_.end(), block.begin(), block.end());
        }
        const std::lock_guard lock(mutex_);
        problem_ = QString::fromStdString(ok.error().sentence);
    }

    ListeningMix mix_;
    std::atomic<Listen> listen_;
    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::deque<float> ready_;
    std::optional<PlacedSound> nextClean_;
    QString problem_;
    bool ending_ = false;
    std::thread thread_;
};

Player::Player(QObject* parent) : QObject(parent) {
    audible_ = !QMediaDevices::defaultAudioOutput().isNull();
    timer_.setInterval(15);
    connect(&timer_, &QTimer::timeout, this, &Player::tick);
}

Player::~Player() {
    closeSink();
}

void Player::load(std::shared_ptr<const SoundScan> take, std::shared_ptr<const SoundScan> recording,
                  ClockLine line, int polarity) {
    const bool same =
        take_ == take && recording_ == recording && line_ == line && polarity_ == polarity;
    if (same) return;
    if (playing_ && recording_ && take_ == take && recording_ == recording && feed_) {
        // Only its place changes: heard at once, and without a click.
        auto moved = PlacedSound::open(*recording_, line, kRate, polarity);
        if (moved) {
            feed_->replaceClean(std::move(*moved));
            line_ = line;
            polarity_ = polarity;
            return;
        }
    }
    const bool goOn = playing_ && take_ == take;
    const Seconds at = position();
    stop();
    take_ = std::move(take);
    recording_ = std::move(recording);
    line_ = line;
    polarity_ = polarity;
    if (goOn) play(at);
}

void Player::play(Seconds from) {
    stop();
    if (!take_) return;
    auto camera = PlacedSound::open(*take_, scratchLine(*take_), kRate);
    if (!camera) {
        emit failed(QString::fromStdString(camera.error().sentence));
        return;
    }
    std::optional<PlacedSound> clean;
    float gain = 1;
    if (recording_) {
        auto opened = PlacedSound::open(*recording_, line_, kRate, polarity_);
        if (!opened) {
            emit failed(QString::fromStdString(opened.error().sentence));
            return;
        }
        clean.emplace(std::move(*opened));
        gain = loudnessGain(*take_, *recording_);
    }
    startedAt_ = from >= endOfTake() ? Seconds{0} : from;
    feed_ = std::make_unique<MixFeed>(ListeningMix(std::move(*camera), std::move(clean), gain),
                                      kRate.samples(startedAt_), listen_);
    const auto device = QMediaDevices::defaultAudioOutput();
    audible_ = !device.isNull();
    if (audible_) {
        QAudioFormat format;
        format.setSampleRate(kRate.hertz);
        format.setChannelCount(ListeningMix::kChannels);
        format.setSampleFormat(QAudioFormat::Float);
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
    timer_.stop();
    closeSink();
    emit moved(at.value);
    emit playingChanged(false);
}

Seconds Player::position() const {
    if (!playing_) return startedAt_;
    const double played = sink_ ? static_cast<double>(sink_->processedUSecs()) * 1e-6
                                : static_cast<double>(clock_.nsecsElapsed()) * 1e-9;
    return std::min(startedAt_ + Seconds{played}, endOfTake());
}

Seconds Player::endOfTake() const {
    if (!take_) return {};
    return take_->endOfTake();
}

void Player::setListen(Listen listen) {
    listen_ = listen;
    if (feed_) feed_->setListen(listen);
}

void Player::tick() {
    const Seconds at = position();
    emit moved(at.value);
    if (const QString p = feed_ ? feed_->problem() : QString(); !p.isEmpty()) {
        stop();
        emit failed(p);
    } else if (at >= endOfTake()) {
        stop();
    }
}

}  // namespace brisk::app
