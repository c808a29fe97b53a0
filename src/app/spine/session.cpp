// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/session.h"

#include <QFileInfo>
#include <algorithm>

#include "align/assemble/recorder_files.h"
#include "align/nominate/stamp_place.h"
#include "core/time_text.h"
#include "day/continued_takes.h"
#include "features/onset_settle.h"
#include "features/scan_cache.h"
#include "render/headroom.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"

namespace brisk::app {
namespace {

constexpr double kSettleReach = 0.15;  // seconds around a mark in which an onset may lie
constexpr std::size_t kMaxClaps = 24;
constexpr int kFlushMs = 2000;  // a power cut loses no more

QString nameOf(const std::string& path) {
    return QFileInfo(QString::fromStdString(path)).fileName();
}

}  // namespace

Session::Session(QObject* parent) : QObject(parent) {
    connect(&levels_, &LevelCache::known, this, [this] { emit factsChanged(0); });
    flushSoon_.setSingleShot(true);
    flushSoon_.setInterval(kFlushMs);
    connect(&flushSoon_, &QTimer::timeout, this, [this] {
        if (journal_) flusher_.ask(*journal_);
    });
}
Session::~Session() = default;

const MediaFacts* Session::facts(int id) const {
    const MediaItem* item = state().item(id);
    if (!item) return nullptr;
    const auto it = known_.find(item->path);
    return it == known_.end() ? nullptr : &it->second;
}

std::shared_ptr<const SoundScan> Session::scanOf(int media) const {
    const MediaFacts* f = facts(media);
    return f ? f->scan : nullptr;
}

std::optional<TakeSoundPlan> Session::soundPlan(int take) const {
    if (!placedPair(take)) return std::nullopt;
    auto plan = takeSoundPlan(state(), take, [this](int media) { return scanOf(media); });
    if (plan && (plan->choice.toLoudness || !surelyFits(*plan))) {
        if (const LevelPlan* known = levels_.of(*plan)) plan->level = *known;
    }
    return plan;
}

CleanPieces Session::heardPieces(int take) const {
    const auto plan = soundPlan(take);
    return plan ? plan->clean : CleanPieces{};
}

std::optional<PlacedPair> Session::placedPair(int take) const {
    const Tether* t = state().tetherOf(take);
    if (!t || t->state() == TetherState::Loose) return std::nullopt;
    const MediaFacts* camera = facts(take);
    const MediaFacts* clean = facts(t->recording);
    if (!camera || !camera->scan || !clean || !clean->scan) return std::nullopt;
    PlacedPair pair{*t, camera->scan, clean->scan,
                    takePieces(state(), take, PieceLines::Acoustic,
                               [this](int media) { return scanOf(media); })};
    if (pair.more.size() < 2) pair.more.clear();
    return pair;
}

int Session::mediaOf(const std::shared_ptr<const SoundScan>& scan) const {
    for (const MediaItem& m : state().media) {
        const MediaFacts* f = facts(m.id);
        if (f && f->scan == scan) return m.id;
    }
    return 0;
}

DayFacts Session::dayFacts(int id) const {
    const MediaFacts* f = facts(id);
    if (!f) return {};
    return {&f->info,
            f->scan ? std::max(f->scan->pictures.end(), f->scan->length()) : f->info.duration};
}

Seconds Session::soundStart(int media) const {
    const MediaItem* item = state().item(media);
    const MediaFacts* f = facts(media);
    if (!item || item->role != MediaKind::Take || !f) return {0};
    return f->scan ? f->scan->onTake().start : f->info.soundStartInTake();
}

QString Session::projectName() const {
    return projectPath_.isEmpty() ? tr("New shoot") : QFileInfo(projectPath_).completeBaseName();
}

void Session::addFiles(const QStringList& paths) {
    std::vector<std::string> wanted;
    for (const QString& p : paths) wanted.push_back(QFileInfo(p).absoluteFilePath().toStdString());
    if (wanted.empty()) return;
    work_.start(paths.size() == 1 ? tr("Looking at %1").arg(QFileInfo(paths[0]).fileName())
                                  : tr("Looking at %1 files and folders").arg(paths.size()),
                [this, wanted, known = state().media](const JobControl& job) {
                    auto found = std::make_shared<Gathered>(gather(wanted, known, job));
                    return [this, found] { takeGathered(*found); };
                });
}

void Session::takeGathered(Gathered& found) {
    for (const auto& p : found.problems) addNote(QString::fromStdString(p));
    if (!found.moved.empty()) apply(commands::findMoved(found.moved));
    if (found.items.empty()) return;
    for (auto& info : found.infos) {
        MediaFacts& f = known_[info.path];
        // Added again after it could not be read, or reading was stopped.
        if (!f.problem.isEmpty()) f = {};
        f.info = std::move(info);
    }
    apply(commands::addMedia(found.items));
}

void Session::readMissing() {
    for (const MediaItem& m : state().media) {
        MediaFacts& f = known_[m.path];
        if (!f.peaks && f.problem.isEmpty()) read(m.path);
    }
}

void Session::read(const std::string& path) {
    auto peaks = std::make_shared<PeakPyramid>();
    known_[path].peaks = peaks;
    work_.start(tr("Reading %1").arg(nameOf(path)), [this, path, peaks](const JobControl& job) {
        ScanOptions options;
        options.peaks = peaks;
        options.onInfo = [this, path](const MediaInfo& info) {
            QMetaObject::invokeMethod(this, [this, path, info] { learn(path, info); });
        };
        auto scan = std::make_shared<Result<SoundScan>>(scanKept(path, options, job));
        return [this, path, scan] {
            MediaFacts& f = known_[path];
            if (*scan) {
                f.info = (*scan)->info;
                f.scan = std::make_shared<const SoundScan>(std::move(**scan));
            } else if (scan->error().code == ErrorCode::Cancelled) {
                f.problem = tr("Reading was stopped. Remove it and add it again to read it.");
            } else {
                f.problem = QString::fromStdString(scan->error().sentence);
                addNote(f.problem);
            }
            for (const MediaItem& m : state().media) {
                if (m.path == path) emit factsChanged(m.id);
            }
        };
    });
}

void Session::learn(const std::string& path, const MediaInfo& info) {
    MediaFacts& f = known_[path];
    if (!f.info.sounds.empty()) return;
    f.info = info;
    for (const MediaItem& m : state().media) {
        if (m.path == path) emit factsChanged(m.id);
    }
}

void Session::remove(int id) {
    apply(commands::removeMedia(state(), id));
}

void Session::lock(int take) {
    apply(commands::lock(state(), take));
}
void Session::lockSure(const std::vector<int>& takes) {
    std::vector<int> sure;
    for (const int take : takes) {
        if (state().stateOf(take) == TetherState::Offered) sure.push_back(take);
    }
    if (!sure.empty()) apply(commands::lockAll(sure));
}
void Session::setRole(int media, MediaKind role) {
    apply(commands::setRole(state(), media, role));
}
void Session::setCamera(const std::vector<int>& takes, const QString& name) {
    apply(commands::setCamera(takes, name.trimmed().toStdString()));
}
std::vector<ContinuedTake> Session::continued() const {
    return continuedTakes(state(), [this](int id) { return dayFacts(id); });
}
void Session::joinTakes(const std::vector<ContinuedTake>& joins) {
    if (!joins.empty()) apply(commands::joinTakes(state(), joins));
}
void Session::partTakes(int take) {
    apply(commands::partTakes(state(), take));
}
void Session::unlock(int take) {
    apply(commands::unlock(state(), take));
}
void Session::backToTether(int take) {
    apply(commands::backToTether(state(), take));
}

void Session::setSound(const std::vector<int>& takes, const std::optional<SoundChoice>& choice,
                       const Fact& what) {
    if (!takes.empty()) {
        apply(commands::setTakeSound(state(), takes, choice));
    } else if (choice) {
        apply(commands::setShootSound(state(), *choice, what));
    }
}

TimeRange Session::wholeTake(int take) const {
    const auto scan = scanOf(take);
    const bool seen = scan && !scan->pictures.empty();
    return {{0}, seen ? scan->pictures.end() : dayFacts(take).length};
}

TimeRanges Session::kept(int take) const {
    const TakeEdit* e = state().editOf(take);
    return e && !e->kept.empty() ? e->kept : TimeRanges{wholeTake(take)};
}

void Session::keep(int take, const TimeRanges& kept, const std::string& what) {
    apply(commands::keep(state(), take, kept, wholeTake(take), what));
}

void Session::moveClean(int take, Seconds by) {
    apply(commands::moveClean(state(), take, by));
}
void Session::backToFound(int take) {
    apply(commands::backToFound(state(), take));
}

void Session::place(int take, ClockLine line, const Fact& where) {
    apply(commands::place(state(), take, line, where));
}

void Session::layOn(int take, int recording) {
    const MediaFacts* t = facts(take);
    const MediaFacts* r = facts(recording);
    Seconds offset{0};
    if (t && r) {
        if (const auto stamps = stampPlace(t->info, r->info)) offset = stamps->line.offset;
    }
    apply(commands::layOn(state(), take, recording, offset));
}

void Session::setSoundDelay(int take, Seconds delay) {
    apply(commands::setSoundDelay(state(), take, delay));
}

void Session::hear(int take, int recording) {
    const MediaFacts* chosen = facts(recording);
    if (!chosen) return;
    std::vector<int> together{recording};
    std::vector<TimeRange> taken;
    for (const Tether* t : state().tethersOf(take)) {
        if (t->recording == recording) taken.push_back(t->found.overlap);
    }
    for (const Tether* t : state().tethersOf(take)) {
        const MediaFacts* f = facts(t->recording);
        if (t->recording == recording || !f || !sameRecorder(chosen->info, f->info)) continue;
        const bool free = std::none_of(taken.begin(), taken.end(), [&](const TimeRange& r) {
            return overlapTooMuch(r, t->found.overlap);
        });
        if (!free) continue;
        taken.push_back(t->found.overlap);
        together.push_back(t->recording);
    }
    apply(commands::hear(state(), take, together));
}

void Session::putMark(int media, Seconds time, bool exactly) {
    const MediaFacts* f = facts(media);
    if (!f || !f->scan) return;
    if (exactly) {
        apply(commands::addMark(state(), media, time));
        return;
    }
    const auto scan = f->scan;
    const Seconds start = soundStart(media);
    work_.start(
        tr("Placing a mark"),
        [this, media, time, start, scan](const JobControl&) -> WorkQueue::Finish {
            const auto reach = scan->rate.samples(Seconds{kSettleReach});
            const std::int64_t at = scan->rate.samples(time - start);
            const std::int64_t first = std::max<std::int64_t>(0, at - reach);
            std::vector<float> sound(static_cast<std::size_t>(2 * reach));
            std::optional<std::size_t> onset;
            auto reader = scan->open();
            if (reader && readMono(*reader, first, sound, scan->channel)) {
                onset = settleOnOnset(sound, scan->rate, static_cast<std::size_t>(at - first));
            }
            const Seconds settled =
                onset ? scan->rate.seconds(first + static_cast<std::int64_t>(*onset)) + start
                      : time;
            return [this, media, time, settled, found = onset.has_value()] {
                apply(commands::addMark(state(), media, settled));
                const Seconds by = settled - time;
                emit said(!found ? tr("No onset is near: the mark stays where it was put.")
                                 : tr("The mark settled on the onset %1 %2.")
                                       .arg(QString::fromStdString(slipText({std::fabs(by.value)})),
                                            by.value < 0 ? tr("before") : tr("after")));
            };
        });
}

void Session::moveMark(int mark, Seconds time) {
    apply(commands::moveMark(state(), mark, time));
}
void Session::renameMark(int mark, const QString& name) {
    apply(commands::renameMark(state(), mark, name.toStdString()));
}
void Session::removeMark(int mark) {
    apply(commands::removeMark(state(), mark));
}

bool Session::haveMarksOnBoth(int take) const {
    const Tether* t = state().tetherOf(take);
    return t && !state().marksOf(take).empty() && !state().marksOf(t->recording).empty();
}

std::vector<Seconds> Session::momentsOf(int media, bool claps, std::size_t most) const {
    std::vector<Seconds> out;
    if (!claps) {
        for (const Mark& m : state().marksOf(media)) out.push_back(m.time);
        return out;
    }
    const MediaFacts* f = facts(media);
    if (!f || !f->scan) return out;
    const Seconds start = soundStart(media);
    std::vector<Spike> spikes = f->scan->spikes;
    keepStrongest(spikes, most);
    for (const Spike& s : spikes) out.push_back(s.time + start);
    return out;
}

std::vector<MarkFit> Session::markFits(int take) const {
    const Tether* t = state().tetherOf(take);
    if (!t) return {};
    const bool claps = !haveMarksOnBoth(take);
    const auto onTake = momentsOf(take, claps, kMaxClaps);
    const auto onRecording = momentsOf(t->recording, claps, SpikeDetector::kMaxKept);
    return fitMarks(onTake, onRecording, t->line.drift);
}

std::optional<VideoExportPlan> Session::exportPlan(int take, VideoContainer container,
                                                   const QString& folder) const {
    auto sound = soundPlan(take);
    if (!sound) return std::nullopt;
    return VideoExportPlan{*facts(take)->scan, std::move(*sound), container, folder.toStdString(),
                           "{take} clean"};
}

std::vector<HandedTake> Session::handedTakes(const std::vector<int>& takes) const {
    const ScanOf scans = [this](int media) { return scanOf(media); };
    return brisk::handedTakes(state(), takes, scans, [&](int take) -> std::optional<TakeSoundPlan> {
        if (!placedPair(take)) return std::nullopt;
        auto plan = takeSoundPlan(state(), take, scans);
        // What is not known yet is measured when it is written, take by take.
        const bool wanted = plan && (plan->choice.toLoudness || !surelyFits(*plan));
        if (const LevelPlan* known = wanted ? levels_.ifKnown(*plan) : nullptr) {
            plan->level = *known;
        }
        return plan;
    });
}

void Session::remember(const std::string& what, const std::string& value) {
    if (shoot_.remembered(what) == value) return;
    const bool saved = !projectPath_.isEmpty() && !shoot_.changedSinceSaved();
    shoot_.remember(what, value);
    if (saved) save(projectPath_);
}

void Session::addNote(const QString& sentence) {
    notes_ << sentence;
    emit notesChanged();
}

void Session::dismissNotes() {
    notes_.clear();
    emit notesChanged();
}

}  // namespace brisk::app
