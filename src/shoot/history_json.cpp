// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/history_json.h"

#include <algorithm>
#include <stdexcept>

#include "shoot/fact_json.h"
#include "shoot/shoot_json.h"
#include "shoot/state_check.h"
#include "shoot/state_patch.h"

namespace brisk {
using nlohmann::ordered_json;

namespace {
/// Each step keeps a whole state; a small file can ask for any number of large ones.
constexpr std::size_t kMaxWeight = std::size_t{1} << 30;  // bytes
}  // namespace

ordered_json historyJson(const Shoot& shoot, const std::filesystem::path& folder) {
    const auto& steps = shoot.steps();
    ordered_json j;
    j["at"] = shoot.at();
    j["first"] = shootJson(*steps.front().state, folder);
    j["steps"] = ordered_json::array();
    for (std::size_t i = 1; i < steps.size(); ++i) {
        j["steps"].push_back({{"label", factJson(steps[i].label)},
                              {"patch", statePatch(*steps[i - 1].state, *steps[i].state, folder)}});
    }
    return j;
}

std::optional<ReadHistory> historyFromJson(const ordered_json& history, const ShootState& saved) {
    try {
        ReadHistory read;
        read.at = static_cast<std::size_t>(std::max(0, wholeFrom(history.at("at"))));
        ShootState state = shootFromJson(history.at("first"));
        std::size_t weight = weightOf(state);
        read.steps.push_back({{}, std::make_shared<ShootState>(state)});
        for (const auto& step : history.at("steps")) {
            applyPatch(state, step.at("patch"));
            weight += weightOf(state);
            if (weight > kMaxWeight) return std::nullopt;
            read.steps.push_back({factFrom(step.at("label")), std::make_shared<ShootState>(state)});
        }
        if (read.at >= read.steps.size()) return std::nullopt;
        const ShootState& inForce = *read.steps[read.at].state;
        const bool leadsThere = inForce.nextId == saved.nextId && inForce.media == saved.media &&
                                inForce.tethers == saved.tethers && inForce.marks == saved.marks &&
                                inForce.edits == saved.edits && inForce.sound == saved.sound;
        return leadsThere ? std::optional(std::move(read)) : std::nullopt;
    } catch (const ordered_json::exception&) {
        return std::nullopt;
    } catch (const std::logic_error&) {  // a patch that speaks of what is not there
        return std::nullopt;
    }
}

Shoot shootFrom(ReadHistory history) {
    std::vector<HistoryStep> steps;
    for (auto& s : history.steps) steps.push_back({std::move(s.label), std::move(s.state)});
    return Shoot(std::move(steps), history.at);
}

}  // namespace brisk
