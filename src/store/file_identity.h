// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Recognises a media file that was moved or renamed, and notices one that was changed: its size,
/// a hash of its head and tail, and one of blocks between them. Two recordings of one length that
/// begin and end in silence differ in the middle. Reads at most 192 KiB.
#pragma once

#include <cstdint>
#include <string>

#include "core/result.h"

namespace brisk {

struct FileIdentity {
    std::uint64_t bytes = 0;
    std::string hash;  ///< SHA-1 over the first and last 64 KiB, in hex.
    /// SHA-1 over 16 blocks of 4 KiB, evenly between head and tail, in hex. Empty in files from
    /// before it was looked at: then the rest decides.
    std::string middle = {};
    friend bool operator==(const FileIdentity& a, const FileIdentity& b) {
        return a.bytes == b.bytes && a.hash == b.hash &&
               (a.middle.empty() || b.middle.empty() || a.middle == b.middle);
    }
};

/// Errors: CannotRead.
Result<FileIdentity> identityOf(const std::string& path);

}  // namespace brisk
