// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/answers_json.h"

#include "text/sentence.h"

namespace brisk::cli {
namespace {

ordered_json said(const std::string& camera, const std::string& clean, const TetherEstimate& e,
                  const Console& console) {
    console.say(camera + ": " + statusText(e.status) + ". " + sentence(e.reason));
    return tetherJson(camera, clean, e);
}

}  // namespace

ordered_json answersJson(const Scanned& files, const std::vector<Placed>& placed,
                         const Console& console) {
    ordered_json out = ordered_json::array();
    for (const Placed& p : placed) {
        const std::string clean =
            p.recording < 0 ? ""
                            : files.recordings[static_cast<std::size_t>(p.recording)].info.path;
        out.push_back(said(files.takes[p.take].info.path, clean, p.estimate, console));
    }
    return out;
}

ordered_json tethersJson(const MadeShoot& shoot, const Console& console) {
    ordered_json out = ordered_json::array();
    const auto pathOf = [&](int id) { return shoot.state.item(id)->path; };
    for (const int take : shoot.takes) {
        for (const Tether* t : shoot.state.tethersOf(take)) {
            const bool placed = t->found.status != MatchStatus::Unmatched;
            out.push_back(
                said(pathOf(take), placed ? pathOf(t->recording) : "", t->found, console));
        }
    }
    return out;
}

}  // namespace brisk::cli
