// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Facts, times and amounts in the window's language: the phrases of text/, translated in the
/// context "brisk", with the plural forms and the decimal mark that the language has.
#pragma once

#include <QString>
#include <string>

#include "core/fact.h"
#include "core/rational.h"
#include "core/units.h"

namespace brisk::app {

/// A name, a path or a text of the core's, which are UTF-8.
inline QString q(const std::string& s) {
    return QString::fromStdString(s);
}

QString inWords(const Fact& fact);
QString inWords(const Facts& facts);

/// "0:19:27.483", as clockText.
QString clockWords(Seconds t, int decimals);
/// "−0.2 ms", as slipText.
QString slipWords(Seconds slip);
/// "5.3 ms" or "2.4 s", as spanText.
QString spanWords(Seconds length);
/// "1.2 GB", as bytesText.
QString bytesWords(std::uintmax_t bytes);
/// "29 187 frames + 0.40": whole frames of a constant rate, and the rest.
QString framesWords(Seconds t, Rational frameRate);
/// A number with so many digits after the mark, and a real minus sign.
QString numberWords(double v, int decimals);
/// "4.2 m" or "13.8 ft".
QString lengthWords(double metres);

/// The way that sound goes in a time, as lengthWords.
QString wayWords(Seconds sound);

/// What a person typed, with the decimal mark that the rest of the program reads: both marks are
/// accepted everywhere.
QString typedNumber(QString text);

/// Whether lengths are told in feet from now on.
void tellLengthsInFeet(bool feet);
[[nodiscard]] bool lengthsInFeet();

}  // namespace brisk::app
