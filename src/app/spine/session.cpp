// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/session.h"

#include <QFileInfo>
#include <algorithm>
#include <filesystem>

#include "align/assemble/recorder_files.h"
#include "align/nominate/stamp_place.h"
#include "app/spine/words.h"
#include "core/time_text.h"
#include "day/continued_takes.h"
#include "day/heard_takes.h"
#include "features/onset_settle.h"
#include "render/headroom.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"
#include "shoot/mark_commands.h"
#include "shoot/tethers_by_take.h"

namespace brisk::app {
namespace {

constexpr double kSettleReach = 0.15;  // seconds around a mark in which an onset may lie
constexpr std::size_t kMaxClaps = 24;

}  // namespace

Session::Session(QObject* parent) : QObject(parent), library_(document_, work_) {
    connect(&levels_, &LevelCache::known, this, [this] {
        views_.clear();
        emit factsChanged(0);
    });
    connect(&library_, &MediaLibrary::learned, this, [this](int id) {
        forgetViews();
        shots_.reset();
        matchRead();
        emit factsChanged(id);
    });
    connect(&library_, &MediaLibrary::failed, this, &Session::addNote);
    connect(&library_, &MediaLibrary::moved, this, &Session::said);
    connect(&document_, &OpenShoot::changed, this, [this] {
        forgetViews();
        library_.readMissing();
        matchRead();
        emit changed();
    });
    // What still runs for the shoot that was open is of no use to the next.
    connect(&document_, &OpenShoot::replaced, this, [this] {
        matching_.reset();
        leftAt_.clear();
        forgetViews();
        work_.newShoot();
    });
    connect(&work_, &WorkQueue::stopped, this, [this] {
        if (!matching_) return;
        matching_->stopped = true;
        if (!matching_->running) endMatching();
    });
    connect(&work_, &WorkQueue::failed, this, [this](const Fact& why) { addNote(inWords(why)); });
    connect(&document_, &OpenShoot::said, this, &Session::said);
    connect(&document_, &OpenShoot::noted, this, &Session::addNote);
}
Session::~Session() = default;

void Session::lookAgain(int media) {
    library_.lookAgain(media);
    forgetViews();
    emit factsChanged(media);
}

void Session::forgetViews() {
    views_.clear();
    continued_.reset();
    states_.reset();
    heard_.reset();
}

TetherState Session::stateOf(int take) const {
    if (!states_) states_ = statesOf(state());
    const auto known = states_->find(take);
    return known == states_->end() ? TetherState::Loose : known->second;
}

const TakeView& Session::view(int take) const {
    const auto known = views_.find(take);
    if (known != views_.end()) return known->second;
    const KnownMedia media{[this](int id) {
                               const MediaFacts* f = library_.facts(id);
                               return f ? &f->info : nullptr;
                           },
                           [this](int id) { return library_.scanOf(id); },
                           [this](const TakeSoundPlan& p) { return levels_.ifKnown(p); },
                           continued()};
    return views_.emplace(take, viewOf(state(), take, media)).first->second;
}

void Session::wantLevel(int take) {
    const auto& plan = view(take).sound;
    if (plan && (plan->choice.toLoudness || !surelyFits(*plan))) (void)levels_.of(*plan);
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
    for (const Fact& p : found.problems) addNote(inWords(p));
    if (!found.moved.empty()) apply(commands::findMoved(found.moved));
    if (found.items.empty()) return;
    for (auto& info : found.infos) library_.announce(std::move(info));
    apply(commands::addMedia(found.items));
}

void Session::lockSure(const std::vector<int>& takes) {
    std::vector<int> sure;
    for (const int take : takes) {
        if (stateOf(take) == TetherState::Offered) sure.push_back(take);
    }
    if (!sure.empty()) apply(commands::lockAll(sure));
}
void Session::setSound(const std::vector<int>& takes, const std::optional<SoundChoice>& choice,
                       const Fact& what) {
    if (!takes.empty()) {
        apply(commands::setTakeSound(state(), takes, choice));
    } else if (choice) {
        apply(commands::setShootSound(state(), *choice, what));
    }
}

void Session::layOn(int take, int recording) {
    const MediaFacts* t = library_.facts(take);
    const MediaFacts* r = library_.facts(recording);
    Seconds offset{0};
    if (t && r) {
        if (const auto stamps = stampPlace(t->info, r->info)) offset = stamps->line.offset;
    }
    apply(commands::layOn(state(), take, recording, offset));
}

std::optional<Command> Session::layWay(const std::vector<int>& takes, int recording,
                                       PlaceWay way) const {
    KnownRecordings all;
    for (const int id : state().ids(MediaKind::Recording)) {
        const auto scan = library_.scanOf(id);
        if (scan && (recording == 0 || id == recording)) all.emplace_back(id, scan.get());
    }
    std::vector<Command> each;
    for (const int take : takes) {
        const auto scan = library_.scanOf(take);
        if (!scan || view(take).placed) continue;
        const int on = recording != 0 ? recording : stampedRecording(*scan, all);
        const auto found = std::find_if(all.begin(), all.end(),
                                        [on](const auto& known) { return known.first == on; });
        if (found == all.end()) continue;
        if (auto c = layBy(way, state(), take, on, *scan, *found->second)) {
            each.push_back(std::move(*c));
        }
    }
    if (each.empty()) return std::nullopt;
    return together(std::move(each));
}

bool Session::heard(int take) const {
    if (!heard_) heard_ = HeardTakes(shoot().remembered(HeardTakes::kRemembered));
    return heard_->heard(state(), take);
}

void Session::noteHeard(int take) {
    HeardTakes known(shoot().remembered(HeardTakes::kRemembered));
    if (!known.note(state(), take)) return;
    document_.remember(HeardTakes::kRemembered, known.text());
    heard_.reset();
    emit changed();
}

std::optional<Seconds> Session::leftAt(int media) const {
    const auto it = leftAt_.find(media);
    return it == leftAt_.end() ? std::nullopt : std::optional(it->second);
}

std::optional<Seconds> Session::pinNear(int media, Seconds t) const {
    std::vector<Seconds> moments = marksOf(state(), media);
    if (const auto scan = library_.scanOf(media)) {
        for (const Spike& s : scan->spikes) {
            if (s.strengthDb >= kWorthShowingDb) {
                moments.push_back(s.time + library_.soundStart(media));
            }
        }
    }
    return nearest(moments, t, Seconds{1e9});
}

Fact Session::layByPins(int take, int recording) {
    const auto nameOf = [&](int id) {
        return std::filesystem::path(state().item(id)->path).filename().string();
    };
    const auto there = leftAt(recording);
    if (!there) return {"recording-not-looked-at"};
    const auto onTake = pinNear(take, leftAt(take).value_or(Seconds{0}));
    const auto onRecording = pinNear(recording, *there);
    if (!onTake) return {"no-clap-there", {{"file", nameOf(take)}}};
    if (!onRecording) return {"no-clap-there", {{"file", nameOf(recording)}}};
    apply(layAt(state(), take, recording, *onRecording - *onTake, {"laid-by-claps"}));
    return {};
}

void Session::hear(int take, int recording) {
    const MediaFacts* chosen = library_.facts(recording);
    if (!chosen) return;
    std::vector<int> together{recording};
    std::vector<TimeRange> taken;
    for (const Tether* t : state().tethersOf(take)) {
        if (t->recording == recording) taken.push_back(t->found.overlap);
    }
    for (const Tether* t : state().tethersOf(take)) {
        const MediaFacts* f = library_.facts(t->recording);
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
    const MediaFacts* f = library_.facts(media);
    if (!f || !f->scan) return;
    if (exactly) {
        apply(commands::addMark(state(), media, time));
        return;
    }
    const auto scan = f->scan;
    const Seconds start = library_.soundStart(media);
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
                if (!state().item(media)) return;  // meanwhile taken away
                apply(commands::addMark(state(), media, settled));
                const Seconds by = settled - time;
                emit said(!found ? tr("No onset is near: the mark stays where it was put.")
                                 : tr("The mark settled on the onset %1 %2.")
                                       .arg(slipWords({std::fabs(by.value)}),
                                            by.value < 0 ? tr("before") : tr("after")));
            };
        });
}

MarkOffers Session::markOffers(int take) const {
    const TakeView& v = view(take);
    if (!v.tether) return {};
    const auto moments = [&](int media, std::size_t most) {
        if (v.marksOnBoth) return marksOf(state(), media);
        const auto scan = library_.scanOf(media);
        return scan ? clapsOf(*scan, library_.soundStart(media), most) : std::vector<Seconds>{};
    };
    return offersOf(fitMarks(moments(take, kMaxClaps),
                             moments(v.tether->recording, SpikeDetector::kMaxKept),
                             v.tether->line.drift));
}

std::optional<Seconds> Session::clapNear(int take, Seconds t, Seconds reach) const {
    std::vector<Seconds> moments = marksOf(state(), take);
    if (const auto scan = library_.scanOf(take)) {
        const auto claps = clapsOf(*scan, library_.soundStart(take), SpikeDetector::kMaxKept);
        moments.insert(moments.end(), claps.begin(), claps.end());
    }
    return nearest(moments, t, reach);
}

const std::vector<ContinuedTake>& Session::continued() const {
    if (!continued_) {
        const auto factsOf = [this](int id) { return library_.dayFacts(id); };
        if (!shots_ || shots_->first != state().media) {
            shots_.emplace(state().media, shotOrder(state(), factsOf));
        }
        continued_ = continuedTakes(state(), shots_->second, factsOf);
    }
    return *continued_;
}

std::optional<VideoExportPlan> Session::exportPlan(int take, VideoContainer container,
                                                   const QString& folder) const {
    const TakeView& v = view(take);
    if (!v.sound) return std::nullopt;
    return VideoExportPlan{*v.pair->take, *v.sound, container, folder.toStdString(),
                           "{take} clean"};
}

std::vector<HandedTake> Session::handedTakes(const std::vector<int>& takes) const {
    return brisk::handedTakes(
        state(), takes, [this](int media) { return library_.scanOf(media); },
        // What is not known of its level yet is measured when it is written, take by take.
        [this](int take) { return view(take).sound; });
}

void Session::addNote(const QString& sentence) {
    notes_.removeAll(sentence);  // said anew, it is the newest
    notes_ << sentence;
    emit notesChanged();
}

void Session::dismissNotes() {
    notes_.clear();
    emit notesChanged();
}

}  // namespace brisk::app
