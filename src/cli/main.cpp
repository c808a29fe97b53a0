// SPDX-License-Identifier: GPL-3.0-or-later
#include <iostream>
#include <vector>

#include "cli/commands.h"
#include "cli/help_text.h"
#include "core/guarded.h"
#include "core/large_buffers.h"

namespace {

int run(int argc, char** argv) {
    using namespace brisk::cli;
    CLI::App app{"Brisk Tether on the command line: puts clean sound to picture.",
                 "brisk-tether-cli"};
    app.set_version_flag("--version", "brisk-tether-cli " BRISK_VERSION);
    app.require_subcommand(1);
    app.fallthrough();
    app.formatter(std::make_shared<HelpText>());
    app.footer(
        "Exit codes: 0 all done; 1 done, but something needs attention; 2 wrong usage;\n"
        "3 input cannot be read; 4 output cannot be written; 5 stopped.");
    Console console;
    app.add_flag("--quiet", console.quiet, "Nothing on standard error but errors");
    app.add_option("--progress", console.progress, "Progress as JSON lines on standard error")
        ->check(CLI::IsMember({"json"}));
    app.add_option("--threads", console.threads, "At most this many threads")
        ->check(CLI::NonNegativeNumber);

    struct Entry {
        CLI::App* sub;
        Run run;
    };
    std::vector<Entry> entries;
    const auto add = [&](const char* name, const char* what, Run (*make)(CLI::App&)) {
        CLI::App* sub = app.add_subcommand(name, what);
        entries.push_back({sub, make(*sub)});
    };
    add("day", "A camera's card and a recorder's, to files for editing in one call", addDay);
    add("probe", "Says what files are", addProbe);
    add("align", "Finds where takes fall on recordings", addAlign);
    add("export", "Hands over videos with the clean sound", addExport);
    add("simulate", "Makes up a shoot of real media files", addSimulate);
    add("check", "Compares the files of a folder with its manifest (ASC MHL)", addCheck);
    add("verify", "Measures a handed-over video against the recording", addVerify);
    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& e) {
        return app.exit(e);
    } catch (const CLI::ParseError& e) {
        app.exit(e, std::cerr, std::cerr);
        return kWrongUsage;
    }
    catchSignals();
    for (const auto& e : entries) {
        if (e.sub->parsed()) return e.run(console);
    }
    return kWrongUsage;
}

}  // namespace

int main(int argc, char** argv) {
    brisk::returnLargeBuffersAtOnce();
    try {
        return run(argc, argv);
    } catch (...) {
        return brisk::cli::Console{}.report(brisk::caughtError());
    }
}
