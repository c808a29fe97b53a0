// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A choice of sound as JSON and back. Fields: docs/formats/brisk.md.
#pragma once

#include <nlohmann/json.hpp>

#include "render/sound_choice.h"

namespace brisk {

nlohmann::ordered_json soundChoiceJson(const SoundChoice& c);
/// What is absent is as it would be unasked. Throws nlohmann's exceptions.
SoundChoice soundChoiceFrom(const nlohmann::ordered_json& j);

}  // namespace brisk
