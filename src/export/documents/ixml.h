// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a clean WAV says of itself to programs that look for scene and take: an iXML document.
#pragma once

#include <string>

#include "shoot/slate.h"

namespace brisk {

/// Source: the iXML specification 2.0: SCENE, TAKE, NOTE, CIRCLED, TAKE_TYPE. Fields of which
/// nothing is known are left out; empty where nothing is known at all.
/// \param project  the shoot's name.
std::string ixmlText(const Slate& slate, const std::string& project);

}  // namespace brisk
