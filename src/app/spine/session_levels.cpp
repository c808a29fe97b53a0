// SPDX-License-Identifier: GPL-3.0-or-later
// How the session brings takes to one loudness, whatever that is.
#include <algorithm>
#include <cmath>

#include "app/spine/session.h"
#include "app/spine/words.h"
#include "core/statistics.h"
#include "core/time_text.h"
#include "render/headroom.h"

namespace brisk::app {
namespace {

constexpr double kMinLufs = -40, kMaxLufs = -5;  // what a target may be

/// Of each that can be measured, as recorded. Errors: Cancelled, CannotRead.
Result<std::vector<double>> loudnessOf(const std::vector<TakeSoundPlan>& plans,
                                       const JobControl& job) {
    std::vector<double> out;
    const auto all = static_cast<double>(plans.size());
    for (std::size_t i = 0; i < plans.size(); ++i) {
        const auto n = static_cast<double>(i);
        auto level = measureLevel(plans[i], job.part(n / all, (n + 1) / all));
        if (!level) return tl::unexpected(level.error());
        if (level->measured()) out.push_back(level->lufs);
    }
    return out;
}

}  // namespace

void Session::levelAlike() {
    std::vector<TakeSoundPlan> plans;
    for (const int take : state().ids(MediaKind::Take)) {
        const TakeEdit* e = state().editOf(take);
        auto plan = e && e->sound ? std::nullopt : view(take).sound;
        if (!plan) continue;
        plan->choice.toLoudness = false;
        plan->level = {};
        plans.push_back(std::move(*plan));
    }
    if (plans.size() < 2) {
        emit said(tr("Levels can be made alike once two takes have a place."));
        return;
    }
    work_.start(tr("Measuring the loudness of %1 takes").arg(plans.size()),
                [this, plans](const JobControl& job) -> WorkQueue::Finish {
                    auto found =
                        std::make_shared<Result<std::vector<double>>>(loudnessOf(plans, job));
                    return [this, found] {
                        if (!*found) {
                            if (found->error().code == ErrorCode::Cancelled) return;
                            return addNote(inWords(found->error().fact));
                        }
                        std::vector<double>& lufs = **found;
                        if (lufs.empty())
                            return addNote(tr("The takes are silent: nothing was changed."));
                        // The one in the middle: one shouted take does not raise all others.
                        const double middle = median(lufs);
                        SoundChoice c = state().sound;
                        c.toLoudness = true;
                        c.targetLufs = std::clamp(std::round(middle * 10) / 10, kMinLufs, kMaxLufs);
                        setSound({}, c, {"levels-alike", {{"lufs", c.targetLufs}}});
                    };
                });
}

void Session::measurePeaks(const std::vector<int>& takes) {
    std::vector<TakeSoundPlan> plans;
    for (const int take : takes) {
        auto plan = view(take).sound;
        const bool wanted = plan && !plan->choice.toLoudness && !surelyFits(*plan);
        if (wanted && !levels_.ifKnown(*plan)) plans.push_back(std::move(*plan));
    }
    if (plans.empty()) return;
    work_.start(tr("Measuring levels"), [this, plans](const JobControl& job) -> WorkQueue::Finish {
        std::vector<std::pair<TakeSoundPlan, LevelPlan>> found;
        const auto all = static_cast<double>(plans.size());
        for (std::size_t i = 0; i < plans.size() && !job.stopRequested(); ++i) {
            const auto n = static_cast<double>(i);
            // What cannot be read is said where it is written.
            auto level = resolveLevel(plans[i], job.part(n / all, (n + 1) / all));
            if (level) found.emplace_back(plans[i], *level);
        }
        return [this, found = std::move(found)] {
            for (const auto& [plan, level] : found) levels_.take(plan, level);
        };
    });
}

}  // namespace brisk::app
