// SPDX-License-Identifier: GPL-3.0-or-later
// What `align` says of a camera that was carried away, and what it saves, is told by the other
// takes of that camera, as in the window.
#include <gtest/gtest.h>

#include "shoot/project_file.h"
#include "sim/walked_room.h"
#include "support/media_files.h"
#include "support/run_program.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr double kPace = 0.17;  // metres a second

TEST(CarriedCameraAligned, HasTheClockOfTheOtherTakes) {
    test::TempFolder folder;
    const auto day = test::babble(150, 48000, 21);
    std::vector<float> heard;
    const sim::Course metres{{20, 1}, {60, 1 + 40 * kPace}};
    sim::WalkedRoom({.rt60 = 0.3}, metres, 4).process(day, heard);
    test::writeSound(folder.file("lavalier.wav"), day, {});
    const auto carried = folder.file("fold 01.mp4");
    test::writeTake(carried, test::cut(heard, 20, 60), {});
    std::vector<std::string> words{"align",    "--clean", folder.file("lavalier.wav"),
                                   "--camera", carried,   "--quiet"};
    const auto alone = test::runCli(words).json().at("tethers").at(0);
    EXPECT_LT(alone.at("segments").at(0).at("drift_ppm").get<double>(), -400) << alone;

    for (const auto& [name, from] : {std::pair{"fold 02.mp4", 70.0}, {"fold 03.mp4", 110.0}}) {
        test::writeTake(folder.file(name), test::cut(day, from, from + 30), {});
        words.insert(words.end(), {"--camera", folder.file(name)});
    }
    words.insert(words.end(), {"--save", folder.file("day.brisk")});
    const auto r = test::runCli(words);
    ASSERT_EQ(r.json().at("tethers").size(), 3u) << r.err;
    const auto told = r.json().at("tethers").at(0);
    EXPECT_EQ(told.at("status"), "matched") << told;
    EXPECT_NEAR(told.at("segments").at(0).at("drift_ppm").get<double>(), 0, 3) << told;
    EXPECT_NEAR(told.at("path_delay_ms").back().at(1).get<double>(),
                40 * kPace / sim::kMetresPerSecond * 1e3, 1)
        << told;

    const auto saved = loadProject(folder.file("day.brisk"));
    ASSERT_TRUE(saved);
    const Tether* t = saved->state.tetherOf(saved->state.ids(MediaKind::Take).front());
    ASSERT_TRUE(t);
    EXPECT_NEAR(t->line.drift.value, 0, 3);
    EXPECT_FALSE(t->found.path.empty());
}

}  // namespace
}  // namespace brisk
