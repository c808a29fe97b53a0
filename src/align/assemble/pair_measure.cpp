// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/pair_measure.h"

#include <utility>

#include "align/assemble/recorder_files.h"
#include "align/nominate/stamp_place.h"
#include "core/guarded.h"

namespace brisk {
namespace {
constexpr std::size_t kKeptOpen = 200;  // files; a program may open a thousand
}

bool settles(const TetherEstimate& e, const SoundScan& take, const SoundScan& recording) {
    if (e.status != MatchStatus::Matched || !e.oneLineHolds()) return false;
    const TimeRange heard = take.onTake();
    return e.line.toRecording(heard.start) > -kWorthCovering &&
           e.line.toRecording(heard.end) < recording.length() + kWorthCovering;
}

PairMeasure::PairMeasure(const std::vector<const SoundScan*>& takes,
                         const std::vector<const SoundScan*>& recordings, KnownPairs* known)
    : takes_(takes), recordings_(recordings), known_(known), opened_(recordings.size()) {}

Result<std::shared_ptr<HeldSound>> PairMeasure::borrow(std::size_t r) {
    {
        const std::scoped_lock hold(opened_[r].lock);
        if (opened_[r].idle) return std::exchange(opened_[r].idle, nullptr);
    }
    return HeldSound::open(*recordings_[r]);
}

void PairMeasure::giveBack(std::size_t r, std::shared_ptr<HeldSound> sound) {
    if (r >= kKeptOpen) return;
    sound->forget();
    const std::scoped_lock hold(opened_[r].lock);
    opened_[r].idle = std::move(sound);
}

Result<TetherEstimate> PairMeasure::with(std::shared_ptr<HeldSound>& held, std::size_t t,
                                         std::size_t r, const Ask& ask) {
    if (!held) {
        auto opened = HeldSound::open(*takes_[t]);
        if (!opened) return tl::unexpected(opened.error());
        held = std::move(*opened);
    }
    auto recording = borrow(r);
    if (!recording) return tl::unexpected(recording.error());
    WindowReader reader(held, *recording);
    auto answer = ask(reader);
    giveBack(r, std::move(*recording));
    return answer;
}

Result<TetherEstimate> PairMeasure::once(std::shared_ptr<HeldSound>& held, std::size_t t,
                                         std::size_t r, const Nominated& n, const JobControl& job) {
    const SoundScan &take = *takes_[t], &recording = *recordings_[r];
    if (known_) {
        if (auto before = known_->measured(take, recording)) return std::move(*before);
    }
    auto answer = guarded(take.info.path, [&] {
        return with(held, t, r, [&](WindowReader& reader) {
            return measureNominated(reader, n, stampPlace(take.info, recording.info), job);
        });
    });
    if (known_ && answer) known_->keep(take, recording, *answer);
    return answer;
}

}  // namespace brisk
