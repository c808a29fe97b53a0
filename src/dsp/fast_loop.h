// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A function marked BRISK_FAST_LOOP is compiled once for each of these processors. It has to do
/// the same sums in the same order on all, so that results do not depend on where it runs.
#pragma once

// Which one fits is asked before the thread sanitizer is ready to be called.
#if defined(__x86_64__) && defined(__GNUC__) && !defined(__clang__) && !defined(__SANITIZE_THREAD__)
#define BRISK_FAST_LOOP __attribute__((target_clones("avx512f", "avx2", "default")))
#else
#define BRISK_FAST_LOOP
#endif
