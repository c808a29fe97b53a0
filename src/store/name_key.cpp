// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/name_key.h"

#include <unicase.h>
#include <uninorm.h>
#include <unistr.h>

#include <cstdlib>
#include <memory>

namespace brisk {

std::string nameKey(const std::string& name) {
    const auto* bytes = reinterpret_cast<const std::uint8_t*>(name.data());
    if (u8_check(bytes, name.size())) return name;
    std::size_t length = 0;
    const std::unique_ptr<std::uint8_t, void (*)(void*)> folded(
        u8_casefold(bytes, name.size(), nullptr, UNINORM_NFC, nullptr, &length), std::free);
    if (!folded) return name;
    return {reinterpret_cast<const char*>(folded.get()), length};
}

}  // namespace brisk
