// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plain_line.h"

#include <unictype.h>
#include <unistr.h>

namespace brisk {
namespace {

/// Calls `each` with every letter, U+FFFD for what is none, and its bytes.
template <class Each>
void forLetters(const std::string& text, Each each) {
    const auto* at = reinterpret_cast<const std::uint8_t*>(text.data());
    std::size_t left = text.size();
    while (left > 0) {
        ucs4_t letter = 0;
        const int n = u8_mbtoucr(&letter, at, left);
        if (n <= 0) {
            each(ucs4_t{0xFFFD}, std::string_view("\xEF\xBF\xBD"));
            ++at;
            --left;
            continue;
        }
        const auto bytes = static_cast<std::size_t>(n);
        each(letter, std::string_view(reinterpret_cast<const char*>(at), bytes));
        at += bytes;
        left -= bytes;
    }
}

bool breaksLine(ucs4_t letter) {
    return uc_is_general_category_withtable(
        letter, UC_CATEGORY_MASK_Cc | UC_CATEGORY_MASK_Zl | UC_CATEGORY_MASK_Zp);
}

}  // namespace

std::string validUtf8(const std::string& text) {
    std::string out;
    forLetters(text, [&](ucs4_t, std::string_view bytes) { out += bytes; });
    return out;
}

std::string plainLine(const std::string& text, std::size_t most) {
    static const std::string kMore = "\xE2\x80\xA6";
    std::string out;
    std::size_t fits = 0;  // bytes after which an ellipsis has room
    forLetters(text, [&](ucs4_t letter, std::string_view bytes) {
        out += breaksLine(letter) ? std::string_view(" ") : bytes;
        if (out.size() + kMore.size() <= most) fits = out.size();
    });
    return out.size() <= most ? out : out.substr(0, fits) + kMore;
}

}  // namespace brisk
