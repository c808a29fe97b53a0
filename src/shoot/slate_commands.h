// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person writes of files, and by which channel they are searched.
#pragma once

#include <optional>

#include "shoot/shoot.h"

namespace brisk {

/// What of a slate is written anew; the rest stays as it is in each file.
struct SlateChange {
    std::optional<std::string> name = {}, scene = {}, take = {}, note = {};
    std::optional<Verdict> verdict = {};

    [[nodiscard]] Slate on(Slate slate) const;
    [[nodiscard]] bool empty() const { return !name && !scene && !take && !note && !verdict; }
};

}  // namespace brisk

namespace brisk::commands {

Command describe(const ShootState& now, const std::vector<int>& media, const SlateChange& change);

/// \param channel  from 0; or kMeanOfChannels, kBestChannel. Places that are known stay.
Command searchBy(const ShootState& now, const std::vector<int>& media, int channel);

}  // namespace brisk::commands
