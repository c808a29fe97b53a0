// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/file_url.h"

#include <cctype>
#include <string_view>

#include "export/documents/file_reference.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

constexpr std::string_view kDigits = "0123456789ABCDEF";
constexpr std::string_view kScheme = "file://";

bool plain(char c) {
    const auto u = static_cast<unsigned char>(c);
    return (u < 0x80 && std::isalnum(u) != 0) ||
           std::string_view("-._~/").find(c) != std::string_view::npos;
}

/// 0 to 15; npos for what is no such digit.
std::size_t digitOf(char c) {
    return kDigits.find(static_cast<char>(std::toupper(static_cast<unsigned char>(c))));
}

std::string decoded(std::string_view text) {
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const bool coded = text[i] == '%' && i + 2 < text.size() &&
                           digitOf(text[i + 1]) != std::string_view::npos &&
                           digitOf(text[i + 2]) != std::string_view::npos;
        if (!coded) {
            out += text[i];
            continue;
        }
        out += static_cast<char>(digitOf(text[i + 1]) * 16 + digitOf(text[i + 2]));
        i += 2;
    }
    return out;
}

}  // namespace

std::string urlOfFile(const std::string& path, const fs::path& folder) {
    const std::string text = referenceFrom(folder, path);
    std::string url = fs::path(text).is_absolute() ? std::string(kScheme) : "";
    for (const char c : text) {
        if (plain(c)) {
            url += c;
        } else {
            const auto u = static_cast<unsigned char>(c);
            url += '%';
            url += kDigits[u >> 4];
            url += kDigits[u & 15];
        }
    }
    return url;
}

fs::path pathOfUrl(const std::string& url, const fs::path& folder) {
    std::string_view text = url;
    if (text.starts_with(kScheme)) {
        text.remove_prefix(kScheme.size());
        // A machine's name may stand before the path; this one's is as good as none.
        const auto slash = text.find('/');
        return slash == std::string_view::npos ? fs::path() : fs::path(decoded(text.substr(slash)));
    }
    if (text.find("://") != std::string_view::npos) return {};
    return (folder / decoded(text)).lexically_normal();
}

}  // namespace brisk
