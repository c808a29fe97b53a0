// SPDX-License-Identifier: GPL-3.0-or-later
#include <memory>

#include "cli/commands.h"
#include "cli/given_files.h"
#include "cli/json_output.h"
#include "features/scan_cache.h"
#include "media/read/probe.h"
#include "text/sentence.h"

namespace brisk::cli {

Run addProbe(CLI::App& sub) {
    struct Options {
        std::vector<std::string> files;
        std::string list;
        bool json = false;
    };
    auto o = std::make_shared<Options>();
    sub.add_option("files", o->files, "Takes and recordings, or folders of them");
    sub.add_option("--files-from", o->list,
                   "A file that names more, one a line (or parted by NUL); - is standard input");
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    sub.callback([o] {
        if (o->files.empty() && o->list.empty()) {
            throw CLI::ValidationError("give files, or --files-from");
        }
    });
    return [o](const Console& console) -> int {
        auto files = mediaAmong(o->files, o->list);
        if (!files) return console.report(files.error());
        std::vector<Error> problems;
        ordered_json all = ordered_json::array();
        for (const auto& path : *files) {
            // One-sided, clipped and damaged sound is only known after listening to all of it.
            auto info = probe(path);
            if (info && !info->sounds.empty()) {
                auto scan = scanKept(path, {.loudness = false}, console.job("Reading " + path));
                info = scan ? Result<MediaInfo>(scan->info) : tl::unexpected(scan.error());
            }
            if (!info) {
                const int code = console.report(info.error());
                if (code == kCancelled) return code;
                problems.push_back(info.error());
                problems.back().path = path;
                all.push_back({{"file", path}, {"error", sentence(info.error().fact)}});
                continue;
            }
            all.push_back(probeJson(*info));
        }
        const int code = problems.empty()                   ? kAllDone
                         : problems.size() == files->size() ? kCannotRead
                                                            : kNeedsAttention;
        return print(ordered_json{{"files", all}, {"problems", problemsJson(problems)}}, code);
    };
}

}  // namespace brisk::cli
