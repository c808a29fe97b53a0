// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/state_patch.h"

#include <stdexcept>
#include <string>

#include "shoot/shoot_json.h"
#include "shoot/sound_choice_json.h"
#include "shoot/state_check.h"

namespace brisk {
using nlohmann::ordered_json;

namespace {

template <class Item, class ToJson>
void patchList(const std::string& name, const std::vector<Item>& from, const std::vector<Item>& to,
               ToJson toJson, ordered_json& patch) {
    const std::size_t both = std::min(from.size(), to.size());
    for (std::size_t i = 0; i < both; ++i) {
        if (from[i] == to[i]) continue;
        patch.push_back({{"op", "replace"},
                         {"path", "/" + name + "/" + std::to_string(i)},
                         {"value", toJson(to[i])}});
    }
    for (std::size_t i = from.size(); i > both; --i) {
        patch.push_back({{"op", "remove"}, {"path", "/" + name + "/" + std::to_string(i - 1)}});
    }
    for (std::size_t i = both; i < to.size(); ++i) {
        patch.push_back({{"op", "add"}, {"path", "/" + name + "/-"}, {"value", toJson(to[i])}});
    }
}

template <class Item, class FromJson>
void patchItem(std::vector<Item>& list, const std::string& op, const std::string& place,
               const ordered_json& step, FromJson fromJson) {
    if (op == "add" && place == "-") {
        list.push_back(fromJson(step.at("value")));
        return;
    }
    const auto i = static_cast<std::size_t>(std::stoul(place));
    if (op == "replace") {
        list.at(i) = fromJson(step.at("value"));
    } else if (op == "remove" && i + 1 == list.size()) {
        list.pop_back();
    } else {
        throw std::out_of_range(op);
    }
}

}  // namespace

ordered_json statePatch(const ShootState& from, const ShootState& to,
                        const std::filesystem::path& folder) {
    ordered_json patch = ordered_json::array();
    if (from.nextId != to.nextId) {
        patch.push_back({{"op", "replace"}, {"path", "/next_id"}, {"value", to.nextId}});
    }
    patchList(
        "media", from.media, to.media, [&](const MediaItem& m) { return mediaJson(m, folder); },
        patch);
    patchList("tethers", from.tethers, to.tethers, tetherJson, patch);
    patchList("marks", from.marks, to.marks, markJson, patch);
    patchList("edits", from.edits, to.edits, editJson, patch);
    if (!(from.sound == to.sound)) {
        patch.push_back(
            {{"op", "replace"}, {"path", "/sound"}, {"value", soundChoiceJson(to.sound)}});
    }
    return patch;
}

void applyPatch(ShootState& state, const ordered_json& patch) {
    for (const auto& step : patch) {
        const std::string op = step.at("op"), path = step.at("path");
        if (path == "/next_id") {
            state.nextId = wholeFrom(step.at("value"));
            continue;
        }
        if (path == "/sound") {
            state.sound = soundChoiceFrom(step.at("value"));
            continue;
        }
        const auto slash = path.find('/', 1);
        if (slash == std::string::npos) throw std::out_of_range(path);
        const std::string list = path.substr(1, slash - 1), place = path.substr(slash + 1);
        if (list == "media") {
            patchItem(state.media, op, place, step, mediaFrom);
        } else if (list == "tethers") {
            patchItem(state.tethers, op, place, step, tetherFrom);
        } else if (list == "marks") {
            patchItem(state.marks, op, place, step, markFrom);
        } else if (list == "edits") {
            patchItem(state.edits, op, place, step, editFrom);
        } else {
            throw std::out_of_range(path);
        }
    }
    checkState(state);
}

}  // namespace brisk
