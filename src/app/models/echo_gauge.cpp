// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/echo_gauge.h"

namespace brisk::app {

EchoGauge::EchoGauge(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {}

EchoGauge::~EchoGauge() {
    ending_.requestStop();
}

void EchoGauge::ask(std::shared_ptr<const SoundScan> take,
                    std::shared_ptr<const SoundScan> recording, ClockLine line, Seconds moment) {
    worker_->ask({std::move(take), std::move(recording), line, moment});
}

void EchoGauge::work(const Request& r) {
    if (!probe_ || openTake_ != r.take || openRecording_ != r.recording) {
        probe_.reset();
        openTake_ = r.take;
        openRecording_ = r.recording;
        auto opened = SlipProbe::open(*r.take, *r.recording);
        if (!opened) return;  // the file list says what is wrong
        probe_.emplace(std::move(*opened));
    }
    auto found = probe_->at(r.line, r.moment, ending_);
    if (!found) return;
    emit measured(found->has_value(), *found ? (*found)->slip.value : 0.0, r.moment.value);
}

}  // namespace brisk::app
