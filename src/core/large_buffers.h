// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Keeps the program's memory near what it holds.
///
///     int main() { brisk::returnLargeBuffersAtOnce(); ... }
#pragma once

namespace brisk {

/// Buffers of a megabyte and more go back to the system when they are freed. Left to itself the C
/// library raises that limit with each one it sees and keeps the leftovers in every thread's heap:
/// a third of the peak on a long day. Call once, first thing. Does nothing on other libraries.
void returnLargeBuffersAtOnce();

}  // namespace brisk
