// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The shoot and its history. The only way to change it is a command; every command can be undone,
/// without limit, and says what it did.
///
///     shoot.apply(commands::lock(takeId));
///     shoot.undo();                       // {"tether", {{"take", "press-02.mov"}}}
///
/// Threads: one; the interface's.
#pragma once

#include <algorithm>
#include <functional>
#include <map>
#include <memory>
#include <string>
#include <vector>

#include "shoot/shoot_state.h"

namespace brisk {

struct Command {
    Fact label;  ///< What a person did.
    std::function<void(ShootState&)> change;
};

/// A step of the history: what a person did, and all that was so afterwards.
struct HistoryStep {
    Fact label;  ///< Of the first step: empty.
    std::shared_ptr<const ShootState> state;
};

/// All that was so at a moment that a person gave a name.
struct Snapshot {
    std::string name;
    std::shared_ptr<const ShootState> state;
};

class Shoot {
  public:
    Shoot();
    explicit Shoot(ShootState loaded);
    /// \param steps  at least one.   \param at  the one in force, which counts as saved.
    Shoot(std::vector<HistoryStep> steps, std::size_t at);

    [[nodiscard]] const ShootState& state() const { return *steps_[at_].state; }
    /// The same, to keep.
    [[nodiscard]] std::shared_ptr<const ShootState> inForce() const { return steps_[at_].state; }

    /// Drops what had been undone.
    void apply(const Command& command);
    /// More of the step that was taken last, which is named anew: still one step back.
    void amend(const Command& command);
    [[nodiscard]] bool canUndo() const { return at_ > 0; }
    [[nodiscard]] bool canRedo() const { return at_ + 1 < steps_.size(); }
    void undo();
    void redo();
    /// What undo (redo) would take back (do again); empty when there is nothing.
    [[nodiscard]] Fact undoLabel() const;
    [[nodiscard]] Fact redoLabel() const;

    [[nodiscard]] const std::vector<HistoryStep>& steps() const { return steps_; }
    [[nodiscard]] std::size_t at() const { return at_; }

    /// Keeps the state in force under a name; one of that name is replaced. No step of the history.
    void keepSnapshot(const std::string& name);
    void addSnapshot(Snapshot snapshot);
    [[nodiscard]] const std::vector<Snapshot>& snapshots() const { return snapshots_; }

    /// What is remembered with the shoot and is no step of its history: the folder that files were
    /// handed over to. Empty where nothing is.
    [[nodiscard]] std::string remembered(const std::string& what) const;
    void remember(const std::string& what, const std::string& value);
    [[nodiscard]] const std::map<std::string, std::string>& allRemembered() const {
        return remembered_;
    }

    void markSaved() { savedState_ = steps_[at_].state; }
    [[nodiscard]] bool changedSinceSaved() const { return savedState_ != steps_[at_].state; }

  private:
    /// The state in force with a command done to it, and nothing in it of files that are gone. Ids
    /// that were given once are not given again, even where the step that gave them was undone:
    /// snapshots remember them.
    [[nodiscard]] std::shared_ptr<const ShootState> after(const Command& command);
    void noteIds(const ShootState& s) { idsGiven_ = std::max(idsGiven_, s.nextId); }

    std::vector<HistoryStep> steps_;
    std::size_t at_ = 0;
    int idsGiven_ = 1;  // all below it
    std::vector<Snapshot> snapshots_;
    std::map<std::string, std::string> remembered_;
    std::shared_ptr<const ShootState> savedState_;
};

}  // namespace brisk
