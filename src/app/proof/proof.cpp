// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/proof/proof.h"

#include <QTimer>
#include <algorithm>
#include <cmath>
#include <map>

#include "align/show/telling_moments.h"

namespace brisk::app {
namespace {

constexpr double kLensHalf = 0.05;  // seconds of samples around a moment
constexpr double kEverySeconds = 3;
constexpr int kMinSlipsCount = 12;
constexpr int kMaxSlips = 160;
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

/// The telling moment of each fifth of the overlap, on the piece that is heard there.
std::vector<std::optional<Seconds>> momentsOf(const PlacedPair& pair, TimeRange overlap,
                                              std::size_t count) {
    if (pair.more.empty()) {
        return tellingMoments(*pair.take, *pair.recording, pair.tether.line, overlap,
                              static_cast<int>(count));
    }
    std::vector<std::optional<Seconds>> out;
    for (std::size_t i = 0; i < count; ++i) {
        const auto edge = [&](std::size_t k) {
            return overlap.start +
                   overlap.length() * (static_cast<double>(k) / static_cast<double>(count));
        };
        const TimeRange part{edge(i), edge(i + 1)};
        const PlacedPair there = pair.at((part.start + part.end) / 2);
        out.push_back(tellingMoments(*there.take, *there.recording, there.tether.line,
                                     part.intersect(there.overlap()), 1)
                          .front());
    }
    return out;
}

}  // namespace

/// What was opened to look at a take, kept while it is moved about.
struct Proof::Open {
    /// What is needed to look at one recording.
    struct Clean {
        LagProbe probe;
        SoundReader reader;
    };
    std::shared_ptr<const SoundScan> take;
    SoundReader camera;
    std::map<std::shared_ptr<const SoundScan>, Clean> clean;
};

Proof::Proof(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); },
                                                      [this] { open_.reset(); },
                                                      LatestWorker<Request>::Standing::Back)) {}

Proof::~Proof() {
    job_.requestStop();
}

void Proof::examine(const PlacedPair& pair) {
    if (pair_ && pair.sameSound(*pair_)) return;
    const bool samePair = pair_ && pair.take == pair_->take && pair.recording == pair_->recording;
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
    // Where none is out by anything that could be told, none is the worst.
    std::optional<std::size_t> worst;
    double most = kWorthNaming;
    for (std::size_t i = 0; i < state_.spots.size(); ++i) {
        const SpotCheck& spot = state_.spots[i];
        const double off = spot.slip ? std::fabs((*spot.slip - spot.way).value) : 0;
        if (off < most) continue;
        worst = i;
        most = off;
    }
    return worst;
}

void Proof::tell(const Request& r, ProofState state) {
    auto clocks = state.slips;
    for (SlipPoint& p : clocks) {
        if (p.slip) p.slip = *p.slip - pathNear(state.path, p.time, *p.slip);
    }
    state.verdict = fitVerdict(clocks);
    if (state.verdict.fit == Fit::InPlace) {
        Facts& said = state.verdict.said;
        if (!state.path.empty()) said.push_back({"way-taken-off"});
        // Another place may fit as well, or only what is in the background.
        const bool unsure = r.pair.tether.found.status == MatchStatus::Unsure;
        if (unsure) said.push_back({"fits-but-unsure"});
    }
    worker_->bringBack([this, job = r.job, state = std::move(state)]() mutable {
        if (job.stopRequested()) return;
        state_ = std::move(state);
        emit changed();
    });
}

bool Proof::openFor(const PlacedPair& pair) {
    const auto& take = pair.take;
    if (!open_ || open_->take != take) {
        open_.reset();
        auto camera = take->open();
        if (!camera) return false;  // the file list says what is wrong
        open_ = std::make_unique<Open>(Open{take, std::move(*camera), {}});
    }
    for (const CleanPiece& piece : pair.pieces()) {
        if (open_->clean.contains(piece.recording)) continue;
        auto probe = LagProbe::open(*take, *piece.recording);
        auto reader = piece.recording->open();
        if (!probe || !reader) return false;
        open_->clean.emplace(piece.recording, Open::Clean{std::move(*probe), std::move(*reader)});
    }
    return true;
}

void Proof::work(const Request& r) {
    if (!openFor(r.pair)) return;
    const auto& take = r.pair.take;
    auto& clean = open_->clean;
    ProofState s;
    s.overlap = r.pair.overlap();
    s.path = r.pair.tether.found.path;
    s.unfollowed = leftByOneLine(r.pair.tether.found);
    s.jumps = r.pair.tether.found.jumps();
    const auto slipAt = [&](Seconds t) -> std::optional<Seconds> {
        const PlacedPair there = r.pair.at(t);
        const ClockLine line = there.tether.line;
        LagProbe& probe = clean.at(there.recording).probe;
        auto found = probe.at(line, t, r.job);
        if (found && *found) return (*found)->slip;
        // Where the recorder jumped by more than the probe reaches: by the other lines found.
        for (const TetherSegment& segment : there.tether.found.segments) {
            const Seconds away = line.toRecording(t) - segment.line.toRecording(t);
            if (std::fabs(away.value) < kProbeReach || !r.pair.more.empty()) continue;
            auto other = probe.at(segment.line, t, r.job);
            if (other && *other) return away + (*other)->slip;
        }
        return std::nullopt;
    };
    const Seconds scratchStart = take->onTake().start;
    const auto moments = momentsOf(r.pair, s.overlap, s.spots.size());
    for (std::size_t i = 0; i < s.spots.size() && !r.job.stopRequested(); ++i) {
        SpotCheck& spot = s.spots[i];
        spot.moment = moments[i];
        if (!spot.moment) continue;
        const PlacedPair there = r.pair.at(*spot.moment);
        spot.camera = stretchAround(take, open_->camera, *spot.moment - scratchStart);
        spot.clean = stretchAround(there.recording, clean.at(there.recording).reader,
                                   there.tether.line.toRecording(*spot.moment));
        spot.slip = slipAt(*spot.moment);
        if (spot.slip) spot.way = pathNear(s.path, *spot.moment, *spot.slip);
        tell(r, s);
    }
    const double room = s.overlap.length().value - 2 * kEdge;
    const int count =
        room <= 0 ? 0
                  : std::clamp(static_cast<int>(room / kEverySeconds), kMinSlipsCount, kMaxSlips);
    for (int i = 0; i < count && !r.job.stopRequested(); ++i) {
        const Seconds t = s.overlap.start + Seconds{kEdge + room * i / std::max(1, count - 1)};
        s.slips.push_back({t, slipAt(t)});
        if (s.slips.size() % kTellEvery == 0) tell(r, s);
    }
    s.done = true;
    if (!r.job.stopRequested()) tell(r, std::move(s));
}

}  // namespace brisk::app
