// SPDX-License-Identifier: GPL-3.0-or-later
// Clocks that were set together are good to about a picture frame, and clocks that were not are
// wrong by anything: the stamps say where to listen, the sound says where it is.
#include "align/assemble/match_methods.h"
#include "align/follow/estimate_from.h"

namespace brisk {
namespace {
constexpr double kStampConfidence = 0.5;  // nothing but the stamps is known
}

Result<TetherEstimate> matchByStamps(WindowReader& reader, CoarseRecording& searched,
                                     const std::optional<StampPlace>& stamps,
                                     const JobControl& job) {
    if (!stamps) {
        return refusal({"no-stamps"});
    }
    auto heard = matchByWaveform(reader, searched, stamps, job);
    if (!heard) return heard;
    const double apart = std::abs((heard->line.offset - stamps->line.offset).value);
    if (heard->status != MatchStatus::Unmatched && apart <= stamps->doubt.value) {
        heard->method = "timecode";
        heard->reason = {
            {"stamps-and-sound", {{"stamps", stamps->sources}, {"agreement", heard->reason}}}};
        return heard;
    }
    TetherEstimate e;
    e.method = "timecode";
    const SoundScan& take = reader.take();
    const Seconds scratchStart = take.info.soundStartInTake();
    TimeRange overlap = reader.overlap(onScratchTime(stamps->line, scratchStart));
    if (overlap.length() <= Seconds{0}) {
        return refusal({"stamps-apart", {{"stamps", stamps->sources}}});
    }
    e.overlap = {overlap.start + scratchStart, overlap.end + scratchStart};
    e.line = stamps->line;
    e.segments = {{e.overlap, e.line}};
    e.status = MatchStatus::Unsure;
    if (heard->status == MatchStatus::Matched) {
        e.rivals = {{heard->line.offset, 0}};
        e.confidence = 0.02;
        e.reason = {{"stamps-against-sound", {{"stamps", stamps->sources}}}};
    } else {
        e.confidence = kStampConfidence;
        e.reason = {{"stamps-alone", {{"stamps", stamps->sources}}}};
    }
    return e;
}

}  // namespace brisk
