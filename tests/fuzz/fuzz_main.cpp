// SPDX-License-Identifier: GPL-3.0-or-later
// One program for each target: BRISK_FUZZ_TARGET is its name.
#include <cstddef>
#include <cstdint>

#include "fuzz/targets.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    brisk::fuzz::BRISK_FUZZ_TARGET({reinterpret_cast<const char*>(data), size});
    return 0;
}
