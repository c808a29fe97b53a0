// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Languages have two codes of three letters where their own name and the English one differ.
#pragma once

#include <string>

namespace brisk {

/// The code after the English name, which QuickTime's table knows: "ger" for "deu". Others stay.
/// Source: ISO 639-2, codes B and T.
inline std::string englishLanguageCode(const std::string& code) {
    static constexpr const char* kCodes[][2] = {
        {"bod", "tib"}, {"ces", "cze"}, {"cym", "wel"}, {"deu", "ger"}, {"ell", "gre"},
        {"eus", "baq"}, {"fas", "per"}, {"fra", "fre"}, {"hye", "arm"}, {"isl", "ice"},
        {"kat", "geo"}, {"mkd", "mac"}, {"mri", "mao"}, {"msa", "may"}, {"mya", "bur"},
        {"nld", "dut"}, {"ron", "rum"}, {"slk", "slo"}, {"sqi", "alb"}, {"zho", "chi"}};
    for (const auto& [own, english] : kCodes) {
        if (code == own) return english;
    }
    return code;
}

}  // namespace brisk
