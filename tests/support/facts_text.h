// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What tests ask of facts: their words, and how a failing test prints them.
#pragma once

#include <ostream>

#include "text/sentence.h"

namespace brisk {

inline std::ostream& operator<<(std::ostream& out, const Fact& fact) {
    return out << sentence(fact);
}
inline std::ostream& operator<<(std::ostream& out, const Facts& facts) {
    return out << sentence(facts);
}

}  // namespace brisk
