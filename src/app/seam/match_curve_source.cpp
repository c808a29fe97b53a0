// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/match_curve_source.h"

namespace brisk::app {
namespace {
constexpr std::size_t kMaxKept = 24;
}

MatchCurveSource::MatchCurveSource(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {}

MatchCurveSource::~MatchCurveSource() {
    job_.requestStop();
}

void MatchCurveSource::want(const PlacedPair& pair) {
    Scans scans{pair.take, pair.recording};
    if (known_.contains(scans) || scans == wanted_) return;
    job_.requestStop();
    job_ = JobControl{};
    wanted_ = scans;
    worker_->ask({std::move(scans), job_});
}

const std::vector<MatchPoint>* MatchCurveSource::of(const PlacedPair& pair) const {
    const auto it = known_.find({pair.take, pair.recording});
    return it == known_.end() ? nullptr : &it->second;
}

void MatchCurveSource::work(const Request& r) {
    auto curve = matchCurve(*r.scans.first, *r.scans.second, r.job);
    if (!curve && curve.error().code == ErrorCode::Cancelled) return;
    worker_->bringBack([this, scans = r.scans, curve = std::move(curve)]() mutable {
        if (known_.size() >= kMaxKept) known_.clear();  // it keeps files' scans alive
        // Too short or silent: there is no curve, and that is known.
        known_[scans] = curve ? std::move(*curve) : std::vector<MatchPoint>{};
        wanted_ = {};
        emit ready();
    });
}

}  // namespace brisk::app
