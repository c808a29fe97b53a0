// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which coded pictures a stretch of a take needs: from the key frame at or before its first
/// picture on.
///
///     auto cut = pictureCut(take.info, {{12.4}, {31}}, PieceWay::Copied, job);
#pragma once

#include <cstdint>

#include "core/job_control.h"
#include "core/result.h"
#include "media/read/media_info.h"

namespace brisk {

/// How a piece of a take gets its picture.
enum class PieceWay {
    Copied,      ///< Exact: what comes before is marked as not to be shown, see canHidePictures.
    AtKeyFrame,  ///< Copied from the key frame at or before its start: some earlier than asked for.
    CodedAnew,   ///< Exact in every container and for every program, at the cost of coding.
};

struct PictureCut {
    PieceWay way = PieceWay::Copied;
    std::int64_t packets = 0;   ///< How many are needed, from the key frame on, in file order.
    std::int64_t keyPts = 0;    ///< File clock, of that key frame: the packet to begin with.
    std::int64_t startPts = 0;  ///< File clock, of the first picture that is shown.
    std::int64_t endPts = 0;    ///< File clock: pictures from here on are not asked for.
    Seconds start;              ///< Of the first picture that is shown, on take time.
    /// Take time at which the last picture ends. Where they are copied, pictures that depend on
    /// each other may make it some later than was asked for.
    Seconds end;
    /// Of the packets, one that is left out: it shows something from before the piece.
    [[nodiscard]] bool leavesOut(std::int64_t pts) const {
        return way == PieceWay::AtKeyFrame && pts < startPts;
    }
};

/// The first picture shown is the one on screen at `stretch.start`, or the key frame before it.
/// Reads no more of the file than the stretch. Errors: CannotRead, NotMedia (nothing is shown
/// then), Cancelled.
Result<PictureCut> pictureCut(const MediaInfo& take, TimeRange stretch, PieceWay way,
                              const JobControl& job);

/// True where a container can say that pictures before a key frame's end are not to be shown.
bool canHidePictures(const std::string& muxer);

}  // namespace brisk
