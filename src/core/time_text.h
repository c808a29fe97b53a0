// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Times and amounts in words and digits, the same in the window, in reports and on the command
/// line.
///
///     clockText(Seconds{1167.483217}, 3)   // "0:19:27.483"
///     slipText(Seconds{-0.0002})           // "−0.2 ms"
#pragma once

#include <string>

#include "core/rational.h"
#include "core/units.h"

namespace brisk {

/// h:mm:ss with `decimals` digits of a second; a real minus sign for negative times.
std::string clockText(Seconds t, int decimals);

/// Milliseconds with one decimal (two below 0.1 ms), signed.
std::string slipText(Seconds slip);

/// How long something lasts: "5.3 ms" under a second, "2.4 s" from there on.
std::string spanText(Seconds length);

/// "29 187 frames + 0.4" of a constant-rate take: whole frames and the rest.
std::string framesText(Seconds t, Rational frameRate);

/// A number with a real minus sign.
std::string signedText(double v, int decimals);

/// Digits grouped by thin spaces, "56 040 123".
std::string groupedText(long long n);

/// "25 fps", "29.97 fps".
std::string rateText(Rational frameRate);

}  // namespace brisk
