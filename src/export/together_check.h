// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Whether picture and sound of a file that was written belong together as they do in the take.
/// Comparing a file's sound with the recording alone cannot tell: it fits at any distance from the
/// picture.
///
///     auto picture = findPicture(original.info, written.info, job);       // which pictures it
///     holds auto apart = apartFromPicture(heard, found, picture->startsAt, overlap);
#pragma once

#include <cstdint>
#include <optional>

#include "core/clock_line.h"
#include "core/job_control.h"
#include "core/result.h"
#include "media/read/media_info.h"

namespace brisk {

/// Coded pictures of a file that are those of the take.
struct FoundPicture {
    std::int64_t pictures = 0;   ///< In the file.
    std::int64_t identical = 0;  ///< Of them the take's, packet for packet, all moved alike.
    /// Take time of what the file shows at its beginning; nothing where no picture is the take's
    /// (re-encoded, or of another take).
    std::optional<Seconds> startsAt;
};

/// Errors: CannotRead, NotMedia, Cancelled.   Threads: safe.
Result<FoundPicture> findPicture(const MediaInfo& take, const MediaInfo& written,
                                 const JobControl& job);

/// How far the sound is from where it belongs, at the start, middle and end; positive = it comes
/// too late in the picture.
struct Apart {
    Seconds start, middle, end;
    /// The largest, without sign.
    [[nodiscard]] Seconds worst() const;
};

/// \param meant     from take time to recording time, as it should be heard.
/// \param found     from the file's own time to recording time, as it is.
/// \param startsAt  take time of what the file shows at its beginning.
/// \param over      of the file's time.
Apart apartFromPicture(ClockLine meant, ClockLine found, Seconds startsAt, TimeRange over);

/// Farther apart than a step and a half from a microphone: more than measuring and placing by hand
/// leave.
constexpr Seconds kStillTogether{0.005};

}  // namespace brisk
