// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/history_json.h"

#include "shoot/shoot_json.h"

namespace brisk {
using nlohmann::json;
using nlohmann::ordered_json;

namespace {

/// Patches speak of plain JSON, whose keys have no order.
json plain(const ordered_json& j) {
    return json::parse(j.dump());
}

json plainState(const ShootState& s, const std::filesystem::path& folder) {
    return plain(shootJson(s, folder));
}

}  // namespace

json statePatch(const ShootState& from, const ShootState& to) {
    return json::diff(plainState(from, {}), plainState(to, {}));
}

ordered_json historyJson(const Shoot& shoot, const std::filesystem::path& folder) {
    const auto& steps = shoot.steps();
    json before = plainState(*steps.front().state, folder);
    ordered_json j;
    j["at"] = shoot.at();
    j["first"] = before;
    j["steps"] = ordered_json::array();
    for (std::size_t i = 1; i < steps.size(); ++i) {
        json now = plainState(*steps[i].state, folder);
        j["steps"].push_back({{"label", steps[i].label}, {"patch", json::diff(before, now)}});
        before = std::move(now);
    }
    return j;
}

std::optional<ReadHistory> historyFromJson(const ordered_json& history, const ordered_json& saved) {
    try {
        ReadHistory read;
        read.at = history.at("at");
        json state = plain(history.at("first"));
        const auto add = [&](const std::string& label) {
            read.steps.push_back(
                {label, std::make_shared<ShootState>(shootFromJson(ordered_json(state)))});
        };
        json inForce = state;
        add({});
        for (const auto& step : history.at("steps")) {
            state = state.patch(plain(step.at("patch")));
            add(step.at("label"));
            if (read.steps.size() == read.at + 1) inForce = state;
        }
        if (read.at >= read.steps.size()) return std::nullopt;
        const json should = plain(saved);
        for (const auto& [key, value] : inForce.items()) {
            if (!should.contains(key) || should.at(key) != value) return std::nullopt;
        }
        return read;
    } catch (const json::exception&) {
        return std::nullopt;
    }
}

Shoot shootFrom(ReadHistory history) {
    std::vector<HistoryStep> steps;
    for (auto& s : history.steps) steps.push_back({std::move(s.label), std::move(s.state)});
    return Shoot(std::move(steps), history.at);
}

}  // namespace brisk
