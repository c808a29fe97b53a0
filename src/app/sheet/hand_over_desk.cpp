// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/sheet/hand_over_desk.h"

#include <QFileInfo>
#include <QStandardPaths>
#include <algorithm>
#include <sstream>
#include <utility>

#include "app/sheet/camera_card.h"
#include "day/whole_recording.h"

namespace brisk::app {
namespace {

constexpr const char* kFolder = "hand_over.folder";
constexpr const char* kPattern = "hand_over.name";
constexpr const char* kFormats = "hand_over.formats";

}  // namespace

std::string rememberedWords(const HandOverChoice& c) {
    std::string words;
    const auto add = [&](bool yes, const char* word) {
        if (!yes) return;
        if (!words.empty()) words.push_back(' ');
        words.append(word);
    };
    const bool mov = c.container == VideoContainer::Mov, mkv = c.container == VideoContainer::Mkv;
    add(c.video, mov ? "mov" : mkv ? "mkv" : "same");
    if (c.codec) add(true, codecName(*c.codec));
    add(c.sound == SoundFormat::Wav, "sound-wav");
    add(c.sound == SoundFormat::Flac, "sound-flac");
    add(c.sound == SoundFormat::WavFloat, "sound-wav-float");
    add(c.check == CheckDepth::Disk, "check-disk");
    add(c.check == CheckDepth::Sound, "check-sound");
    add(c.sha256, "sha256");
    add(c.overFull == OverFull::Limit, "over-limit");
    add(c.overFull == OverFull::Clip, "over-clip");
    add(c.pieces != PieceStart::Exact, pieceStartName(c.pieces));
    add(c.timeline, "otio");
    add(c.editList, "edl");
    add(c.pointAtOriginals, "originals");
    add(c.htmlReport, "page");
    add(c.csvReport, "table");
    add(c.jsonReport, "json");
    add(c.joined, "joined");
    add(c.closeGaps, "close-gaps");
    add(c.wholeRecordings, "whole-recordings");
    add(c.package, "package");
    add(c.manifest, "manifest");
    return words;
}

void takeRemembered(const std::string& words, HandOverChoice& c) {
    std::istringstream all(words);
    c.video = false;
    for (std::string w; all >> w;) {
        if (w == "mov" || w == "mkv" || w == "same") {
            c.video = true;
            c.container = w == "mov"   ? VideoContainer::Mov
                          : w == "mkv" ? VideoContainer::Mkv
                                       : VideoContainer::SameAsTake;
        }
        if (const auto known = codecNamed(w)) c.codec = known;
        if (w == "sound-wav-float") c.sound = SoundFormat::WavFloat;
        if (w == "check-disk") c.check = CheckDepth::Disk;
        if (w == "check-sound") c.check = CheckDepth::Sound;
        c.sha256 = c.sha256 || w == "sha256";
        if (w == "over-limit") c.overFull = OverFull::Limit;
        if (w == "over-clip") c.overFull = OverFull::Clip;
        if (w == "sound-wav") c.sound = SoundFormat::Wav;
        if (w == "sound-flac") c.sound = SoundFormat::Flac;
        c.pieces = pieceStartNamed(w).value_or(c.pieces);
        c.timeline = c.timeline || w == "otio";
        c.editList = c.editList || w == "edl";
        c.pointAtOriginals = c.pointAtOriginals || w == "originals";
        c.htmlReport = c.htmlReport || w == "page";
        c.csvReport = c.csvReport || w == "table";
        c.jsonReport = c.jsonReport || w == "json";
        c.joined = c.joined || w == "joined";
        c.closeGaps = c.closeGaps || w == "close-gaps";
        c.wholeRecordings = c.wholeRecordings || w == "whole-recordings";
        c.package = c.package || w == "package";
        c.manifest = c.manifest || w == "manifest";
    }
}

HandOverDesk::HandOverDesk(Session& session, QObject* parent) : QObject(parent), session_(session) {
    // What was written, or still is, belongs to the shoot that was open.
    connect(&session.document(), &OpenShoot::replaced, this, [this] {
        job_.requestStop();
        running_ = false;
        take_ = 0;
        run_.reset();
        plan_ = {};
        results_.clear();
        made_ = ++wanted_;  // none that is being made is of this one
        writeThen_ = false;
        emit planned();
        emit runningChanged();
    });
}

void HandOverDesk::look() {
    if (take_ != 0 && !running_ && !run_) planAnew();
}

bool HandOverDesk::openToAttention() const {
    return running_ || (run_ && unfinished() > 0);
}

void HandOverDesk::startOver() {
    if (running_) return;
    run_.reset();
    planAnew();
}

void HandOverDesk::begin(int take) {
    if (running_) return;
    take_ = take;
    asked_.clear();
    run_.reset();
    const Shoot& shoot = session_.shoot();
    HandOverChoice c;
    c.folder = shoot.remembered(kFolder);
    if (c.folder.empty()) c.folder = usualFolder_.toStdString();
    if (c.folder.empty()) c.folder = firstFolder(take);
    if (const auto name = shoot.remembered(kPattern); !name.empty()) c.pattern = name;
    if (const auto words = shoot.remembered(kFormats); !words.empty()) takeRemembered(words, c);
    choice_ = c;
    scope_ = takesIn(Scope::Tethered) > 0 ? Scope::Tethered : Scope::ThisTake;
    planAnew();
}

std::filesystem::path HandOverDesk::firstFolder(int take) const {
    const MediaItem* m = session_.state().item(take);
    std::filesystem::path beside =
        m ? std::filesystem::path(m->path).parent_path() : std::filesystem::path();
    if (!isOnCard(beside)) return beside;
    std::filesystem::path saved =
        std::filesystem::path(session_.document().path().toStdString()).parent_path();
    if (!saved.empty() && !isOnCard(saved)) return saved;
    const QString films = QStandardPaths::writableLocation(QStandardPaths::MoviesLocation);
    return films.isEmpty() ? beside : std::filesystem::path(films.toStdString());
}

std::vector<int> HandOverDesk::takes(Scope scope) const {
    if (scope == Scope::ThisTake) return {take_};
    std::vector<int> out;
    for (const int id : session_.state().ids(MediaKind::Take)) {
        const TetherState is = session_.stateOf(id);
        const bool placed = is != TetherState::Loose && is != TetherState::NeedsAnEar;
        if (scope == Scope::Tethered ? is == TetherState::Tethered : placed) out.push_back(id);
    }
    return out;
}

std::size_t HandOverDesk::takesIn(Scope scope) const {
    return takes(scope).size();
}

void HandOverDesk::setScope(Scope scope) {
    if (running_) return;
    scope_ = scope;
    run_.reset();
    planAnew();
}

void HandOverDesk::change(const std::function<void(HandOverChoice&)>& how) {
    if (running_) return;
    how(choice_);
    run_.reset();
    planAnew();
}

void HandOverDesk::planAnew() {
    choice_.shoot = session_.document().name().toStdString();
    const std::vector<int> wanted = takes(scope_);
    PlanWish wish{++wanted_, session_.handedTakes(wanted), choice_, {}};
    if (choice_.wholeRecordings) {
        const MediaLibrary& library = session_.library();
        const DayLayout day =
            layOutDay(session_.state(), [&](int id) { return library.dayFacts(id); });
        wish.recordings = wholeRecordings(session_.state(), wanted, day,
                                          [&](int id) { return library.scanOf(id); });
    }
    planner_.ask(std::move(wish));
}

void HandOverDesk::makePlan(const PlanWish& wish) {
    auto plan =
        std::make_shared<HandOverPlan>(planHandOver(wish.takes, wish.choice, wish.recordings));
    planner_.bringBack([this, number = wish.number, plan] { takePlan(number, std::move(*plan)); });
}

void HandOverDesk::takePlan(int number, HandOverPlan plan) {
    if (number != wanted_) return;
    made_ = number;
    if (running_) return;  // what is being written is what was planned before
    plan_ = std::move(plan);
    results_ = HandOverRun(plan_).results();
    emit planned();
    // Each once: a file that cannot be read would be asked for again and again.
    std::vector<int> unknown;
    for (const PlannedFile& f : plan_.files) {
        const bool asked = std::find(asked_.begin(), asked_.end(), f.take) != asked_.end();
        if (f.take == 0 || asked || !plan_.goesOverFull()) continue;
        asked_.push_back(f.take);
        unknown.push_back(f.take);
    }
    session_.measurePeaks(unknown);
    if (std::exchange(writeThen_, false)) write();
}

std::size_t HandOverDesk::count(FileState state) const {
    return static_cast<std::size_t>(std::count_if(
        results_.begin(), results_.end(), [&](const FileResult& r) { return r.state == state; }));
}

std::size_t HandOverDesk::unfinished() const {
    return count(FileState::Failed) + count(FileState::Stopped);
}

std::size_t HandOverDesk::left() const {
    std::size_t n = 0;
    for (std::size_t i = 0; i < results_.size(); ++i) {
        n += plan_.files[i].problem.empty() && results_[i].state != FileState::Written;
    }
    return n;
}

void HandOverDesk::remember() {
    session_.document().remember(kFolder, choice_.folder.string());
    session_.document().remember(kPattern, choice_.pattern);
    session_.document().remember(kFormats, rememberedWords(choice_));
}

void HandOverDesk::write() {
    if (planning() && !running_) {
        writeThen_ = true;
        return;
    }
    if (running_ || !plan_.problem().empty() || left() == 0) return;
    remember();
    if (!run_) run_ = std::make_shared<HandOverRun>(plan_);
    go({});
}

void HandOverDesk::tryAgain() {
    if (running_ || !run_) return;
    auto files = run_->failed();
    // Reports and timelines tell of what is there now.
    for (std::size_t i = 0; i < plan_.files.size(); ++i) {
        const bool again = std::find(files.begin(), files.end(), i) != files.end();
        if (plan_.files[i].take == 0 && !again) files.push_back(i);
    }
    go(std::move(files));
}

void HandOverDesk::go(std::vector<std::size_t> files) {
    running_ = true;
    job_ = JobControl{};
    emit runningChanged();
    const auto all = static_cast<double>(std::max<std::size_t>(1, results_.size()));
    session_.work().start(tr("Writing %1").arg(QString::fromStdString(choice_.shoot)),
                          [this, run = run_, files = std::move(files), own = job_,
                           all](const JobControl& queue) -> WorkQueue::Finish {
                              const JobControl job = own.within(queue);
                              std::vector<double> progress(run->results().size());
                              run->go(
                                  files,
                                  [&](std::size_t i, const FileResult& r) {
                                      progress[i] = r.progress;
                                      double sum = 0;
                                      for (const double p : progress) sum += p;
                                      queue.report(sum / all);
                                      session_.work().bringBack([this, run, i, r] {
                                          // Of what is written now, and not of before.
                                          if (run != run_ || i >= results_.size()) return;
                                          results_[i] = r;
                                          emit fileChanged(static_cast<int>(i));
                                      });
                                  },
                                  job);
                              return [this, run] {
                                  if (run != run_) return;
                                  running_ = false;
                                  results_ = run->results();
                                  emit runningChanged();
                              };
                          });
}

void HandOverDesk::stop(std::size_t file) {
    if (run_) run_->stop(file);
}

void HandOverDesk::stopAll() {
    job_.requestStop();
}

void HandOverDesk::rename(std::size_t file, const QString& name) {
    if (running_ || run_ || file >= plan_.files.size()) return;
    const std::filesystem::path now = plan_.files[file].path;
    // By the name that the pattern gives it, whatever it was called since.
    std::string from = now.filename().string();
    for (const auto& [pattern, own] : choice_.ownNames) {
        if (possibleName(own) + now.extension().string() == from) from = pattern;
    }
    const std::string own = name.trimmed().toStdString();
    change([&](HandOverChoice& c) {
        if (possibleName(own).empty()) {
            c.ownNames.erase(from);
        } else {
            c.ownNames[from] = own;
        }
    });
}

QList<QUrl> HandOverDesk::written(const std::vector<std::size_t>& files) const {
    QList<QUrl> out;
    for (std::size_t i = 0; i < results_.size(); ++i) {
        const bool asked = files.empty() || std::find(files.begin(), files.end(), i) != files.end();
        if (asked && results_[i].state == FileState::Written) {
            out << QUrl::fromLocalFile(QString::fromStdString(results_[i].path));
        }
    }
    return out;
}

QString HandOverDesk::reportPath() const {
    for (std::size_t i = 0; i < results_.size(); ++i) {
        if (plan_.files[i].kind == FileKind::HtmlReport &&
            results_[i].state == FileState::Written) {
            return QString::fromStdString(results_[i].path);
        }
    }
    return {};
}

}  // namespace brisk::app
