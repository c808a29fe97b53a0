// SPDX-License-Identifier: GPL-3.0-or-later
// From two cards to files for editing in one call: the command that somebody writes into a script
// and forgets. What is not sure is not written; it waits in the saved shoot for an ear.
#include <algorithm>
#include <filesystem>
#include <memory>

#include "cli/answers_json.h"
#include "cli/commands.h"
#include "cli/write_all.h"
#include "media/read/media_folder.h"
#include "store/free_name.h"

namespace brisk::cli {
namespace fs = std::filesystem;
namespace {

struct DayOptions {
    std::string card, recorder;
    ExportOptions write;
};

/// What is found on one card, or on two.
GivenFiles filesOf(const DayOptions& o) {
    return {{o.card}, {o.recorder.empty() ? o.card : o.recorder}, {}};
}

/// What was written before is no take, even where it lies on the card.
void leaveOut(const fs::path& out, std::vector<std::string>& files) {
    std::error_code ec;
    const fs::path folder = fs::weakly_canonical(out, ec);
    std::erase_if(files, [&](const std::string& file) {
        const fs::path path = fs::weakly_canonical(file, ec);
        return std::mismatch(folder.begin(), folder.end(), path.begin(), path.end()).first ==
               folder.end();
    });
}

/// Sound on the camera's card is not passed over in silence where there is a recorder's.
void sayUnused(const DayOptions& o, const Console& console) {
    if (o.recorder.empty()) return;
    std::size_t sounds = 0;
    for (const FoundFile& f : filesIn({o.card}, programJob())) {
        sounds += f.inFolder && calledSound(f.path);
    }
    if (sounds == 0) return;
    console.say(o.card + " holds sound, too (" + std::to_string(sounds) +
                (sounds == 1 ? " file" : " files") + "): it is not used.");
}

/// By its own name, in the folder that is written to.
fs::path shootPlace(const DayOptions& o) {
    if (!o.write.save.empty()) return o.write.save;
    const fs::path card = fs::absolute(o.card).lexically_normal();
    const fs::path name = card.has_filename() ? card.stem() : card.parent_path().filename();
    return freePath(o.write.out, name.empty() ? "day" : name.string(), ".brisk");
}

int wholeDay(const DayOptions& o, const Console& console) {
    if (!o.write.save.empty()) {
        if (auto may = maySave(o.write.save); !may) return console.report(may.error());
    }
    GivenFiles given = filesOf(o);
    if (auto found = given.lookUp(); !found) return console.report(found.error());
    leaveOut(o.write.out, given.cameras);
    leaveOut(o.write.out, given.cleans);
    sayUnused(o, console);
    auto files = scanAll(given.cameras, given.cleans, o.write.channels, console, ScanFor::HandOver);
    if (!files) return console.report(files.error());
    auto placed = placeAll(*files, {methodNamed(o.write.method)}, console);
    if (!placed) return console.report(placed.error());
    const std::vector<Error> problems = files->problems;
    MadeShoot shoot(std::move(*files), *placed);
    shoot.considerWhole();
    shoot.state.sound = o.write.sound();
    ordered_json j;
    j["tethers"] = tethersJson(shoot, console);
    // Before anything is written: whatever goes wrong with that, what was found is there.
    j["shoot"] = nullptr;
    if (!o.write.dryRun) {
        const fs::path place = shootPlace(o);
        if (auto saved = saveShoot(shoot.state, place.string()); !saved) {
            return console.report(saved.error());
        }
        j["shoot"] = place.string();
    }
    Work work = workOf(std::move(shoot), o.write, console);
    work.problems = problems;
    const Answer a = writeAll(o.write, std::move(work), console);
    if (a.json.is_null()) return a.code;
    j.update(a.json);
    return print(j, a.code);
}

}  // namespace

Run addDay(CLI::App& sub) {
    auto o = std::make_shared<DayOptions>();
    sub.add_option("card", o->card, "The camera's card: a folder of videos, or one video")
        ->required();
    sub.add_option("recorder", o->recorder,
                   "The recorder's card: a folder of sound, or one recording. Without it, the "
                   "sound that lies on the camera's card");
    sub.add_option("--save", o->write.save,
                   "Where the shoot is saved, for the window; else in the folder that is written "
                   "to, named for the card");
    addWritten(sub, o->write);
    addChosen(sub, o->write);
    sub.callback([o, &sub] { refuseWithoutEffect(sub, o->write); });
    return [o](const Console& console) { return wholeDay(*o, console); };
}

}  // namespace brisk::cli
