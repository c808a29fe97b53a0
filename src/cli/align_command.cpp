// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <memory>

#include "cli/answers_json.h"
#include "cli/commands.h"
#include "cli/given_files.h"
#include "cli/saved_shoot.h"

namespace brisk::cli {
namespace {

struct AlignOptions {
    GivenFiles files;
    std::string method = "auto", save;
    Channels channels;
    bool json = false;
};

int align(const AlignOptions& o, const Console& console) {
    GivenFiles given = o.files;
    if (auto found = given.lookUp(); !found) return console.report(found.error());
    if (!o.save.empty()) {
        if (auto may = maySave(o.save); !may) return console.report(may.error());
    }
    auto files = scanAll(given.cameras, given.cleans, o.channels, console);
    if (!files) return console.report(files.error());
    auto placed = placeAll(*files, {methodNamed(o.method)}, console);
    if (!placed) return console.report(placed.error());
    const std::vector<Error> problems = files->problems;
    MadeShoot shoot(std::move(*files), *placed);
    shoot.partClocks();
    ordered_json j;
    j["tethers"] = answersJson(shoot, *placed, console);
    j["problems"] = problemsJson(problems);
    const bool attention =
        !problems.empty() || std::any_of(placed->begin(), placed->end(), [](const Placed& p) {
            return p.estimate.status != MatchStatus::Matched;
        });
    if (!o.save.empty()) {
        auto saved = saveShoot(shoot.state, o.save);
        if (!saved) return console.report(saved.error());
        j["shoot"] = o.save;
    }
    return print(j, attention ? kNeedsAttention : kAllDone);
}

}  // namespace

Run addAlign(CLI::App& sub) {
    auto o = std::make_shared<AlignOptions>();
    o->files.addTo(sub);
    addMethod(sub, o->method);
    addChannels(sub, o->channels);
    sub.add_option("--save", o->save,
                   "Also save a shoot (.brisk) with what was found, which the window opens");
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    sub.callback([o] {
        const GivenFiles& f = o->files;
        if (f.list.empty() && (f.cameras.empty() || f.cleans.empty())) {
            throw CLI::ValidationError("give --camera and --clean, or --files-from");
        }
    });
    return [o](const Console& console) { return align(*o, console); };
}

}  // namespace brisk::cli
