// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How far two clocks that both mean to count seconds may run apart.
#pragma once

namespace brisk {

/// Seconds a second. Recorders and cameras keep to ±50 ppm; phones and old cassette adapters were
/// measured up to 300. Beyond that another rate was written into the file: no clock.
constexpr double kMaxClockDrift = 320e-6;

}  // namespace brisk
