// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Copies a take's other streams and its chapters into a new file. Private to src/media.
#pragma once

#include <map>
#include <optional>
#include <vector>

#include "media/read/av_handles.h"
#include "media/read/media_info.h"

namespace brisk {

class CopiedStreams {
  public:
    /// Adds a stream to `output` for each that it takes, before its header is written, and those
    /// chapters that lie in `held`, take time.
    /// \param zero  file time of what is at 0 in the new file.
    CopiedStreams(const MediaInfo& source, AVFormatContext* input, AVFormatContext* output,
                  Seconds zero, Seconds length);
    /// Everything but these and the picture need not be read.
    [[nodiscard]] bool copies(int inputStream) const { return to_.count(inputStream) > 0; }
    /// Moves a packet of a copied stream to its new place; false where it lies outside.
    bool place(AVPacket* packet) const;

  private:
    void copyChapters();
    AVFormatContext* input_;
    AVFormatContext* output_;
    Seconds zero_, length_;
    std::map<int, int> to_;
};

/// What was said of the take; not what described its old container.
void copyMetadata(const AVFormatContext* from, AVFormatContext* to);

/// The source's description of a stream, on a new one, with the code that the container has for it.
/// \param codedAnew  leaves out what is true of the source's coding only.
AVStream* addCopiedStream(AVFormatContext* output, const AVStream* from, bool codedAnew = false);

}  // namespace brisk
