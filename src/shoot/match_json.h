// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a search answered, as JSON: one wording of its fields for the command line, the reports and
/// the shoot (docs/formats).
#pragma once

#include <nlohmann/json.hpp>

#include "align/tether_estimate.h"

namespace brisk {

/// `offset_seconds` and `drift_ppm`.
nlohmann::ordered_json lineJson(ClockLine line);

/// `status`, the line, `polarity`, `confidence`, `method`, `overlap`, `windows`, `residual_ms`,
/// `rivals`, `segments`.
nlohmann::ordered_json matchJson(const TetherEstimate& e);

}  // namespace brisk
