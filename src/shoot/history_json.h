// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The history of a shoot as JSON: its first state, and what each step changed, as JSON Patch
/// (RFC 6902).
#pragma once

#include <memory>
#include <nlohmann/json.hpp>
#include <optional>

#include "shoot/shoot.h"

namespace brisk {

nlohmann::ordered_json historyJson(const Shoot& shoot, const std::filesystem::path& folder);

/// Steps that may still be changed.
struct ReadHistory {
    struct Step {
        Fact label;
        std::shared_ptr<ShootState> state;
    };
    std::vector<Step> steps;
    std::size_t at = 0;
};

/// \param saved  the state that was saved beside it: nothing where the history does not lead to it,
///               or cannot be understood.
std::optional<ReadHistory> historyFromJson(const nlohmann::ordered_json& history,
                                           const ShootState& saved);
Shoot shootFrom(ReadHistory history);

}  // namespace brisk
