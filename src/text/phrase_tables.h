// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Every sentence about a fact, table by table; sentence.h finds one. PHRASE marks a text for
/// translators and is the text itself, PHRASES one that has plural forms: the catalogues
/// (translations/, ./dev catalogue) have them in the context of this namespace. What is said of one
/// is English alone.
#pragma once

#include <span>

#include "text/sentence.h"

#define PHRASE(text) text
#define PHRASES(text) text

namespace brisk {

std::span<const Phrase> phrasesOfMatching();
std::span<const Phrase> phrasesOfDoing();
std::span<const Phrase> phrasesOfFiles();

}  // namespace brisk
