// SPDX-License-Identifier: GPL-3.0-or-later
// An exported video's own sound is the clean sound again, so the ordinary matching measures it.
#include <memory>

#include "align/match.h"
#include "cli/commands.h"
#include "cli/json_output.h"

namespace brisk::cli {

Run addVerify(CLI::App& sub) {
    struct Options {
        std::string file, clean;
        bool json = false;
    };
    auto o = std::make_shared<Options>();
    sub.add_option("file", o->file, "A video that was handed over")->required();
    sub.add_option("--clean", o->clean, "The recording its sound came from")->required();
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    return [o](const Console& console) -> int {
        auto files = scanAll({o->file}, {o->clean}, "auto", console);
        if (!files) return console.report(files.error());
        auto e = matchPair(files->takes.front(), files->recordings.front(), {},
                           console.job("Measuring " + o->file));
        if (!e) return console.report(e.error());
        const TimeRange o2 = e->overlap;
        ordered_json j;
        j["file"] = o->file;
        j["clean"] = o->clean;
        j["status"] = statusText(e->status);
        j["offset_seconds"] = e->line.offset.value;
        j["drift_ppm"] = e->line.drift.value;
        j["polarity"] = e->polarity;
        // Against the straight line through all that was measured.
        j["slip_ms"] = {{"start", e->residualStart.milliseconds()},
                        {"middle", e->residualMiddle.milliseconds()},
                        {"end", e->residualEnd.milliseconds()}};
        j["overlap"] = {{"start", o2.start.value}, {"end", o2.end.value}};
        j["reason"] = e->reason;
        print(j);
        return e->status == MatchStatus::Matched ? kAllDone : kNeedsAttention;
    };
}

}  // namespace brisk::cli
