// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/large_buffers.h"

#include <cstdlib>  // defines __GLIBC__ where it is the one

#if defined(__GLIBC__)
#include <malloc.h>
#endif

namespace brisk {

void returnLargeBuffersAtOnce() {
#if defined(__GLIBC__)
    // Setting one of them also stops the library from moving both.
    mallopt(M_MMAP_THRESHOLD, 1 << 20);
    mallopt(M_TRIM_THRESHOLD, 4 << 20);
#endif
}

}  // namespace brisk
