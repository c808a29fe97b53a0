// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/level_cache.h"

namespace brisk::app {
namespace {
constexpr std::size_t kMaxKept = 2000;  // takes; each some hundred bytes
}

LevelCache::LevelCache(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { work(r); })) {}

LevelCache::~LevelCache() {
    job_.requestStop();
}

const LevelPlan* LevelCache::ifKnown(const TakeSoundPlan& plan) const {
    TakeSoundPlan key = plan;
    key.level = {};
    for (const auto& [which, level] : known_) {
        if (which == key) return &level;
    }
    return nullptr;
}

const LevelPlan* LevelCache::of(const TakeSoundPlan& plan) {
    if (const LevelPlan* known = ifKnown(plan)) return known;
    TakeSoundPlan key = plan;
    key.level = {};
    if (wanted_ == key) return nullptr;
    job_.requestStop();
    job_ = JobControl{};
    wanted_ = key;
    worker_->ask({std::move(key), job_});
    return nullptr;
}

void LevelCache::work(const Request& r) {
    auto level = resolveLevel(r.plan, r.job);
    if (!level) return;  // stopped, or the file list says what is wrong
    worker_->bringBack([this, plan = r.plan, level = *level] {
        if (wanted_ == plan) wanted_.reset();
        take(plan, level);
    });
}

void LevelCache::take(const TakeSoundPlan& plan, const LevelPlan& level) {
    if (known_.size() >= kMaxKept) known_.pop_front();
    known_.emplace_back(plan, level);
    known_.back().first.level = {};
    emit known();
}

}  // namespace brisk::app
