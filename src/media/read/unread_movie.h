// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// An MP4 or MOV file of which the index is read and nothing else: its packets come with their time
/// stamps, sizes and flags, but hold nothing.
#pragma once

#include <string>

#include "core/job_control.h"
#include "media/read/av_handles.h"

namespace brisk::av {

/// Closes what it reads from, too.
struct UnreadMovieDeleter {
    void operator()(AVFormatContext* c) const;
};
using UnreadMovie = std::unique_ptr<AVFormatContext, UnreadMovieDeleter>;

/// Null where the file is no such movie, has no index for all of it, or cannot be read.
UnreadMovie openUnread(const std::string& path, const JobControl& job);

}  // namespace brisk::av
