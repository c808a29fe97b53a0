// SPDX-License-Identifier: GPL-3.0-or-later
// Stamps, coarse search and claps each name places; each place is measured; one verdict is spoken
// over all of them. Why not take the coarse search's best and stop: two songs by the same
// playlist, or a metronome, give a best place that is wrong, and only its rivals, measured as
// carefully, show it.
#include "align/assemble/match.h"

#include "align/assemble/match_methods.h"

namespace brisk {

Result<TetherEstimate> matchPair(const SoundScan& take, const SoundScan& recording,
                                 const MatchOptions& options, const JobControl& job) {
    auto reader = WindowReader::open(take, recording);
    if (!reader) return tl::unexpected(reader.error());
    if (options.method == MatchMethod::Claps) return matchByOnsets(*reader, job);
    const auto stamps = stampPlace(take.info, recording.info);
    auto searched = options.searched;
    if (!searched) searched = std::make_shared<CoarseRecording>(recording.bands);
    if (options.method == MatchMethod::Timecode) {
        return matchByStamps(*reader, *searched, stamps, job);
    }
    auto e = matchByWaveform(*reader, *searched, stamps, job);
    if (!e || options.method == MatchMethod::Waveform) return e;
    return orByOnsets(*reader, std::move(*e), job.withReport({}));
}

}  // namespace brisk
