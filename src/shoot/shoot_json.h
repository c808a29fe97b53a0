// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The model as JSON and back. Fields: docs/formats/brisk.md.
#pragma once

#include <filesystem>
#include <nlohmann/json.hpp>

#include "shoot/shoot_state.h"

namespace brisk {

/// \param folder  that relative paths count from.
nlohmann::ordered_json shootJson(const ShootState& state, const std::filesystem::path& folder);

/// Files where they were when it was written. Throws nlohmann's exceptions where something is
/// missing or of another kind.
ShootState shootFromJson(const nlohmann::ordered_json& j);

/// Its parts, one by one.
nlohmann::ordered_json mediaJson(const MediaItem& item, const std::filesystem::path& folder);
nlohmann::ordered_json tetherJson(const Tether& t);
nlohmann::ordered_json markJson(const Mark& m);
nlohmann::ordered_json slateJson(const Slate& s);
MediaItem mediaFrom(const nlohmann::ordered_json& j);
Tether tetherFrom(const nlohmann::ordered_json& j);
Mark markFrom(const nlohmann::ordered_json& j);
nlohmann::ordered_json editJson(const TakeEdit& e);
TakeEdit editFrom(const nlohmann::ordered_json& j);

}  // namespace brisk
