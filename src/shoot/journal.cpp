// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/journal.h"

#include <unistd.h>

#include <nlohmann/json.hpp>
#include <random>
#include <stdexcept>

#include "core/json_text.h"
#include "shoot/change_state.h"
#include "shoot/commands.h"
#include "shoot/fact_json.h"
#include "shoot/shoot_json.h"
#include "shoot/state_patch.h"
#include "store/atomic_file.h"
#include "store/user_folder.h"

namespace brisk {
namespace fs = std::filesystem;
using nlohmann::ordered_json;

namespace {

constexpr const char* kFormat = "brisk-tether-journal";

Error cannotKeep(const fs::path& path) {
    return {ErrorCode::CannotWrite,
            Fact{"steps-not-kept", {{"file", path.string()}}},
            path.string(),
            {}};
}

/// The whole lines of a text, without what was cut off.
std::vector<ordered_json> wholeLines(const std::string& text) {
    std::vector<ordered_json> lines;
    std::size_t from = 0;
    for (std::size_t end = 0; (end = text.find('\n', from)) != std::string::npos; from = end + 1) {
        ordered_json j = jsonFrom<ordered_json>(std::string_view(text).substr(from, end - from));
        if (j.is_discarded()) break;
        lines.push_back(std::move(j));
    }
    return lines;
}

/// Does once more what a line says was done. False where it makes no sense.
/// Whether the journal was begun on what the project holds: by the name of that saving, or, in
/// journals from before it had one, because both say the same.
bool goesOnFrom(const ordered_json& head, const LoadedShoot& saved) {
    const std::string id = head.value("save_id", "");
    if (!id.empty()) return id == saved.journal.save;
    // Read and written anew: an older schema said the same in other words.
    const auto was = shootFromJson(head.at(head.contains("saved") ? "saved" : "base"));
    return shootJson(saved.shoot.state(), {}) == shootJson(was, {});
}

/// A journal knows its files by where they were; they may have moved together with the shoot.
void findMovedAlong(const std::string& oldProject, FoundJournal& found) {
    if (oldProject.empty() || found.project.empty()) return;
    std::error_code ec;
    const fs::path from = fs::path(oldProject).parent_path();
    const fs::path to = fs::absolute(found.project, ec).parent_path();
    std::vector<MovedFile> moved;
    for (const MediaItem& m : found.shoot.state().media) {
        if (fs::exists(m.path, ec)) continue;
        const fs::path now = to / fs::path(m.path).lexically_relative(from);
        if (fs::exists(now, ec)) moved.push_back({m.id, now.lexically_normal().string()});
    }
    if (!moved.empty()) found.shoot.apply(commands::findMoved(moved));
}

bool repeat(const ordered_json& line, Shoot& shoot) {
    if (line.contains("undo")) {
        if (!shoot.canUndo()) return false;
        shoot.undo();
    } else if (line.contains("snapshot")) {
        shoot.keepSnapshot(line.at("snapshot"));
    } else if (line.contains("redo")) {
        if (!shoot.canRedo()) return false;
        shoot.redo();
    } else {
        auto next = std::make_shared<ShootState>(shoot.state());
        applyPatch(*next, line.at("patch"));
        const Command step{factFrom(line.at("label")), [next](ShootState& s) { s = *next; }};
        line.contains("amend") ? shoot.amend(step) : shoot.apply(step);
    }
    return true;
}

}  // namespace

Result<Journal> Journal::begin(const fs::path& path, const Shoot& shoot, const std::string& project,
                               const std::string& saveId) {
    std::error_code ec;
    fs::create_directories(path.parent_path(), ec);
    Journal j;
    j.path_ = path;
    j.id_ = newJournalId();
    ordered_json head{{"format", kFormat},
                      {"schema", kProjectSchema},
                      {"id", j.id_},
                      {"project", project.empty() ? "" : fs::absolute(project, ec).string()},
                      {"base", shootJson(shoot.state(), {})}};
    if (!saveId.empty()) head["save_id"] = saveId;
    // Begun in the middle, after another could not be written on: ahead of what is saved.
    if (!project.empty() && shoot.changedSinceSaved()) {
        if (const auto saved = loadShoot(project)) {
            head["saved"] = shootJson(saved->shoot.state(), {});
        }
    }
    if (auto done = writeWholeFile(path, jsonText(head) + "\n"); !done) {
        return tl::unexpected(done.error());
    }
    if (auto done = j.openAtEnd(); !done) return tl::unexpected(done.error());
    return j;
}

Result<Journal> Journal::goOn(const fs::path& path) {
    auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    const auto lines = wholeLines(*text);
    if (lines.empty()) return tl::unexpected(cannotKeep(path));
    std::size_t bytes = 0;
    for (std::size_t i = 0; i < lines.size(); ++i) bytes = text->find('\n', bytes) + 1;
    Journal j;
    j.path_ = path;
    j.id_ = lines[0].value("id", "");
    j.lines_ = static_cast<int>(lines.size()) - 1;
    std::error_code ec;
    fs::resize_file(path, bytes, ec);
    if (ec) return tl::unexpected(cannotKeep(path));
    if (auto done = j.openAtEnd(); !done) return tl::unexpected(done.error());
    return j;
}

Result<void> Journal::openAtEnd() {
    file_ = std::shared_ptr<std::FILE>(std::fopen(path_.c_str(), "ab"), [](std::FILE* f) {
        if (f) std::fclose(f);
    });
    if (!file_) return tl::unexpected(cannotKeep(path_));
    return {};
}

Result<void> Journal::write(const std::string& line) {
    const std::string whole = line + "\n";
    const bool done = file_ &&
                      std::fwrite(whole.data(), 1, whole.size(), file_.get()) == whole.size() &&
                      std::fflush(file_.get()) == 0;
    if (!done) return tl::unexpected(cannotKeep(path_));
    ++lines_;
    return {};
}

Result<void> Journal::applied(const Shoot& shoot) {
    const auto& steps = shoot.steps();
    const std::size_t at = shoot.at();
    if (at == 0) return {};
    const ordered_json line{{"label", factJson(steps[at].label)},
                            {"patch", statePatch(*steps[at - 1].state, *steps[at].state, {})}};
    return write(jsonText(line));
}

Result<void> Journal::amended(const ShootState& before, const Shoot& shoot) {
    // Only what was added: a search amends its step with every take that it finds.
    const ordered_json line{{"amend", true},
                            {"label", factJson(shoot.steps()[shoot.at()].label)},
                            {"patch", statePatch(before, shoot.state(), {})}};
    return write(jsonText(line));
}

Result<void> Journal::undone() {
    return write(R"({"undo":true})");
}
Result<void> Journal::redone() {
    return write(R"({"redo":true})");
}

Result<void> Journal::snapshotKept(const std::string& name) {
    return write(jsonText(ordered_json{{"snapshot", name}}));
}

void Journal::flush() const {
    if (file_) fdatasync(fileno(file_.get()));
}

std::string newJournalId() {
    std::random_device random;
    char text[33];
    std::snprintf(text, sizeof text, "%08x%08x%08x%08x", random(), random(), random(), random());
    return text;
}

fs::path setAside(const fs::path& journal) {
    std::error_code ec;
    fs::path aside;
    for (int n = 1; aside.empty() || fs::exists(aside, ec); ++n) {
        aside = journal.string() + ".aside-" + std::to_string(n);
    }
    fs::rename(journal, aside, ec);
    return ec ? fs::path() : aside;
}

void Journal::remove() {
    file_.reset();
    std::error_code ec;
    fs::remove(path_, ec);
}

Result<std::optional<FoundJournal>> readJournal(const fs::path& path, const std::string& project) {
    std::error_code ec;
    if (!fs::exists(path, ec)) return std::nullopt;
    auto text = readWholeFile(path);
    if (!text) return tl::unexpected(text.error());
    const auto damaged = [&] {
        return failAt(ErrorCode::BadProject, path.string(), {"journal-not-understood"});
    };
    try {
        const auto lines = wholeLines(*text);
        if (lines.empty() || !lines[0].is_object() || lines[0].value("format", "") != kFormat ||
            lines[0].value("schema", 0) < 1 || lines[0].value("schema", 0) > kProjectSchema) {
            return damaged();
        }
        FoundJournal found;
        found.project = project.empty() ? lines[0].at("project").get<std::string>() : project;
        std::size_t first = 1;
        if (!found.project.empty() && fs::exists(found.project, ec)) {
            auto saved = loadShoot(found.project);
            if (!saved) return tl::unexpected(saved.error());
            if (saved->journal.id == lines[0].at("id").get<std::string>()) {
                first += static_cast<std::size_t>(std::max(0, saved->journal.lines));
            } else {
                const bool ahead = lines[0].contains("saved");
                if (!goesOnFrom(lines[0], *saved)) return std::nullopt;
                if (ahead) {
                    const ShootState base = shootFromJson(lines[0].at("base"));
                    saved->shoot.apply({{"unsaved-steps"}, [base](ShootState& s) { s = base; }});
                    ++found.steps;
                }
            }
            found.shoot = std::move(saved->shoot);
        } else {
            found.shoot = Shoot(shootFromJson(lines[0].at("base")));
        }
        for (std::size_t i = first; i < lines.size() && repeat(lines[i], found.shoot); ++i) {
            if (!lines[i].contains("amend")) ++found.steps;
        }
        (void)leaveOutDangling(found.shoot);
        findMovedAlong(lines[0].value("project", ""), found);
        return found;
    } catch (const ordered_json::exception&) {
        return damaged();
    } catch (const std::logic_error&) {  // a patch that speaks of what is not there
        return damaged();
    }
}

fs::path stateFolder() {
    return userFolder("XDG_STATE_HOME", ".local/state");
}

fs::path journalPlace(const std::string& project) {
    std::error_code ec;
    // Behind every link, so that whoever opens it by whatever name finds the same.
    fs::path saved = fs::weakly_canonical(project, ec);
    if (ec) saved = fs::absolute(project, ec);
    const std::string name = "." + saved.filename().string() + ".journal";
    if (access(saved.parent_path().c_str(), W_OK) == 0) return saved.parent_path() / name;
    const fs::path state = stateFolder();
    // Two shoots of one name lie in two folders.
    const auto folder = std::hash<std::string>()(saved.parent_path().string());
    return state.empty() ? fs::path() : state / (std::to_string(folder) + name);
}

fs::path lockPlace(const fs::path& journal) {
    return journal.string() + ".lock";
}

}  // namespace brisk
