// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/scrubber.h"

#include <QMediaDevices>

#include "app/listen/listening_format.h"

namespace brisk::app {
namespace {

constexpr qint64 kScrubMicroseconds = 200000;
constexpr int kIdleMs = 700;

}  // namespace

Scrubber::Scrubber(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {
    idle_.setSingleShot(true);
    idle_.setInterval(kIdleMs);
    connect(&idle_, &QTimer::timeout, this, [this] {
        device_ = nullptr;
        sink_.reset();
    });
    connect(this, &Scrubber::made, this, &Scrubber::play);
}

Scrubber::~Scrubber() = default;

void Scrubber::load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan) {
    sound_ = {std::move(take), std::move(plan)};
}

void Scrubber::scrub(Seconds at) {
    if (sound_.take) worker_->ask({sound_, hearing_, at});
}

void Scrubber::work(const Request& r) {
    if (!open_ || !(openFor_ == r.sound)) {
        open_.reset();
        openFor_ = r.sound;
        auto opened = openTransport(r.sound.take, r.sound.plan);
        if (!opened) return;  // playing says what is wrong
        open_.emplace(std::move(*opened));
    }
    auto piece = open_->grain(Transport::kRate.samples(r.at), r.hearing);
    if (!piece) return;
    emit made(QByteArray(reinterpret_cast<const char*>(piece->data()),
                         static_cast<qsizetype>(piece->size() * sizeof(float))));
}

void Scrubber::play(const QByteArray& piece) {
    if (!sink_) {
        const auto device = QMediaDevices::defaultAudioOutput();
        if (device.isNull()) return;
        const QAudioFormat format = listeningFormat();
        sink_ = makeSink(device, format);
        sink_->setBufferSize(format.bytesForDuration(kScrubMicroseconds));
        device_ = sink_->start();
    }
    idle_.start();
    // What is not played yet is enough: the playhead has moved on.
    const bool plays = sink_->state() != QAudio::StoppedState;
    if (device_ && plays && sink_->bytesFree() >= piece.size()) device_->write(piece);
}

}  // namespace brisk::app
