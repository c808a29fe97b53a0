// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Facts as JSON: `{"id": "windows-agree", "agreeing": 14, "used": 15, "within_ms": 0.2}`; facts
/// within facts are lists of the same.
#pragma once

#include <nlohmann/json.hpp>

#include "core/fact.h"

namespace brisk {

nlohmann::ordered_json factJson(const Fact& fact);
nlohmann::ordered_json factsJson(const Facts& facts);

/// A sentence, as the first schema kept it, becomes a fact that says it.
/// Throws the library's exception where it is neither.
Fact factFrom(const nlohmann::ordered_json& j);
Facts factsFrom(const nlohmann::ordered_json& j);

}  // namespace brisk
