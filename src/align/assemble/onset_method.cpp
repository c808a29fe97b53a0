// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/match_methods.h"
#include "align/decide/judge.h"
#include "align/follow/estimate_from.h"
#include "align/measure/clap_match.h"
#include "features/quiet_take.h"

namespace brisk {

Result<TetherEstimate> matchByOnsets(WindowReader& reader, const JobControl& job) {
    const SoundScan& take = reader.take();
    if (take.spikes.empty() || reader.recording().spikes.empty()) {
        return refusal({take.spikes.empty() ? "no-claps-in-take" : "no-claps-in-recording"});
    }
    auto found = matchByClaps(reader, {{0}, take.length()}, job);
    if (!found) return tl::unexpected(found.error());
    if (found->empty()) return refusal({"silent-claps"});
    const ClapMatch& best = found->front();
    const Seconds scratchStart = take.info.soundStartInTake();
    TetherEstimate e = estimateFrom({{best.match.overlap, best.match}}, scratchStart);
    e.method = "claps";
    for (std::size_t i = 1; i < found->size(); ++i) {
        const FineMatch& other = (*found)[i].match;
        e.rivals.push_back(
            rivalAt(other.line, scratchStart, other.stackStrength, best.match.stackStrength));
    }
    judgeClaps(*found, quietButForClaps(take, best.match.overlap), e);
    return e;
}

Result<TetherEstimate> orByOnsets(WindowReader& reader, TetherEstimate byWaveform,
                                  const JobControl& job) {
    if (byWaveform.status == MatchStatus::Matched) return byWaveform;
    auto claps = matchByOnsets(reader, job);
    if (!claps) return claps;
    return claps->status < byWaveform.status ? std::move(*claps) : std::move(byWaveform);
}

}  // namespace brisk
