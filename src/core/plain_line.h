// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Names of files in text that others read: they may hold line breaks, and bytes that are no text.
///
///     plainLine("press\n02.mov", 200)    // "press 02.mov"
#pragma once

#include <cstddef>
#include <string>

namespace brisk {

/// What is not UTF-8 is replaced by U+FFFD.
std::string validUtf8(const std::string& text);

/// Valid UTF-8 on one line, without control characters, of at most so many bytes; what is left out
/// is shown by an ellipsis. \param most  at least 3.
std::string plainLine(const std::string& text, std::size_t most);

}  // namespace brisk
