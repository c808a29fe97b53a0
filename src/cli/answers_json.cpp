// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/answers_json.h"

#include <algorithm>

#include "text/sentence.h"

namespace brisk::cli {
namespace {

ordered_json said(const std::string& camera, const std::string& clean, const TetherEstimate& e,
                  const Console& console) {
    console.say(camera + ": " + statusText(e.status) + ". " + sentence(e.reason));
    return tetherJson(camera, clean, e);
}

}  // namespace

ordered_json answersJson(const MadeShoot& shoot, const std::vector<Placed>& placed,
                         const Console& console) {
    ordered_json out = ordered_json::array();
    const auto pathOf = [&](int id) { return shoot.state.item(id)->path; };
    for (const Placed& p : placed) {
        const int take = shoot.takes[p.take];
        if (p.recording < 0) {
            out.push_back(said(pathOf(take), "", p.estimate, console));
            continue;
        }
        const int recording = shoot.recordings[static_cast<std::size_t>(p.recording)];
        const auto tethers = shoot.state.tethersOf(take);
        const auto made = std::find_if(tethers.begin(), tethers.end(),
                                       [&](const Tether* t) { return t->recording == recording; });
        out.push_back(said(pathOf(take), pathOf(recording),
                           made == tethers.end() ? p.estimate : (*made)->found, console));
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
