// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What one step changed, as JSON Patch (RFC 6902): whole files, tethers and marks are replaced,
/// added and taken away. Cheap where little changed, however large the shoot.
#pragma once

#include <filesystem>
#include <nlohmann/json.hpp>

#include "shoot/shoot_state.h"

namespace brisk {

nlohmann::ordered_json statePatch(const ShootState& from, const ShootState& to,
                                  const std::filesystem::path& folder);

/// Does to `state` what a patch says. Throws nlohmann's exceptions, or std::out_of_range, where it
/// speaks of something else; `state` is then half changed.
void applyPatch(ShootState& state, const nlohmann::ordered_json& patch);

}  // namespace brisk
