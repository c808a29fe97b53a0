// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether two file names are one to a card: card file systems take "Lesson" for "LESSON", and some
/// write an accented letter in another way than others.
///
///     nameKey("Leçon.MOV") == nameKey("leçon.mov");
#pragma once

#include <string>

namespace brisk {

/// Equal for names that differ only in case or in how letters are composed. Bytes that are not
/// UTF-8 stay as they are.   Threads: safe.
/// Source: Unicode Standard, section 3.13 (default case folding), and normalisation form C.
std::string nameKey(const std::string& name);

}  // namespace brisk
