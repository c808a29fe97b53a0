// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Reads a written file once, in order, from its first packet to its last, and notes what it holds:
/// every coded picture, and every sample of the sounds whose coding loses nothing.
#pragma once

#include <map>
#include <vector>

#include "core/job_control.h"
#include "core/result.h"
#include "media/check/packet_digest.h"
#include "media/check/sample_digest.h"

namespace brisk {

struct FileContents {
    PacketList pictures;
    /// By stream. What does not decode is missing, and so differs.
    std::map<int, SampleDigest> sounds;
};

struct ContentsWish {
    bool pictures = true;
    std::vector<int> sounds = {};  ///< Streams to be decoded.
};

/// Sounds are decoded in a second thread. Memory: about 100 bytes a picture.
/// \param info  the file, probed. Errors: CannotRead, Cancelled.
Result<FileContents> readContents(const MediaInfo& info, const ContentsWish& wish,
                                  const JobControl& job);

}  // namespace brisk
