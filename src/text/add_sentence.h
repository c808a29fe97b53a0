// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One more thing to say, after what was said already.
#pragma once

#include <string>

namespace brisk {

/// Nothing where there is nothing to say.
inline void addSentence(std::string& said, const std::string& more) {
    if (!more.empty()) said += (said.empty() ? "" : " ") + more;
}

}  // namespace brisk
