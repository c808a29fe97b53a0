// SPDX-License-Identifier: GPL-3.0-or-later
// While files are still to come: only what is sure whatever they hold, and cheap to find.
#include "align/assemble/pair_measure.h"
#include "align/assemble/pair_nominations.h"
#include "align/assemble/pair_search.h"
#include "core/parallel_for.h"
#include "core/shared_progress.h"

namespace brisk {
namespace {

constexpr double kOfNominating = 0.3;  // of the whole work, as it is told

}  // namespace

void searchAhead(const std::vector<const SoundScan*>& takes,
                 const std::vector<const SoundScan*>& recordings, int threads,
                 const JobControl& job, const TakeSure& told, KnownPairs& known) {
    PairNominations nominations(takes, recordings, threads, &known);
    PairMeasure measure(takes, recordings, &known);
    nominations.nominateAll(job.part(0, kOfNominating));
    SharedProgress progress(takes.size(), job.part(kOfNominating, 1));
    parallelFor(takes.size(), threads, [&](std::size_t t) {
        const JobControl piece = progress.piece();
        std::shared_ptr<HeldSound> held;
        for (const std::size_t r : nominations.likeliestFirst(t)) {
            if (job.stopRequested() || !nominations.asked(t, r)) continue;
            const auto& n = nominations.of(t, r);
            if (!n || !n->standsAlone(kWorthALook)) continue;
            const auto answer = measure.once(held, t, r, *n, piece);
            if (!answer || !settles(*answer, *takes[t], *recordings[r])) continue;
            told(t, r, *answer);
            break;
        }
        piece.report(1);
    });
}

}  // namespace brisk
