// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Facts in words. What is said of each id stands in phrases.cpp, once, for the command line, the
/// reports and, translated, the window.
///
///     sentence({"windows-agree", {{"agreeing", 14}, {"used", 15}, {"within_ms", 0.2}}})
///     // "14 of 15 spots agree within 0.2 ms"
///
/// A phrase holds arguments in braces: {used} as it is; {at:clock1} a time with one digit of a
/// second; {by:slip} milliseconds; {lost:span} those, or seconds; {drift:fixed1} one digit after
/// the point; {n:grouped} in groups of three; {free:bytes} as kB to TB; {away:length} metres or
/// feet; facts within a fact are their own sentences, or one after the other without a space:
/// {names:run}.
#pragma once

#include <functional>
#include <string>
#include <string_view>

#include "core/fact.h"

namespace brisk {

/// What is said of an id: of one thing, and of several where the two differ.
struct Phrase {
    const char* id;
    const char* many;
    const char* one = nullptr;    ///< Null: the same for one.
    const char* count = nullptr;  ///< The argument that tells one from several.
};

/// Null for an id that nobody has words for.
const Phrase* phraseOf(std::string_view id);
/// All of them, in the order of their ids.
const std::vector<Phrase>& allPhrases();

/// Chooses the pattern for a phrase and a number of things; the window translates here.
using Phrasing = std::function<std::string(const Phrase&, std::int64_t count)>;
std::string inEnglish(const Phrase& phrase, std::int64_t count);

/// How things are said: the language, its decimal mark, and metres or feet.
struct Wording {
    Phrasing phrase = inEnglish;
    std::string decimal = ".";
    bool feet = false;
};

/// Of an unknown id the id itself: said badly rather than not at all.   Threads: safe.
std::string sentence(const Fact& fact, const Wording& wording = {});
/// One after the other.
std::string sentence(const Facts& facts, const Wording& wording = {});
/// "4.2 m", "13.8 ft".
std::string lengthText(double metres, const Wording& wording = {});
constexpr double kMetresPerFoot = 0.3048;

}  // namespace brisk
