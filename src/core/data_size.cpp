// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/data_size.h"

#include "core/number_text.h"

namespace brisk {

std::string bytesText(std::uintmax_t bytes) {
    const char* units[] = {"bytes", "kB", "MB", "GB", "TB"};
    auto v = static_cast<double>(bytes);
    int unit = 0;
    while (v >= 1000 && unit < 4) {
        v /= 1000;
        ++unit;
    }
    return fixedText(v, unit == 0 || v >= 100 ? 0 : 1) + " " + units[unit];
}

}  // namespace brisk
