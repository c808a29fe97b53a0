// SPDX-License-Identifier: GPL-3.0-or-later
#include <memory>

#include "cli/commands.h"
#include "cli/exit_code.h"
#include "cli/json_output.h"
#include "export/documents/mhl.h"

namespace brisk::cli {
namespace {

const char* stateText(MhlFinding::State s) {
    switch (s) {
        case MhlFinding::State::Differs:
            return "differs";
        case MhlFinding::State::Missing:
            return "missing";
        case MhlFinding::State::CannotRead:
            return "cannot be read";
        case MhlFinding::State::Same:
            break;
    }
    return "same";
}

}  // namespace

Run addCheck(CLI::App& sub) {
    struct Options {
        std::string folder;
        bool json = false;
    };
    auto o = std::make_shared<Options>();
    sub.add_option("folder", o->folder, "A folder with an ascmhl folder in it")->required();
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    return [o](const Console& console) -> int {
        const auto found = checkMhl(o->folder, console.job("Checking " + o->folder));
        if (!found) return console.report(found.error());
        ordered_json files = ordered_json::array();
        bool whole = true;
        for (const MhlFinding& f : *found) {
            files.push_back({{"file", f.path}, {"state", stateText(f.state)}});
            whole = whole && f.state == MhlFinding::State::Same;
            if (f.state != MhlFinding::State::Same) console.say(f.path + ": " + stateText(f.state));
        }
        return print(ordered_json{{"files", files}}, whole ? kAllDone : kNeedsAttention);
    };
}

}  // namespace brisk::cli
