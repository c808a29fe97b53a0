// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/proof/echo_gauge.h"

namespace brisk::app {

EchoGauge::EchoGauge(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); },
                                                      [this] { probe_.reset(); },
                                                      LatestWorker<Request>::Standing::Back)) {}

EchoGauge::~EchoGauge() {
    ending_.requestStop();
}

void EchoGauge::ask(const PlacedPair& pair, Seconds moment) {
    worker_->ask({pair.at(moment), moment});
}

void EchoGauge::work(const Request& r) {
    if (!probe_ || openTake_ != r.pair.take || openRecording_ != r.pair.recording) {
        probe_.reset();
        openTake_ = r.pair.take;
        openRecording_ = r.pair.recording;
        auto opened = LagProbe::open(*openTake_, *openRecording_);
        if (!opened) return;  // the file list says what is wrong
        probe_.emplace(std::move(*opened));
    }
    auto found = probe_->at(r.pair.tether.line, r.moment, ending_);
    if (!found) return;
    emit measured(found->has_value(), *found ? (*found)->slip.value : 0.0, r.moment.value);
}

}  // namespace brisk::app
