// SPDX-License-Identifier: GPL-3.0-or-later
#include <memory>

#include "cli/commands.h"
#include "cli/write_all.h"

namespace brisk::cli {

Run addExport(CLI::App& sub) {
    auto o = std::make_shared<ExportOptions>();
    auto* project =
        sub.add_option("--project", o->project, "A saved shoot: hands over its tethered takes");
    for (CLI::Option* option : o->files.addTo(sub)) option->excludes(project);
    sub.add_option("--save", o->save,
                   "Also save a shoot (.brisk) with what was found, which the window opens")
        ->excludes(project);
    addWritten(sub, *o);
    for (CLI::Option* option : addChosen(sub, *o)) option->excludes(project);
    sub.callback([o, &sub] {
        refuseWithoutEffect(sub, *o);
        const GivenFiles& f = o->files;
        const bool files = !f.list.empty() || (!f.cameras.empty() && !f.cleans.empty());
        if (o->project.empty() != files) {
            throw CLI::ValidationError(
                "give either --project, or --camera and --clean, or --files-from");
        }
    });
    return [o](const Console& console) -> int {
        auto work = o->project.empty() ? fromFiles(*o, console) : fromProject(*o, console);
        if (!work) return console.report(work.error());
        const Answer a = writeAll(*o, std::move(*work), console);
        return a.json.is_null() ? a.code : print(a.json, a.code);
    };
}

}  // namespace brisk::cli
