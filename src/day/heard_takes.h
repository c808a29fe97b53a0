// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which takes somebody listened to, where they are now. A take that is moved afterwards counts as
/// not listened to. No step of the history; remembered with the shoot.
///
///     HeardTakes heard(shoot.remembered(HeardTakes::kRemembered));
///     heard.note(state, take);
///     shoot.remember(HeardTakes::kRemembered, heard.text());
#pragma once

#include <map>
#include <string>

#include "shoot/shoot_state.h"

namespace brisk {

class HeardTakes {
  public:
    static constexpr const char* kRemembered = "heard";

    HeardTakes() = default;
    /// From what text() made; what makes no sense in it is passed over.
    explicit HeardTakes(const std::string& text);

    /// It was listened to where it lies now. False where it has no place, or that was known.
    bool note(const ShootState& state, int take);
    [[nodiscard]] bool heard(const ShootState& state, int take) const;
    [[nodiscard]] std::string text() const;

  private:
    struct Place {
        int recording = 0;
        double offset = 0;  // seconds
    };
    std::map<int, Place> takes_;
};

}  // namespace brisk
