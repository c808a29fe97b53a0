// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Files as timelines name them: "file://" URLs, or parts of one that count from the timeline's
/// own folder. Source: RFC 3986 and 8089.
#pragma once

#include <filesystem>
#include <string>

namespace brisk {

/// As referenceFrom, percent-encoded.
std::string urlOfFile(const std::string& path, const std::filesystem::path& folder);

/// The path that it stands for, absolute where `folder` is; empty for an address that is no file's.
std::filesystem::path pathOfUrl(const std::string& url, const std::filesystem::path& folder);

}  // namespace brisk
