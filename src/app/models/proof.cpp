// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/proof.h"

#include <QTimer>
#include <algorithm>
#include <cmath>

#include "align/telling_moments.h"

namespace brisk::app {
namespace {

constexpr double kLensHalf = 0.05;  // seconds of samples around a moment
constexpr double kEverySeconds = 3;
constexpr int kFewestSlips = 12;
constexpr int kMostSlips = 160;
constexpr double kProbeReach = 0.2;  // seconds of slip that the probe surely finds
constexpr double kWorthNaming = 0.0001;
constexpr double kEdge = 0.85;  // a slip is measured around a moment
constexpr std::size_t kTellEvery = 10;

std::shared_ptr<const SampleStretch> stretchAround(const std::shared_ptr<const SoundScan>& scan,
                                                   SoundReader& reader, Seconds middle) {
    auto s = std::make_shared<SampleStretch>();
    s->scan = scan;
    const auto from = std::max<std::int64_t>(0, scan->rate.samples(middle - Seconds{kLensHalf}));
    const auto to = std::min(scan->samples, scan->rate.samples(middle + Seconds{kLensHalf}));
    if (to <= from) return nullptr;
    s->first = from;
    s->samples.resize(static_cast<std::size_t>(to - from));
    if (!readMono(reader, from, s->samples, scan->channel)) return nullptr;
    return s;
}

}  // namespace

Proof::Proof(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {}

Proof::~Proof() {
    job_.requestStop();
}

void Proof::examine(const PlacedPair& pair) {
    const bool samePair = pair_ && pair.take == pair_->take && pair.recording == pair_->recording;
    if (samePair && pair.tether.line == pair_->tether.line) return;
    job_.requestStop();
    job_ = JobControl{};
    pair_ = pair;
    // Moved by a little, the old figures are shown until there are new ones.
    if (!samePair) state_ = {};
    state_.done = false;
    worker_->ask({pair, job_});
    emit changed();
}

void Proof::clear() {
    if (!pair_) return;
    job_.requestStop();
    pair_.reset();
    state_ = {};
    emit changed();
}

std::optional<std::size_t> Proof::worstSpot() const {
    std::optional<std::size_t> worst;
    for (std::size_t i = 0; i < state_.spots.size(); ++i) {
        const auto& slip = state_.spots[i].slip;
        if (!slip) continue;
        if (!worst || std::fabs(slip->value) > std::fabs(state_.spots[*worst].slip->value)) {
            worst = i;
        }
    }
    // Where none is out by anything that could be told, none is the worst.
    if (worst && std::fabs(state_.spots[*worst].slip->value) < kWorthNaming) worst.reset();
    return worst;
}

void Proof::tell(const Request& r, ProofState state) {
    state.verdict = fitVerdict(state.slips);
    QMetaObject::invokeMethod(
        this,
        [this, job = r.job, state = std::move(state)]() mutable {
            if (job.stopRequested()) return;
            state_ = std::move(state);
            emit changed();
        },
        Qt::QueuedConnection);
}

void Proof::work(const Request& r) {
    const auto& [tether, take, recording] = r.pair;
    const ClockLine line = tether.line;
    auto probe = SlipProbe::open(*take, *recording);
    auto camera = take->open();
    auto clean = recording->open();
    if (!probe || !camera || !clean) return;  // the file list says what is wrong
    ProofState s;
    s.overlap = r.pair.overlap();
    const auto slipAt = [&](Seconds t) -> std::optional<Seconds> {
        auto found = probe->at(line, t, r.job);
        if (found && *found) return (*found)->slip;
        // Where the recorder jumped by more than the probe reaches: by the other lines found.
        for (const TetherSegment& segment : tether.found.segments) {
            const Seconds away = line.toRecording(t) - segment.line.toRecording(t);
            if (std::fabs(away.value) < kProbeReach) continue;
            auto other = probe->at(segment.line, t, r.job);
            if (other && *other) return away + (*other)->slip;
        }
        return std::nullopt;
    };
    const Seconds scratchStart = take->onTake().start;
    const auto moments = tellingMoments(*take, *recording, line, s.overlap, 5);
    for (std::size_t i = 0; i < s.spots.size() && !r.job.stopRequested(); ++i) {
        SpotCheck& spot = s.spots[i];
        spot.moment = moments[i];
        if (!spot.moment) continue;
        spot.camera = stretchAround(take, *camera, *spot.moment - scratchStart);
        spot.clean = stretchAround(recording, *clean, line.toRecording(*spot.moment));
        spot.slip = slipAt(*spot.moment);
        tell(r, s);
    }
    const double room = s.overlap.length().value - 2 * kEdge;
    const int count =
        room <= 0 ? 0
                  : std::clamp(static_cast<int>(room / kEverySeconds), kFewestSlips, kMostSlips);
    for (int i = 0; i < count && !r.job.stopRequested(); ++i) {
        const Seconds t = s.overlap.start + Seconds{kEdge + room * i / std::max(1, count - 1)};
        s.slips.push_back({t, slipAt(t)});
        if (s.slips.size() % kTellEvery == 0) tell(r, s);
    }
    s.done = true;
    if (!r.job.stopRequested()) tell(r, std::move(s));
}

}  // namespace brisk::app
