// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Facts in the window's language: the phrases of text/, translated in the context "Facts", with
/// the plural forms that the language has.
#pragma once

#include <QString>

#include "core/fact.h"

namespace brisk::app {

QString inWords(const Fact& fact);
QString inWords(const Facts& facts);

}  // namespace brisk::app
