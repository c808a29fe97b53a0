// SPDX-License-Identifier: GPL-3.0-or-later
// Projects and journals as nobody saved them: each is refused in a sentence, or read without what
// is not to be believed, and left as it is.
#include <gtest/gtest.h>
#include <sys/stat.h>

#include <nlohmann/json.hpp>

#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "shoot/state_check.h"
#include "store/atomic_file.h"
#include "support/facts_text.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;
using test::TempFolder;

class HostileProject : public ::testing::Test {
  protected:
    HostileProject()
        : good_(ordered_json::parse(test::bytesOf(BRISK_TEST_DATA "/schema-2.brisk"))) {
        good_.erase("history");
        good_.erase("snapshots");
    }
    Result<LoadedShoot> open(const std::string& text) {
        test::writeBytes(folder_.file("day.brisk"), text);
        auto loaded = loadShoot(folder_.file("day.brisk"));
        EXPECT_EQ(test::bytesOf(folder_.file("day.brisk")), text) << "left as it is";
        return loaded;
    }
    void expectRefused(const std::string& text, const std::string& why) {
        const auto loaded = open(text);
        ASSERT_FALSE(loaded) << why;
        EXPECT_EQ(loaded.error().code, ErrorCode::BadProject) << why;
        EXPECT_NE(sentence(loaded.error().fact).find("day.brisk"), std::string::npos);
    }
    /// The good one with one place changed.
    void expectRefusedAt(const char* place, const ordered_json& value) {
        ordered_json j = good_;
        j[ordered_json::json_pointer(place)] = value;
        expectRefused(j.dump(), std::string(place) + " " + value.dump());
    }
    ordered_json good_;
    TempFolder folder_;
};

TEST_F(HostileProject, TheGoodOneOpens) {
    ASSERT_TRUE(open(good_.dump())) << "or the others say nothing";
}

TEST_F(HostileProject, OneValueThatCannotBeIsEnough) {
    expectRefusedAt("/media/0/id", 0);
    expectRefusedAt("/media/0/id", -1);
    expectRefusedAt("/media/0/id", good_["media"][1]["id"]);
    expectRefusedAt("/media/0/id", 4000000000);
    expectRefusedAt("/media/0/id", 1.5);
    expectRefusedAt("/media/0/id", "one");
    expectRefusedAt("/media/0/id", nullptr);
    expectRefusedAt("/media/0/role", "taken");
    expectRefusedAt("/tethers/0/found/status", "sure");
    expectRefusedAt("/media/0/absolute_path", 7);
    expectRefusedAt("/media/0/absolute_path", ordered_json(std::string(5000, 'a')));
    expectRefusedAt("/media/0/absolute_path", ordered_json(std::string("a\0b", 3)));
    expectRefusedAt("/next_id", 2147483647);
    expectRefusedAt("/next_id", 1);
    expectRefusedAt("/media/0/goes_on_from", good_["media"][0]["id"]);
    expectRefusedAt("/media/0/goes_on_from", good_["media"][1]["id"]);  // which goes on from it
    expectRefusedAt("/tethers/0/line/offset_seconds", 1e300);
    expectRefusedAt("/tethers/0/line/drift_ppm", -1e6);
    expectRefusedAt("/tethers/0/polarity", 0);
    expectRefusedAt("/tethers/0/found/overlap/end", -1e9);
    expectRefusedAt("/tethers/0/found/confidence", 7);
    expectRefusedAt("/tethers/0/sound_delay_seconds", 1e9);
    expectRefusedAt("/sound/gain_db", 1e9);
    expectRefusedAt("/sound/channels", ordered_json::array({-1}));
    expectRefusedAt("/sound/soft_edge_ms", -1);
    expectRefusedAt("/marks", ordered_json::array({{{"id", 1}, {"media", 1}}}));
    expectRefusedAt("/tethers", "none");
    expectRefusedAt("/media", ordered_json::array({1, 2, 3}));
    expectRefusedAt("/schema", -3e9);
}

TEST_F(HostileProject, NumbersBeyondNumbersAreDamage) {
    std::string text = good_.dump();
    const auto at = text.find("\"offset_seconds\":") + 17;
    text.replace(at, text.find_first_of(",}", at) - at, "1e999");
    expectRefused(text, "1e999");
    expectRefused(R"({"format":"brisk-tether-shoot","schema":1e999})", "schema");
    expectRefused(R"({"format":1,"schema":2})", "format");
}

TEST_F(HostileProject, DepthIsNoWayToEndTheProgram) {
    expectRefused(std::string(200000, '['), "only open");
    std::string deep;
    for (int i = 0; i < 50000; ++i) deep += R"([{"id":"a","b":)";
    ordered_json j = good_;
    j["tethers"][0]["found"]["reason"] = "HERE";
    std::string text = j.dump(), closing;
    for (int i = 0; i < 50000; ++i) closing += "}]";
    text.replace(text.find("\"HERE\""), 6, deep + "[]" + closing);
    expectRefused(text, "facts within facts");
}

// A small file may ask for any number of large states.
TEST_F(HostileProject, AHistoryThatWouldFillTheMemoryIsLeftAside) {
    ordered_json j = good_;
    ordered_json tether = j["tethers"][0];
    for (int i = 0; i < 400; ++i) tether["found"]["slips"].push_back({1.0, 0.0, true});
    for (int i = 0; i < 200; ++i) j["tethers"].push_back(tether);
    ordered_json steps = ordered_json::array();
    for (int i = 0; i < 2000; ++i)
        steps.push_back({{"label", ""}, {"patch", ordered_json::array()}});
    ordered_json first = j;
    j["history"] = {{"at", 0}, {"first", first}, {"steps", steps}};
    const auto loaded = open(j.dump());
    ASSERT_TRUE(loaded) << loaded.error().fact;
    EXPECT_TRUE(findFact(loaded->warnings, "history-does-not-fit"));
    EXPECT_EQ(loaded->shoot.steps().size(), 1u);
}

TEST_F(HostileProject, APipeOrADeviceIsNotWaitedFor) {
    ASSERT_EQ(::mkfifo(folder_.file("pipe.brisk").c_str(), 0600), 0);
    EXPECT_FALSE(loadShoot(folder_.file("pipe.brisk")));
    EXPECT_FALSE(loadShoot("/dev/zero"));
    EXPECT_FALSE(loadShoot(folder_.file("none.brisk")));
    std::filesystem::resize_file(
        (test::writeBytes(folder_.file("huge.brisk"), "{"), folder_.file("huge.brisk")),
        std::uintmax_t{1} << 33);
    const auto huge = loadShoot(folder_.file("huge.brisk"));
    ASSERT_FALSE(huge);
    EXPECT_EQ(huge.error().fact.id, "too-large-to-be-one");
}

TEST_F(HostileProject, JournalsAreDataFromElsewhereToo) {
    const std::string path = folder_.file(".day.brisk.journal");
    const std::string head =
        R"({"format":"brisk-tether-journal","schema":2,"id":"x","project":"",)";
    for (const std::string& text :
         {std::string(R"({"format":1})"), std::string("{}"), std::string("[]"), std::string("7"),
          std::string(R"({"format":"brisk-tether-journal","schema":"two"})"), head + R"("base":7})",
          head + R"("base":{"next_id":-1}})", std::string(100000, '[')}) {
        test::writeBytes(path, text + "\n");
        const auto found = readJournal(path, "");
        ASSERT_FALSE(found) << text.substr(0, 80);
        EXPECT_EQ(found.error().code, ErrorCode::BadProject);
        EXPECT_EQ(test::bytesOf(path), text + "\n") << "left as it is";
    }
}

// Found by the fuzz targets: what a journal leads to held what a saved shoot may not.
TEST_F(HostileProject, WhatAJournalLeadsToCanBeSavedAndIsTheSame) {
    ordered_json base = good_;
    base["media"][1]["role"] = base["media"][1]["role"] == "take" ? "recording" : "take";
    base["media"][0]["role"] = base["media"][0]["role"] == "take" ? "recording" : "take";
    const ordered_json head{{"format", "brisk-tether-journal"},
                            {"schema", 2},
                            {"id", "x"},
                            {"project", ""},
                            {"base", base}};
    test::writeBytes(folder_.file("j"), head.dump() + "\n");
    const auto found = readJournal(folder_.file("j"), "");
    ASSERT_TRUE(found && *found);
    ASSERT_TRUE(saveProject((*found)->shoot, folder_.file("day.brisk"), {}));
    const auto back = loadShoot(folder_.file("day.brisk"));
    ASSERT_TRUE(back);
    EXPECT_EQ(back->shoot.state().tethers, (*found)->shoot.state().tethers);
    EXPECT_FALSE(findFact(back->warnings, "speaks-of-missing-files"));
}

}  // namespace
}  // namespace brisk
