// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Decoding of pictures on the machine's own decoder, where it has one for the format (VA-API
/// or CUDA, through libavutil's device contexts). For looking at pictures only: what is
/// written or compared is decoded in software, which is the same everywhere.
#pragma once

#include "media/read/av_handles.h"

namespace brisk::av {

/// Before the decoder is opened. Without a device nothing changes.   Threads: safe.
void offerHardware(AVCodecContext* context);

/// A frame that lies in a device's memory, brought into this one; any other is left as it is. False
/// where the device does not give it.
bool bringToMemory(Frame& frame);

}  // namespace brisk::av
