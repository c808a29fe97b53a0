// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/saved_shoot.h"

#include <filesystem>
#include <utility>

#include "core/plain_line.h"
#include "day/carried_camera.h"
#include "day/whole_shoot.h"
#include "shoot/project_file.h"

namespace brisk::cli {
namespace fs = std::filesystem;

MadeShoot::MadeShoot(Scanned files, const std::vector<Placed>& answers) {
    const auto add = [&](SoundScan& scan, MediaKind role) {
        state.media.push_back({state.nextId, scan.info.path, role, {}, {}});
        scans[state.nextId] = std::make_shared<const SoundScan>(std::move(scan));
        return state.nextId++;
    };
    for (SoundScan& r : files.recordings) recordings.push_back(add(r, MediaKind::Recording));
    for (SoundScan& t : files.takes) takes.push_back(add(t, MediaKind::Take));
    for (const Placed& p : answers) {
        const int recording = p.recording < 0 ? p.nearest : p.recording;
        if (recording < 0) continue;
        // Of several places that are not sure, the likeliest.
        const bool sure = p.estimate.status == MatchStatus::Matched;
        if (!sure && state.tetherOf(takes[p.take])) continue;
        state.tethers.push_back({takes[p.take], recordings[static_cast<std::size_t>(recording)],
                                 p.estimate, p.estimate.line, p.estimate.polarity, false});
        state.tethers.back().beside = p.beside;
    }
}

DayFacts MadeShoot::facts(int id) const {
    const auto& scan = scans.at(id);
    return {&scan->info, scan->endOfTake()};
}

namespace {
/// All of a made shoot was found by one search: nothing stands there from before.
void considerTogether(MadeShoot& shoot, decltype(considerWholeShoot) rule) {
    std::vector<Tether> found = std::exchange(shoot.state.tethers, {});
    rule(found, shoot.state, [&](int id) { return shoot.facts(id); });
    shoot.state.tethers = std::move(found);
}
}  // namespace

void MadeShoot::partClocks() {
    considerTogether(*this, partClockAndWay);
}

void MadeShoot::considerWhole() {
    considerTogether(*this, considerWholeShoot);
}

Result<void> maySave(const std::string& path) {
    std::error_code ec;
    if (!fs::exists(path, ec)) return {};
    return failAt(ErrorCode::CannotWrite, path, {"shoot-there-already", {{"file", path}}});
}

Result<void> saveShoot(ShootState state, const std::string& path) {
    for (MediaItem& m : state.media) {
        if (validUtf8(m.path) != m.path) {
            return failAt(ErrorCode::CannotWrite, path, {"name-is-no-text", {{"file", m.path}}});
        }
        auto identity = identityOf(m.path);
        if (!identity) return tl::unexpected(identity.error());
        m.identity = std::move(*identity);
        m.path = fs::absolute(m.path).lexically_normal().string();
    }
    if (auto may = maySave(path); !may) return may;
    std::error_code ec;
    if (const fs::path folder = fs::path(path).parent_path(); !folder.empty()) {
        fs::create_directories(folder, ec);
    }
    return saveProject(state, path);
}

}  // namespace brisk::cli
