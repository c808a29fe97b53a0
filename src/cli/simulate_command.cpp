// SPDX-License-Identifier: GPL-3.0-or-later
#include <memory>

#include "cli/commands.h"
#include "cli/json_output.h"
#include "sim/shoot_simulator.h"

namespace brisk::cli {

Run addSimulate(CLI::App& sub) {
    struct Options {
        std::string scene, out;
        std::uint64_t seed = 1;
    };
    auto o = std::make_shared<Options>();
    std::string names;
    for (const auto& n : sim::sceneNames()) names += (names.empty() ? "" : ", ") + n;
    sub.add_option("--scene", o->scene, "A JSON file, or one of: " + names)
        ->required()
        ->type_name("NAME|FILE");
    sub.add_option("--seed", o->seed, "The same seed gives the same samples");
    sub.add_option("--out", o->out, "Folder to write to")->required()->type_name("DIR");
    return [o](const Console& console) -> int {
        auto scene = sim::findScene(o->scene);
        if (!scene) return console.report(scene.error());
        auto written = sim::simulateShoot(*scene, o->seed, o->out, console.job("Playing the day"));
        if (!written) return console.report(written.error());
        return print(ordered_json{{"written", *written}}, kAllDone);
    };
}

}  // namespace brisk::cli
