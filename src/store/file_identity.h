// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Recognises a media file that was moved or renamed, and notices one that was changed: its size
/// and a hash of its head and tail. Reads at most 128 KiB.
#pragma once

#include <cstdint>
#include <string>

#include "core/result.h"

namespace brisk {

struct FileIdentity {
    std::uint64_t bytes = 0;
    std::string hash;  ///< SHA-1 over the first and last 64 KiB, in hex.
    friend bool operator==(const FileIdentity&, const FileIdentity&) = default;
};

/// Errors: CannotRead.
Result<FileIdentity> identityOf(const std::string& path);

}  // namespace brisk
