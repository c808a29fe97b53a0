// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How much room something takes, in words: decimal units, as disks and cards are sold.
///
///     bytesText(1234567890)   // "1.2 GB"
#pragma once

#include <cstdint>
#include <string>

namespace brisk {

/// Always with a point, see number_text.h.
std::string bytesText(std::uintmax_t bytes);

}  // namespace brisk
