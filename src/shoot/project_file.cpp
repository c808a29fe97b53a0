// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/project_file.h"

#include <filesystem>
#include <map>

#include "core/json_text.h"
#include "shoot/change_state.h"
#include "shoot/history_json.h"
#include "shoot/shoot_json.h"
#include "shoot/state_check.h"
#include "store/atomic_file.h"

namespace brisk {
namespace fs = std::filesystem;
using nlohmann::ordered_json;

namespace {

constexpr const char* kFormat = "brisk-tether-shoot";

/// The same file beside the project, or where it was; its old path when it is nowhere.
std::string locate(const fs::path& folder, const ordered_json& media) {
    std::error_code ec;
    const fs::path beside = folder / media.at("relative_path").get<std::string>();
    if (fs::exists(beside, ec)) return fs::weakly_canonical(beside, ec).string();
    return media.at("absolute_path").get<std::string>();
}

/// About files that are not what they were.
Facts checkMedia(const ShootState& state) {
    Facts warnings;
    for (const MediaItem& m : state.media) {
        const auto now = identityOf(m.path);
        const std::string name = fs::path(m.path).filename().string();
        if (!now) {
            warnings.push_back({"file-not-found", {{"file", name}}});
        } else if (!(*now == m.identity)) {
            warnings.push_back({"file-changed", {{"file", name}}});
        }
    }
    return warnings;
}

constexpr std::size_t kMaxSnapshots = std::size_t{512} << 20;  // bytes in memory

/// A project's text and its folder, understood so far that it is one.
Result<ordered_json> parsed(const std::string& text, const std::string& path) {
    ordered_json j = jsonFrom<ordered_json>(text);
    const bool whole = j.is_object() && j.contains("format") && j.contains("schema") &&
                       j["schema"].is_number_integer();
    if (!whole) {
        const bool other = j.is_object() && !j.contains("format");
        return failAt(ErrorCode::BadProject, path,
                      other ? Fact{"no-saved-shoot"} : Fact{"shoot-damaged"});
    }
    if (j["format"] != kFormat) {
        return failAt(ErrorCode::BadProject, path, {"no-saved-shoot"});
    }
    if (j["schema"] > kProjectSchema) {
        return failAt(ErrorCode::BadProject, path, {"shoot-of-newer-version"});
    }
    return j;
}

}  // namespace

Result<void> saveProject(const Shoot& shoot, const std::string& path, const JournalMark& journal) {
    std::error_code ec;
    const fs::path folder = fs::absolute(path, ec).parent_path();
    ordered_json j;
    j["format"] = kFormat;
    j["schema"] = kProjectSchema;
    j.update(shootJson(shoot.state(), folder));
    j["history"] = historyJson(shoot, folder);
    j["snapshots"] = ordered_json::array();
    for (const Snapshot& s : shoot.snapshots()) {
        j["snapshots"].push_back({{"name", s.name}, {"state", shootJson(*s.state, folder)}});
    }
    if (!shoot.allRemembered().empty()) j["remembered"] = shoot.allRemembered();
    j["journal"] = {{"id", journal.id}, {"lines", journal.lines}};
    if (!journal.save.empty()) j["save_id"] = journal.save;
    return writeWholeFile(path, jsonText(j, 1) + "\n");
}

void keepVersionBefore(const fs::path& project) {
    std::error_code ec;
    if (!fs::is_regular_file(project, ec)) return;
    if (const auto bytes = readWholeFile(project)) {
        (void)writeWholeFile(project.string() + "~", *bytes).has_value();
    }
}

Result<void> saveProject(const ShootState& state, const std::string& path) {
    return saveProject(Shoot(state), path, {});
}

Result<LoadedShoot> loadShoot(const std::string& path) {
    auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    auto j = parsed(*text, path);
    if (!j) return tl::unexpected(j.error());
    try {
        std::error_code ec;
        const fs::path folder = fs::absolute(path, ec).parent_path();
        std::map<int, std::string> places;
        for (const auto& m : j->at("media")) places[wholeFrom(m.at("id"))] = locate(folder, m);
        const auto put = [&](ShootState& s) {
            for (MediaItem& m : s.media) {
                if (const auto it = places.find(m.id); it != places.end()) m.path = it->second;
            }
        };
        ShootState now = shootFromJson(*j);
        const ShootState saved = now;  // with its files where they were
        put(now);
        LoadedShoot loaded{Shoot(now), checkMedia(now), {}};
        // What was saved counts; a history that does not lead there is left aside.
        if (j->contains("history")) {
            if (auto steps = historyFromJson((*j)["history"], saved)) {
                for (auto& step : steps->steps) put(*step.state);
                loaded.shoot = shootFrom(std::move(*steps));
            } else {
                loaded.warnings.push_back(
                    {"history-does-not-fit", {{"file", fs::path(path).filename().string()}}});
            }
        }
        if (leaveOutDangling(loaded.shoot)) {
            loaded.warnings.push_back(
                {"speaks-of-missing-files", {{"file", fs::path(path).filename().string()}}});
        }
        std::size_t weight = 0;
        for (const auto& s : j->value("snapshots", ordered_json::array())) {
            auto state = std::make_shared<ShootState>(shootFromJson(s.at("state")));
            put(*state);
            weight += weightOf(*state);
            if (weight > kMaxSnapshots) throw UnsoundState("more moments than memory holds");
            loaded.shoot.addSnapshot({s.at("name"), std::move(state)});
        }
        for (const auto& [what, value] :
             j->value("remembered", std::map<std::string, std::string>{})) {
            loaded.shoot.remember(what, value);
        }
        if (j->contains("journal")) {
            loaded.journal = {(*j)["journal"].at("id"), wholeFrom((*j)["journal"].at("lines")), {}};
        }
        loaded.journal.save = j->value("save_id", "");
        return loaded;
    } catch (const ordered_json::exception& e) {
        return failAt(ErrorCode::BadProject, path, {"shoot-damaged"}, e.what());
    } catch (const UnsoundState& e) {
        return failAt(ErrorCode::BadProject, path, {"shoot-damaged"}, e.what());
    }
}

Result<LoadedProject> loadProject(const std::string& path) {
    auto loaded = loadShoot(path);
    if (!loaded) return tl::unexpected(loaded.error());
    return LoadedProject{loaded->shoot.state(), std::move(loaded->warnings)};
}

}  // namespace brisk
