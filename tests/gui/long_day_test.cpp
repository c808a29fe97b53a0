// SPDX-License-Identifier: GPL-3.0-or-later
// A whole day by one command, in the window, against what is true by construction. BRISK_DAY names
// a folder of a day that was simulated before (./dev bench day); else a short one is made.
#include <gtest/gtest.h>

#include <QTest>
#include <cmath>
#include <filesystem>
#include <nlohmann/json.hpp>

#include "app/list/take_panel.h"
#include "app/map/day_map.h"
#include "sim/shoot_simulator.h"
#include "store/atomic_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;

std::string nameOf(const std::string& path) {
    return std::filesystem::path(path).filename().string();
}

class LongDay : public ::testing::Test {
  protected:
    void SetUp() override {
        const char* made = std::getenv("BRISK_DAY");
        folder_ = made ? made : own_.file("day");
        if (!made) {
            auto done = sim::simulateShoot(*sim::findScene("short-day"), 7, folder_, {});
            ASSERT_TRUE(done) << done.error().fact;
        }
        truth_ = nlohmann::json::parse(*readWholeFile(folder_ + "/truth.json"));
    }
    app::Session& session() { return w.window.session(); }
    /// What is true of a take and a recording; null where they have nothing in common.
    const nlohmann::json* truthOf(const std::string& take, const std::string& recording) {
        for (const auto& t : truth_.at("tethers")) {
            if (nameOf(t.at("camera")) == take && !t.at("clean").is_null() &&
                nameOf(t.at("clean")) == recording) {
                return &t;
            }
        }
        return nullptr;
    }
    [[nodiscard]] bool anywhere(const std::string& take) const {
        return std::any_of(truth_.at("tethers").begin(), truth_.at("tethers").end(),
                           [&](const auto& t) {
                               return nameOf(t.at("camera")) == take && !t.at("clean").is_null();
                           });
    }
    /// The largest slip of a tether over what it covers, by construction.
    static double worstSlip(const Tether& t, const nlohmann::json& truth) {
        const ClockLine is{{truth.at("offset_seconds").get<double>()},
                           {truth.at("drift_ppm").get<double>()}};
        double worst = 0;
        for (const char* end : {"start", "end"}) {
            const Seconds at{truth.at("overlap").at(end).get<double>()};
            worst = std::max(worst, std::fabs((t.line.toRecording(at) - is.toRecording(at)).value));
        }
        return worst;
    }
    test::TempFolder own_;
    std::string folder_;
    nlohmann::json truth_;
    WindowDriver w;
};

TEST_F(LongDay, OneCommandPutsEveryTakeInItsPlaceOrRefusesIt) {
    w.drop({QString::fromStdString(folder_)});
    ASSERT_TRUE(QTest::qWaitFor([&] { return session().state().media.size() == 14; }, 60000));
    ASSERT_TRUE(w.waitQuiet(600000));
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("12 no place"));
    ASSERT_TRUE(w.press(QStringLiteral("Find matches")));
    ASSERT_TRUE(w.waitQuiet(600000));

    const ShootState& s = session().state();
    int placed = 0, refused = 0, ear = 0, across = 0;
    for (const int take : s.ids(MediaKind::Take)) {
        const std::string name = nameOf(s.item(take)->path);
        const TetherState state = s.stateOf(take);
        if (!anywhere(name)) {
            EXPECT_EQ(state, TetherState::Loose) << name << ": the recorder was off";
            ++refused;
            continue;
        }
        const auto tethers = s.tethersOf(take);
        ASSERT_FALSE(tethers.empty()) << name;
        // One in which nothing but claps is heard may ask for an ear; everything else is sure.
        if (state == TetherState::NeedsAnEar) {
            EXPECT_EQ(name, "bench-05.mp4");
            ++ear;
        } else {
            EXPECT_EQ(state, TetherState::Offered) << name;
            ++placed;
        }
        across += tethers.size() > 1;
        for (const Tether* t : tethers) {
            const auto* is = truthOf(name, nameOf(s.item(t->recording)->path));
            ASSERT_TRUE(is) << name << " lies on a recording that never heard it";
            // What is not sure may be out where nothing is heard, by less than the eye or ear
            // tells.
            EXPECT_LT(worstSlip(*t, *is), state == TetherState::Offered ? 1e-4 : 5e-3) << name;
        }
        EXPECT_TRUE(
            uncovered(session().view(take).heard(), {{0}, s.tetherOf(take)->found.overlap.end})
                .empty())
            << name;
    }
    EXPECT_EQ(refused, 2);
    EXPECT_EQ(placed + ear, 10);
    EXPECT_EQ(across, 1) << "one lies across the join";
    // Two cameras at one moment are no contradiction.
    const auto& day = w.window.dayMap().day();
    EXPECT_EQ(day.takes.size(), 10u);
    EXPECT_EQ(day.shelf.size(), 2u);
    EXPECT_EQ(std::set<std::string>(day.laneNames.begin(), day.laneNames.end()).size(), 2u);

    // What needs an ear is gone to and confirmed, then all that are sure are tethered at once.
    if (ear > 0) {
        ASSERT_TRUE(w.press(QStringLiteral("Go to the next take to listen to")));
        EXPECT_EQ(nameOf(s.item(w.take())->path), "bench-05.mp4");
        ASSERT_TRUE(w.press(QStringLiteral("Tether")));
    }
    ASSERT_TRUE(w.press(QStringLiteral("Tether all found (%1)").arg(placed)));
    EXPECT_EQ(w.window.takePanel().counts(), QLatin1String("10 tethered, 2 no place"));
}

}  // namespace
}  // namespace brisk
