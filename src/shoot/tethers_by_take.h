// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The tethers of all takes, gathered in one pass: for whoever looks at every take of a long day.
///
///     const TethersByTake by(state);      // as long as the state lives
///     for (const Tether* t : by.of(take)) ...
#pragma once

#include <unordered_map>
#include <vector>

#include "shoot/shoot_state.h"

namespace brisk {

class TethersByTake {
  public:
    explicit TethersByTake(const ShootState& state);

    /// As ShootState::tethersOf.
    [[nodiscard]] const std::vector<const Tether*>& of(int take) const;
    /// As ShootState::tetherOf.
    [[nodiscard]] const Tether* first(int take) const;

  private:
    std::unordered_map<int, std::vector<const Tether*>> by_;
};

/// Where each take stands, as ShootState::stateOf; takes alone are in it.   Threads: safe.
std::unordered_map<int, TetherState> statesOf(const ShootState& state);

}  // namespace brisk
