// SPDX-License-Identifier: GPL-3.0-or-later
// How the session keeps what was done: every step in a journal, the shoot in its file.
#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <csignal>

#include "app/spine/session.h"
#include "app/spine/words.h"
#include "shoot/commands.h"
#include "shoot/project_file.h"

namespace brisk::app {
namespace {

const QString kUnsaved = QStringLiteral("unsaved-");

/// True where the program that wrote an unsaved shoot still runs.
bool stillRuns(const QString& journal) {
    bool number = false;
    const int pid = QFileInfo(journal).fileName().section('-', 1, 1).toInt(&number);
    return number && pid > 0 && kill(pid, 0) == 0;
}

}  // namespace

void Session::apply(const Command& command) {
    if (!journal_) beginJournal();
    shoot_.apply(command);
    keep([this](Journal& j) { return j.applied(shoot_); });
    readMissing();
    emit changed();
}

void Session::amend(const Command& command) {
    if (!journal_) beginJournal();
    const auto before = shoot_.steps()[shoot_.at()].state;
    shoot_.amend(command);
    keep([&](Journal& j) { return j.amended(*before, shoot_); });
    emit changed();
}

void Session::undo() {
    if (!shoot_.canUndo()) return;
    if (!journal_) beginJournal();
    shoot_.undo();
    keep([](Journal& j) { return j.undone(); });
    readMissing();
    emit changed();
}

void Session::redo() {
    if (!shoot_.canRedo()) return;
    if (!journal_) beginJournal();
    shoot_.redo();
    keep([](Journal& j) { return j.redone(); });
    readMissing();
    emit changed();
}

void Session::goToStep(std::size_t step) {
    while (shoot_.at() > step && shoot_.canUndo()) undo();
    while (shoot_.at() < step && shoot_.canRedo()) redo();
}

void Session::keepSnapshot(const QString& name) {
    if (!journal_) beginJournal();
    shoot_.keepSnapshot(name.toStdString());
    keep([&](Journal& j) { return j.snapshotKept(name.toStdString()); });
    emit said(tr("Kept as \"%1\".").arg(name));
    emit changed();
}

void Session::backToSnapshot(std::size_t snapshot) {
    const auto& kept = shoot_.snapshots();
    if (snapshot < kept.size()) apply(commands::backToSnapshot(kept[snapshot]));
}

void Session::takeAsInSnapshot(int take, std::size_t snapshot) {
    const auto& kept = shoot_.snapshots();
    if (snapshot < kept.size()) apply(commands::takeAsInSnapshot(state(), take, kept[snapshot]));
}

void Session::beginJournal() {
    std::filesystem::path place;
    if (!projectPath_.isEmpty()) {
        place = journalPlace(projectPath_.toStdString());
    } else if (const auto folder = stateFolder(); !folder.empty()) {
        if (unsavedPlace_.empty()) {
            unsavedPlace_ = folder / QStringLiteral("%1%2-%3.journal")
                                         .arg(kUnsaved)
                                         .arg(QCoreApplication::applicationPid())
                                         .arg(QDateTime::currentMSecsSinceEpoch())
                                         .toStdString();
        }
        place = unsavedPlace_;
    }
    if (place.empty()) return;
    auto journal = Journal::begin(place, shoot_, projectPath_.toStdString());
    if (!journal) return journalFailed(journal.error());
    journalFailed_ = false;
    journal_.emplace(std::move(*journal));
}

void Session::journalFailed(const Error& why) {
    if (!journalFailed_) addNote(QString::fromStdString(why.sentence));
    journalFailed_ = true;
    // What it holds stays; the next step tries to begin one anew, that holds everything.
    journal_.reset();
}

void Session::keep(const std::function<Result<void>(Journal&)>& step) {
    if (!journal_) return;
    if (auto done = step(*journal_); !done) return journalFailed(done.error());
    if (!flushSoon_.isActive()) flushSoon_.start();
}

bool Session::save(const QString& path) {
    const JournalMark mark = journal_ ? journal_->mark() : JournalMark{};
    auto done = saveProject(shoot_, path.toStdString(), mark);
    if (!done) {
        addNote(QString::fromStdString(done.error().sentence));
        return false;
    }
    projectPath_ = path;
    shoot_.markSaved();
    // The next step begins a new one; a crash until then finds all of this one in the file.
    forgetUnsaved();
    emit saved();
    emit changed();
    return true;
}

bool Session::open(const QString& path) {
    const std::string project = path.toStdString();
    auto loaded = loadShoot(project);
    if (!loaded) {
        addNote(QString::fromStdString(loaded.error().sentence));
        return false;
    }
    const auto place = journalPlace(project);
    auto found = readJournal(place, project);
    std::error_code ec;
    if ((!found || !*found) && std::filesystem::exists(place, ec)) {
        if (!found) addNote(QString::fromStdString(found.error().sentence));
        const auto aside = setAside(place);
        addNote(tr("Steps that were not saved belong to another state of this shoot. They were set "
                   "aside as %1.")
                    .arg(QString::fromStdString(aside.filename().string())));
    }
    if (projectPath_.isEmpty() && journal_ && shoot_.changedSinceSaved()) {
        addNote(
            tr("The shoot that was open was not saved. It is kept, and offered when the "
               "program starts the next time."));
    }
    journal_.reset();
    journalFailed_ = false;
    unsavedPlace_.clear();
    shoot_ = std::move(loaded->shoot);
    if (found && *found && (*found)->steps > 0) {
        shoot_ = std::move((*found)->shoot);
        if (auto journal = Journal::goOn(place)) journal_.emplace(*journal);
        addNote(
            tr("The program ended before %n step(s) could be saved: they are back. Undo takes "
               "them away again.",
               nullptr, (*found)->steps));
    }
    projectPath_ = path;
    for (const auto& w : loaded->warnings) addNote(inWords(w));
    readMissing();
    emit changed();
    return true;
}

QStringList Session::leftBehind() {
    const auto folder = stateFolder();
    if (folder.empty()) return {};
    const QDir dir(QString::fromStdString(folder.string()));
    QStringList out;
    for (const QString& name :
         dir.entryList({kUnsaved + QStringLiteral("*.journal")}, QDir::Files, QDir::Time)) {
        if (!stillRuns(name)) out << dir.filePath(name);
    }
    return out;
}

bool Session::recover(const QString& path) {
    auto found = readJournal(path.toStdString());
    if (!found) addNote(QString::fromStdString(found.error().sentence));
    if (!found || !*found) return false;
    auto journal = Journal::goOn(path.toStdString());
    if (!journal) {
        addNote(QString::fromStdString(journal.error().sentence));
        return false;
    }
    shoot_ = std::move((*found)->shoot);
    journal_.emplace(std::move(*journal));
    projectPath_.clear();
    readMissing();
    emit changed();
    return true;
}

void Session::forgetUnsaved() {
    if (journal_) journal_->remove();
    journal_.reset();
    unsavedPlace_.clear();
}

}  // namespace brisk::app
