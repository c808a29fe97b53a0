// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Every step, written down as it is done, so that a crash or a power cut loses nothing that a
/// saved shoot does not hold yet. One line of JSON a step, added at the end; a line that was cut
/// off is no step.
///
///     auto journal = Journal::begin(path, shoot, "day.brisk");
///     journal->applied(shoot);  journal->undone();  journal->flush();
///     ...
///     auto found = readJournal(path);      // after a crash
#pragma once

#include <cstdio>
#include <filesystem>
#include <memory>
#include <optional>

#include "core/result.h"
#include "shoot/project_file.h"

namespace brisk {

class Journal {
  public:
    /// Begins one for a shoot as it is now, in place of what was there. Atomic. After one could not
    /// be written on, a new one holds all that is so.
    /// \param project  the saved shoot it goes on from; empty for none.
    /// \param saveId   of that saving (JournalMark), by which the two find together again wherever
    ///                 they were moved.
    /// Errors: CannotWrite.
    static Result<Journal> begin(const std::filesystem::path& path, const Shoot& shoot,
                                 const std::string& project, const std::string& saveId = {});

    /// Goes on with one that was found (readJournal); a line that was cut off is taken away.
    /// Errors: CannotRead, CannotWrite.
    static Result<Journal> goOn(const std::filesystem::path& path);

    /// The newest step of `shoot`. Errors: CannotWrite (all of them; what was written is kept).
    Result<void> applied(const Shoot& shoot);
    /// More of the newest step, which was `before`.
    Result<void> amended(const ShootState& before, const Shoot& shoot);
    Result<void> undone();
    Result<void> redone();
    /// The state in force got a name.
    Result<void> snapshotKept(const std::string& name);
    /// Onto the disk itself, against power cuts. May take a while.   Threads: safe.
    void flush() const;

    /// What a project must note that holds all of this.
    [[nodiscard]] JournalMark mark() const { return {id_, lines_}; }
    [[nodiscard]] const std::filesystem::path& path() const { return path_; }
    /// Takes the file away: everything is saved, or was thrown away.
    void remove();

  private:
    Result<void> openAtEnd();
    Result<void> write(const std::string& line);

    std::filesystem::path path_;
    std::string id_;
    int lines_ = 0;
    std::shared_ptr<std::FILE> file_;
};

struct FoundJournal {
    Shoot shoot;
    std::string project;  ///< The saved shoot it went on from; empty for none.
    int steps = 0;        ///< Steps that the saved shoot does not hold.
};

/// What a journal holds beyond its project. Nothing where there is none, or where the project was
/// saved since by someone else: then it speaks of another shoot.
/// \param project  where its saved shoot is now; empty: where the journal says.
/// Errors: BadProject where not even its first line can be read, and as loadShoot.
Result<std::optional<FoundJournal>> readJournal(const std::filesystem::path& path,
                                                const std::string& project = {});

/// A name that no other journal or saving has.
std::string newJournalId();

/// Renames a journal that is of no use here, so that the next one does not take its place. Returns
/// its new name; empty where it could not be renamed.
std::filesystem::path setAside(const std::filesystem::path& journal);

/// What whoever works on that shoot holds (FileLock), so that nobody takes its journal for one that
/// was left behind.
std::filesystem::path lockPlace(const std::filesystem::path& journal);

/// Beside a saved shoot, or where its folder cannot be written in, in the user's state folder.
std::filesystem::path journalPlace(const std::string& project);
/// Where journals of shoots that were never saved are kept; empty where there is no such place.
std::filesystem::path stateFolder();

}  // namespace brisk
