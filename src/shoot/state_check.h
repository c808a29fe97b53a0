// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether a shoot that came from a file is one that this program could have made. A project or a
/// journal is data from elsewhere: ids that repeat, takes that go on from themselves, lines that
/// lead to infinity are damage, or meant to hurt, and are refused before anything uses them.
#pragma once

#include <cstddef>
#include <initializer_list>
#include <nlohmann/json.hpp>
#include <stdexcept>
#include <string>
#include <utility>

#include "shoot/shoot_state.h"

namespace brisk {

/// What a file says cannot be.
class UnsoundState : public std::domain_error {
  public:
    using std::domain_error::domain_error;
};

/// Throws UnsoundState, which says what is wrong, for a log. What refers to files that are not
/// there is no damage here: see dropDangling.   Threads: safe.
void checkState(const ShootState& state);

/// About the bytes that a state takes in memory.
std::size_t weightOf(const ShootState& state);

/// A whole number that fits into an int; the library would convert others without a word.
int wholeFrom(const nlohmann::ordered_json& j);

/// What one of several words stands for. Throws UnsoundState for any other.
template <class T>
T oneOf(const nlohmann::ordered_json& j, std::initializer_list<std::pair<const char*, T>> words) {
    for (const auto& [word, value] : words) {
        if (j == word) return value;
    }
    throw UnsoundState("a word that means nothing here");
}

/// A time in a file beyond this, a third of a year, is damage.
constexpr Seconds kFurthestTime{1e7};

}  // namespace brisk
