// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/tiny_seam.h"

#include <algorithm>
#include <cmath>

namespace brisk::app {
namespace {

/// The louder of what is there and what comes.
void add(TinySeam::Side& side, const MediaFacts& f, ClockLine line, Seconds length) {
    if (!f.peaks || length <= Seconds{0}) return;
    const double rate = f.info.sounds.front().rate.hertz;
    const double per = length.value * rate * line.drift.factor() / TinySeam::kColumns;
    const auto columns =
        f.peaks->columns(line.offset.value * rate, per, static_cast<int>(TinySeam::kColumns));
    const float most = std::max(0.02f, f.peaks->largest());
    for (std::size_t x = 0; x < side.size(); ++x) {
        const float v = std::max(std::fabs(columns[x].low), std::fabs(columns[x].high)) / most;
        side[x] = std::max(side[x], v);
    }
}

}  // namespace

TinySeam tinySeamOf(const Session& session, int media) {
    TinySeam out;
    const MediaItem* item = session.state().item(media);
    const MediaFacts* f = session.facts(media);
    if (!item || !f || f->info.sounds.empty()) return out;
    if (item->role == MediaKind::Recording) {
        add(out.clean, *f, {}, f->info.duration);
        return out;
    }
    add(out.camera, *f, ClockLine{-f->info.soundStartInTake(), {0}}, f->info.duration);
    // All that is heard: recordings that continue each other are each silent where the other
    // sounds.
    for (const Tether* t : session.state().tethersOf(media)) {
        if (t->beside || t->state() == TetherState::Loose) continue;
        const MediaFacts* clean = session.facts(t->recording);
        if (!clean || clean->info.sounds.empty()) continue;
        add(out.clean, *clean, t->line, f->info.duration);
    }
    return out;
}

}  // namespace brisk::app
