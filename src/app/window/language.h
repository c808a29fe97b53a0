// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The language of the window: the catalogues of translations/ that are built in, and the toolkit's
/// own for its dialogs.
#pragma once

#include <QLocale>

namespace brisk::app {

/// Everything said from now on is in the language of a locale, as far as there is a catalogue of
/// it, else in English. Numbers and dates are the default locale's.   Threads: the window's.
void useLanguage(const QLocale& locale);

}  // namespace brisk::app
