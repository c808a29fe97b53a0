// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot that is open, behind its one door, and its keeping: every step in a journal, the shoot
/// in its file. Knows nothing of what is read of media, or of work that is going on.
///
///     shoot.apply(commands::lock(shoot.state(), take));   // changed() follows
///     shoot.undo();
#pragma once

#include <QObject>
#include <QString>
#include <QStringList>
#include <QTimer>
#include <memory>
#include <optional>

#include "app/spine/latest_worker.h"
#include "shoot/journal.h"
#include "shoot/shoot.h"
#include "store/file_lock.h"

namespace brisk::app {

class OpenShoot : public QObject {
    Q_OBJECT
  public:
    explicit OpenShoot(QObject* parent = nullptr);
    ~OpenShoot() override;

    [[nodiscard]] const ShootState& state() const { return shoot_.state(); }
    [[nodiscard]] const Shoot& shoot() const { return shoot_; }
    /// Of its file; empty while it was never saved.
    [[nodiscard]] QString path() const { return path_; }
    [[nodiscard]] QString name() const;

    void apply(const Command& command);
    /// More of the step that was taken last.
    void amend(const Command& command);
    void undo();
    void redo();
    /// To a step of the history, 0 = before the first.
    void goToStep(std::size_t step);
    /// Keeps what is so now under a name; not a step of the history, but saved with the shoot.
    void keepSnapshot(const QString& name);
    void backToSnapshot(std::size_t snapshot);
    void takeAsInSnapshot(int take, std::size_t snapshot);

    /// An empty one; what was open and not saved is kept, and offered at the next start.
    void beginAnew();
    bool save(const QString& path);
    /// With what a crash left in its journal.
    bool open(const QString& path) { return adopt(path, load(path, held())); }
    /// The part of opening that touches files.   Threads: any.
    /// \param held  the lock that is ours already, see held().
    struct Loaded;
    static std::shared_ptr<Loaded> load(const QString& path, const std::filesystem::path& held);
    /// Where the lock of the saved shoot that is open lies; empty where none is.
    [[nodiscard]] std::filesystem::path held() const;
    /// The part that puts it in the place of what is open.
    bool adopt(const QString& path, const std::shared_ptr<Loaded>& loaded);
    /// Shoots that were never saved, of programs that ended without being asked; newest first.
    [[nodiscard]] static QStringList leftBehind();
    /// Goes on with one of them.
    bool recover(const QString& journal);
    /// Everything is saved, or may be lost.
    void forgetUnsaved();
    /// Remembered with the shoot, no step of its history. A shoot that is saved is saved again.
    void remember(const std::string& what, const std::string& value);

  signals:
    void changed();
    void replaced();  ///< Another shoot takes its place; changed() follows.
    void saved();
    void said(const QString& sentence);   ///< What just happened, in passing.
    void noted(const QString& sentence);  ///< What should stay on the screen.

  private:
    void tellKeptUnsaved();
    void tellHeld(const QString& path, const QString& who);
    /// Writes a step down.
    void keep(const std::function<Result<void>(Journal&)>& step);
    void beginJournal();
    void journalFailed(const Error& why);
    /// Where the lock of a journal is, in a folder that is there.
    static std::filesystem::path lockedPlace(const std::filesystem::path& journal);
    /// A saved shoot's lock, where it was not ours already; or who has it.
    struct Claim {
        std::optional<FileLock> lock;
        std::optional<std::string> heldBy;
    };
    /// \param held  the lock that is ours, see held().   Threads: any.
    static Claim claim(const std::string& project, const std::filesystem::path& held);

    Shoot shoot_;
    QString path_;
    std::string saveId_;  // of the last saving, see JournalMark
    std::optional<FileLock> lock_;
    std::optional<Journal> journal_;
    bool journalFailed_ = false;  // said once
    std::filesystem::path unsavedPlace_;
    QTimer flushSoon_;
    LatestWorker<Journal> flusher_{[](const Journal& j) { j.flush(); }};
};

}  // namespace brisk::app
