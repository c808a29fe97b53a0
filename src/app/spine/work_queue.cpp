// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/work_queue.h"

#include <algorithm>

#include "app/spine/time_left_words.h"
#include "core/time_left.h"

namespace brisk::app {

WorkQueue::WorkQueue(QObject* parent) : QObject(parent) {
    setAtOnce(0);
    tick_.setInterval(100);
    connect(&tick_, &QTimer::timeout, this, &WorkQueue::changed);
}

void WorkQueue::setAtOnce(int n) {
    atOnce_ = n;
    lanes_.setAtOnce(n > 0 ? n : std::max(2, QThread::idealThreadCount()));
    pool_.setMaxThreadCount(lanes_.most());
    beginWaiting();
}

WorkQueue::~WorkQueue() {
    requestStops();
    pool_.waitForDone();
}

void WorkQueue::start(const QString& what, Work work) {
    add(what, std::move(work), shoot_, {});
}

void WorkQueue::startForAny(const QString& what, Work work, const std::string& lane) {
    add(what, std::move(work), 0, lane);
}

void WorkQueue::newShoot() {
    for (const auto& e : running_) {
        if (e->shoot == shoot_) e->job.requestStop();
    }
    ++shoot_;
}

void WorkQueue::add(const QString& what, Work work, int shoot, const std::string& lane) {
    auto entry = std::make_shared<Entry>();
    entry->what = what;
    entry->lane = lane;
    entry->work = std::move(work);
    entry->shoot = shoot;
    entry->fraction = std::make_shared<std::atomic<double>>(0.0);
    entry->job = JobControl([f = entry->fraction](double v) { f->store(v); });
    if (running_.empty()) startedInRun_ = 0;
    ++startedInRun_;
    running_.push_back(entry);
    waiting_.push_back(std::move(entry));
    tick_.start();
    beginWaiting();
    emit changed();
}

void WorkQueue::beginWaiting() {
    for (;;) {
        std::vector<std::string> lanes;
        for (const auto& e : waiting_) lanes.push_back(e->lane);
        const auto next = lanes_.next(lanes);
        if (!next) return;
        const auto entry = waiting_[*next];
        waiting_.erase(waiting_.begin() + static_cast<std::ptrdiff_t>(*next));
        lanes_.begun(entry->lane);
        begin(entry);
    }
}

void WorkQueue::begin(const std::shared_ptr<Entry>& entry) {
    entry->since.start();
    pool_.start([this, entry, work = std::exchange(entry->work, {})] {
        Finish finish;
        try {
            finish = work(entry->job);
        } catch (...) {
            finish = [this, why = caughtError().fact] { emit failed(why); };
        }
        bringBack([this, entry, finish = std::move(finish)] { finished(entry, finish); });
    });
}

void WorkQueue::finished(const std::shared_ptr<Entry>& entry, const Finish& finish) {
    running_.remove(entry);
    lanes_.ended(entry->lane);
    beginWaiting();
    if (running_.empty()) tick_.stop();
    if (finish && (entry->shoot == 0 || entry->shoot == shoot_)) finish();
    emit changed();
}

bool WorkQueue::busyForShoot() const {
    return std::any_of(running_.begin(), running_.end(),
                       [this](const auto& e) { return e->shoot == shoot_; });
}

QString WorkQueue::title() const {
    const auto it = std::find_if(running_.begin(), running_.end(),
                                 [this](const auto& e) { return e->shoot == shoot_; });
    return it == running_.end() ? QString() : (*it)->what;
}

void WorkQueue::stopAll() {
    requestStops();
    emit stopped();
}

void WorkQueue::requestStops() {
    for (const auto& e : running_) e->job.requestStop();
}

QString WorkQueue::summary() const {
    if (running_.empty()) return {};
    const auto at = std::find_if(running_.begin(), running_.end(),
                                 [](const auto& e) { return e->since.isValid(); });
    const Entry& first = at == running_.end() ? *running_.front() : **at;
    QString text = first.what;
    const auto ended = startedInRun_ - static_cast<int>(running_.size());
    if (startedInRun_ > 1) text += tr(" · %1 of %2").arg(ended + 1).arg(startedInRun_);
    const Seconds elapsed{first.since.isValid() ? static_cast<double>(first.since.elapsed()) / 1000
                                                : 0.0};
    if (const auto left = timeLeft(elapsed, first.fraction->load())) {
        text += tr(" · %1").arg(timeLeftWords(*left));
    }
    return text;
}

double WorkQueue::progress() const {
    if (running_.empty()) return 0;
    double sum = startedInRun_ - static_cast<int>(running_.size());
    for (const auto& e : running_) sum += e->fraction->load();
    return sum / std::max(1, startedInRun_);
}

}  // namespace brisk::app
