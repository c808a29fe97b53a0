// SPDX-License-Identifier: GPL-3.0-or-later
// Clocks that were set together are good to about a picture frame, and clocks that were not are
// wrong by anything: the stamps say where to listen, the sound says where it is.
#include "align/assemble/match_methods.h"
#include "align/measure/estimate_from.h"

namespace brisk {
namespace {
constexpr double kStampConfidence = 0.5;  // nothing but the stamps is known
}

Result<TetherEstimate> matchByStamps(WindowReader& reader, CoarseRecording& searched,
                                     const std::optional<StampPlace>& stamps,
                                     const JobControl& job) {
    if (!stamps) {
        return refusal("The two files carry no time stamps that can be compared.");
    }
    auto heard = matchByWaveform(reader, searched, stamps, 0, job);
    if (!heard) return heard;
    const double apart = std::abs((heard->line.offset - stamps->line.offset).value);
    if (heard->status != MatchStatus::Unmatched && apart <= stamps->doubt.value) {
        heard->method = "timecode";
        heard->reason = "By " + stamps->sources + ", and the sound agrees: " + heard->reason;
        return heard;
    }
    TetherEstimate e;
    e.method = "timecode";
    const SoundScan& take = reader.take();
    const Seconds scratchStart = take.info.soundStartInTake();
    TimeRange overlap = reader.overlap(onScratchTime(stamps->line, scratchStart));
    if (overlap.length() <= Seconds{0}) {
        return refusal("By " + stamps->sources + " the two were not running at the same time.");
    }
    e.overlap = {overlap.start + scratchStart, overlap.end + scratchStart};
    e.line = stamps->line;
    e.segments = {{e.overlap, e.line}};
    e.status = MatchStatus::Unsure;
    if (heard->status == MatchStatus::Matched) {
        e.rivals = {{heard->line.offset, 0}};
        e.confidence = 0.02;
        e.reason = "The " + stamps->sources +
                   " put it here, but the sound fits elsewhere beyond doubt; were the clocks set?";
    } else {
        e.confidence = kStampConfidence;
        e.reason = "Placed by " + stamps->sources +
                   " alone, to a picture frame at best; the sound does not decide. Listen to it.";
    }
    return e;
}

}  // namespace brisk
