// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/shared_sound_source.h"

namespace brisk::app {
namespace {

constexpr float kFullScale = 0.2f;  // outlines hold at most 1

void prepare(SharedSoundSource::Side& side, OnsetCurve curve) {
    side.curve = std::move(curve);
    for (float& v : side.curve.values) v *= kFullScale;
    side.outline.push(side.curve.values);
    side.outline.finish();
}

}  // namespace

SharedSoundSource::SharedSoundSource(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {}

SharedSoundSource::~SharedSoundSource() {
    job_.requestStop();
}

void SharedSoundSource::want(const PlacedPair& pair) {
    if (wanted_ && wanted_->take == pair.take && wanted_->recording == pair.recording &&
        wanted_->tether.line == pair.tether.line) {
        return;
    }
    job_.requestStop();
    job_ = JobControl{};
    wanted_ = pair;
    worker_->ask({pair, job_});
}

std::shared_ptr<const SharedSoundSource::Curves> SharedSoundSource::of(
    const PlacedPair& pair) const {
    const bool same = known_ && known_->take == pair.take && known_->recording == pair.recording;
    return same ? known_ : nullptr;
}

void SharedSoundSource::work(const Request& r) {
    ClockLine line = r.pair.tether.line;
    line.offset = line.toRecording(r.pair.take->onTake().start);
    auto shared = sharedSound(r.pair.take->bands, r.pair.recording->bands, line, r.job);
    if (!shared) return;  // stopped: a newer wish is waiting
    auto curves = std::make_shared<Curves>();
    curves->take = r.pair.take;
    curves->recording = r.pair.recording;
    prepare(curves->camera, std::move(shared->scratch));
    prepare(curves->clean, std::move(shared->clean));
    worker_->bringBack([this, curves, job = r.job] {
        if (job.stopRequested()) return;
        known_ = curves;
        emit ready();
    });
}

}  // namespace brisk::app
