// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A function marked BRISK_FAST_LOOP is compiled once for each of these processors. It has to do
/// the same sums in the same order on all, so that results do not depend on where it runs.
#pragma once

#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__)
#define BRISK_FAST_LOOP __attribute__((target_clones("avx512f", "avx2", "default")))
#else
#define BRISK_FAST_LOOP
#endif
