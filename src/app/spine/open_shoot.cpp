// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>

#include "app/spine/open_shoot.h"
#include "app/spine/words.h"
#include "core/guarded.h"
#include "shoot/commands.h"
#include "shoot/project_file.h"

namespace brisk::app {
namespace {

constexpr int kFlushMs = 2000;  // a power cut loses no more
const QString kUnsaved = QStringLiteral("unsaved-");

}  // namespace

OpenShoot::OpenShoot(QObject* parent) : QObject(parent) {
    flushSoon_.setSingleShot(true);
    flushSoon_.setInterval(kFlushMs);
    connect(&flushSoon_, &QTimer::timeout, this, [this] {
        if (journal_) flusher_.ask(*journal_);
    });
}

OpenShoot::~OpenShoot() = default;

QString OpenShoot::name() const {
    return path_.isEmpty() ? tr("New shoot") : QFileInfo(path_).completeBaseName();
}

void OpenShoot::apply(const Command& command) {
    if (!journal_) beginJournal();
    shoot_.apply(command);
    keep([this](Journal& j) { return j.applied(shoot_); });
    emit changed();
}

void OpenShoot::amend(const Command& command) {
    if (!journal_) beginJournal();
    const auto before = shoot_.steps()[shoot_.at()].state;
    shoot_.amend(command);
    keep([&](Journal& j) { return j.amended(*before, shoot_); });
    emit changed();
}

void OpenShoot::undo() {
    if (!shoot_.canUndo()) return;
    if (!journal_) beginJournal();
    shoot_.undo();
    keep([](Journal& j) { return j.undone(); });
    emit changed();
}

void OpenShoot::redo() {
    if (!shoot_.canRedo()) return;
    if (!journal_) beginJournal();
    shoot_.redo();
    keep([](Journal& j) { return j.redone(); });
    emit changed();
}

void OpenShoot::goToStep(std::size_t step) {
    while (shoot_.at() > step && shoot_.canUndo()) undo();
    while (shoot_.at() < step && shoot_.canRedo()) redo();
}

void OpenShoot::keepSnapshot(const QString& name) {
    if (!journal_) beginJournal();
    shoot_.keepSnapshot(name.toStdString());
    keep([&](Journal& j) { return j.snapshotKept(name.toStdString()); });
    emit said(tr("Kept as \"%1\".").arg(name));
    emit changed();
}

void OpenShoot::backToSnapshot(std::size_t snapshot) {
    const auto& kept = shoot_.snapshots();
    if (snapshot < kept.size()) apply(commands::backToSnapshot(kept[snapshot]));
}

void OpenShoot::takeAsInSnapshot(int take, std::size_t snapshot) {
    const auto& kept = shoot_.snapshots();
    if (snapshot < kept.size()) apply(commands::takeAsInSnapshot(state(), take, kept[snapshot]));
}

void OpenShoot::beginJournal() {
    std::filesystem::path place;
    if (!path_.isEmpty()) {
        place = journalPlace(path_.toStdString());
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
    if (path_.isEmpty() && !lock_) lock_ = FileLock::take(lockedPlace(place));
    auto journal = Journal::begin(place, shoot_, path_.toStdString(), saveId_);
    if (!journal) return journalFailed(journal.error());
    journalFailed_ = false;
    journal_.emplace(std::move(*journal));
}

void OpenShoot::journalFailed(const Error& why) {
    if (!journalFailed_) emit noted(inWords(why.fact));
    journalFailed_ = true;
    // What it holds stays; the next step tries to begin one anew, that holds everything.
    journal_.reset();
}

void OpenShoot::keep(const std::function<Result<void>(Journal&)>& step) {
    if (!journal_) return;
    if (auto done = step(*journal_); !done) return journalFailed(done.error());
    if (!flushSoon_.isActive()) flushSoon_.start();
}

std::filesystem::path OpenShoot::lockedPlace(const std::filesystem::path& journal) {
    std::error_code ec;
    std::filesystem::create_directories(journal.parent_path(), ec);
    return lockPlace(journal);
}

OpenShoot::Claim OpenShoot::claim(const std::string& project, const std::filesystem::path& held) {
    Claim out;
    const auto place = lockedPlace(journalPlace(project));
    if (place == held) return out;
    out.lock = FileLock::take(place);
    if (!out.lock) out.heldBy = FileLock::heldBy(place);
    return out;
}

void OpenShoot::tellHeld(const QString& path, const QString& who) {
    emit noted(tr("%1 is open already (%2). Nothing was changed; close it there first, or work on "
                  "a copy.")
                   .arg(path, who.isEmpty() ? tr("in another window") : who));
}

bool OpenShoot::save(const QString& path) {
    Claim claimed = claim(path.toStdString(), held());
    if (claimed.heldBy) {
        tellHeld(path, q(*claimed.heldBy));
        return false;
    }
    JournalMark mark = journal_ ? journal_->mark() : JournalMark{};
    mark.save = newJournalId();
    if (path != path_ || shoot_.changedSinceSaved()) keepVersionBefore(path.toStdString());
    auto done = saveProject(shoot_, path.toStdString(), mark);
    if (!done) {
        emit noted(inWords(done.error().fact));
        return false;
    }
    path_ = path;
    saveId_ = mark.save;
    shoot_.markSaved();
    // The next step begins a new one; a crash until then finds all of this one in the file.
    forgetUnsaved();
    if (claimed.lock) lock_ = std::move(claimed.lock);
    emit saved();
    emit changed();
    return true;
}

struct OpenShoot::Loaded {
    Claim claimed;
    Result<LoadedShoot> shoot = failAt(ErrorCode::Cancelled, {}, {"stopped"});
    Result<std::optional<FoundJournal>> journal = std::optional<FoundJournal>();
    bool journalThere = false;
};

std::filesystem::path OpenShoot::held() const {
    return path_.isEmpty() || !lock_ ? std::filesystem::path()
                                     : lockPlace(journalPlace(path_.toStdString()));
}

std::shared_ptr<OpenShoot::Loaded> OpenShoot::load(const QString& path,
                                                   const std::filesystem::path& held) {
    auto all = std::make_shared<Loaded>();
    const std::string project = path.toStdString();
    const auto journal = journalPlace(project);
    all->claimed = claim(project, held);
    if (all->claimed.heldBy) return all;
    all->shoot = guarded(project, [&] { return loadShoot(project); });
    if (!all->shoot) return all;
    all->journal = guarded(journal.string(), [&] { return readJournal(journal, project); });
    std::error_code ec;
    all->journalThere = std::filesystem::exists(journal, ec);
    return all;
}

void OpenShoot::tellKeptUnsaved() {
    if (!path_.isEmpty() || !journal_ || !shoot_.changedSinceSaved()) return;
    emit noted(
        tr("The shoot that was open was not saved. It is kept, and offered when the "
           "program starts the next time."));
}

void OpenShoot::beginAnew() {
    tellKeptUnsaved();
    journal_.reset();
    journalFailed_ = false;
    unsavedPlace_.clear();
    lock_.reset();
    emit replaced();
    shoot_ = Shoot();
    path_.clear();
    saveId_.clear();
    emit changed();
}

bool OpenShoot::adopt(const QString& path, const std::shared_ptr<Loaded>& all) {
    if (all->claimed.heldBy) {
        tellHeld(path, q(*all->claimed.heldBy));
        return false;
    }
    auto& lock = all->claimed.lock;
    auto& loaded = all->shoot;
    if (!loaded) {
        emit noted(inWords(loaded.error().fact));
        return false;
    }
    const auto place = journalPlace(path.toStdString());
    auto& found = all->journal;
    if ((!found || !*found) && all->journalThere) {
        if (!found) emit noted(inWords(found.error().fact));
        const auto aside = setAside(place);
        if (aside.empty()) {
            emit noted(tr("%1 could not be set aside, so %2 was not opened.")
                           .arg(q(place.string()), path));
            return false;
        }
        emit noted(
            tr("Steps that were not saved belong to another state of this shoot. They were set "
               "aside as %1.")
                .arg(q(aside.filename().string())));
    }
    tellKeptUnsaved();
    journal_.reset();
    journalFailed_ = false;
    unsavedPlace_.clear();
    emit replaced();
    shoot_ = std::move(loaded->shoot);
    if (found && *found && (*found)->steps > 0) {
        shoot_ = std::move((*found)->shoot);
        if (auto journal = Journal::goOn(place)) journal_.emplace(*journal);
        emit noted(
            (*found)->steps == 1
                ? tr("The program ended before a step could be saved: it is back. Undo takes it "
                     "away again.")
                : tr("The program ended before %1 steps could be saved: they are back. Undo takes "
                     "them away again.")
                      .arg((*found)->steps));
    }
    path_ = path;
    saveId_ = loaded->journal.save;
    if (lock) lock_ = std::move(lock);
    for (const auto& w : loaded->warnings) emit noted(inWords(w));
    emit changed();
    return true;
}

QStringList OpenShoot::leftBehind() {
    const auto folder = stateFolder();
    if (folder.empty()) return {};
    const QDir dir(QString::fromStdString(folder.string()));
    QStringList out;
    for (const QString& name :
         dir.entryList({kUnsaved + QStringLiteral("*.journal")}, QDir::Files, QDir::Time)) {
        const QString path = dir.filePath(name);
        if (!FileLock::isHeld(lockPlace(path.toStdString()))) out << path;
    }
    return out;
}

bool OpenShoot::recover(const QString& path) {
    auto lock = FileLock::take(lockPlace(path.toStdString()));
    if (!lock) {
        emit noted(tr("That shoot is being worked on in another window."));
        return false;
    }
    auto found = readJournal(path.toStdString());
    if (!found) emit noted(inWords(found.error().fact));
    if (!found || !*found) return false;
    auto journal = Journal::goOn(path.toStdString());
    if (!journal) {
        emit noted(inWords(journal.error().fact));
        return false;
    }
    emit replaced();
    shoot_ = std::move((*found)->shoot);
    journal_.emplace(std::move(*journal));
    path_.clear();
    saveId_.clear();
    lock_ = std::move(lock);
    emit changed();
    return true;
}

void OpenShoot::remember(const std::string& what, const std::string& value) {
    if (shoot_.remembered(what) == value) return;
    const bool saved = !path_.isEmpty() && !shoot_.changedSinceSaved();
    shoot_.remember(what, value);
    if (saved) save(path_);
}

void OpenShoot::forgetUnsaved() {
    if (journal_) journal_->remove();
    journal_.reset();
    unsavedPlace_.clear();
}

}  // namespace brisk::app
