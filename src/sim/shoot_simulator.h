// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Plays a scene once and writes what its recorders and cameras made of it, and the truth beside.
///
///     simulateShoot(*findScene("demo"), 7, "demo/shoot", job);
#pragma once

#include <string>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "sim/scene.h"

namespace brisk::sim {

/// Writes the scene's media files and, last, truth.json. Same seed, same samples.
/// Returns the paths written. Errors: CannotWrite, Cancelled, no synthesiser.
Result<std::vector<std::string>> simulateShoot(const Scene& scene, std::uint64_t seed,
                                               const std::string& folder, const JobControl& job);

}  // namespace brisk::sim
