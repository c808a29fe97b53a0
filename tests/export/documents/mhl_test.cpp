// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/mhl.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <fstream>
#include <pugixml.hpp>

#include "store/atomic_file.h"
#include "store/file_hash.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

class Mhl : public ::testing::Test {
  protected:
    void write(const std::string& name, const std::string& text) {
        fs::create_directories(fs::path(folder_.file(name)).parent_path());
        std::ofstream(folder_.file(name)) << text;
    }
    MhlEntry entry(const std::string& name) {
        const std::string path = folder_.file(name);
        return {name, fs::file_size(path), *xxh3Of(path, {})};
    }
    std::vector<MhlFinding> check() {
        auto found = checkMhl(folder_.file(""), {});
        EXPECT_TRUE(found);
        return found ? *found : std::vector<MhlFinding>{};
    }
    test::TempFolder folder_;
};

TEST(C4Id, IsThatOfThePublishedExample) {
    EXPECT_EQ(c4IdOf(""),
              "c459dsjfscH38cYeXXYogktxf4Cd9ibshE3BHUo6a58hBXmRQdZrAkZzsWcbWtDg5oQstpDuni4Hirj75GEm"
              "Tc1sFT");
}

TEST_F(Mhl, ListsFilesAndFindsWhatIsNotAsItWas) {
    write("press-01 clean.mov", "picture and sound");
    write("sound/říz & <more>.wav", "sound");
    write("report.html", "a page");
    const auto list = writeMhl(
        folder_.file(""),
        {entry("press-01 clean.mov"), entry("sound/říz & <more>.wav"), entry("report.html")},
        1772535900);
    ASSERT_TRUE(list);
    EXPECT_EQ(list->filename().string().substr(0, 5), "0001_");
    EXPECT_NE(list->filename().string().find("_2026-03-03_110500Z.mhl"), std::string::npos);
    for (const auto& f : check()) EXPECT_EQ(f.state, MhlFinding::State::Same) << f.path;
    write("report.html", "another page");
    fs::remove(folder_.file("press-01 clean.mov"));
    const auto found = check();
    ASSERT_EQ(found.size(), 3u);
    EXPECT_EQ(found[0].state, MhlFinding::State::Missing);
    EXPECT_EQ(found[1].state, MhlFinding::State::Same);
    EXPECT_EQ(found[2].state, MhlFinding::State::Differs);
}

TEST_F(Mhl, ASecondListGoesOnFromTheFirstAndTheChainKnowsBoth) {
    write("a.wav", "one");
    ASSERT_TRUE(writeMhl(folder_.file(""), {entry("a.wav")}, 1772535900));
    write("a.wav", "written anew");
    write("b.wav", "two");
    const auto second = writeMhl(folder_.file(""), {entry("a.wav"), entry("b.wav")}, 1772535901);
    ASSERT_TRUE(second);
    EXPECT_EQ(second->filename().string().substr(0, 5), "0002_");
    const auto found = check();
    ASSERT_EQ(found.size(), 2u);
    for (const auto& f : found) EXPECT_EQ(f.state, MhlFinding::State::Same) << f.path;
    pugi::xml_document chain;
    ASSERT_TRUE(chain.load_file(folder_.file("ascmhl/ascmhl_chain.xml").c_str()));
    const auto last = chain.child("ascmhldirectory").last_child();
    EXPECT_EQ(last.attribute("sequencenr").as_int(), 2);
    EXPECT_EQ(last.child("path").text().as_string(), second->filename().string());
    EXPECT_EQ(last.child("c4").text().as_string(), c4IdOf(*readWholeFile(*second)));
}

TEST_F(Mhl, WhatIsNoListIsSaidAndNothingOutsideIsLookedAt) {
    const auto none = checkMhl(folder_.file(""), {});
    ASSERT_FALSE(none);
    EXPECT_EQ(none.error().fact.id, "no-manifest-there");
    write("a.wav", "one");
    MhlEntry outside = entry("a.wav");
    outside.path = "../../etc/hostname";
    ASSERT_TRUE(writeMhl(folder_.file(""), {outside}, 1772535900));
    EXPECT_EQ(check().front().state, MhlFinding::State::Missing);
    write("ascmhl/ascmhl_chain.xml", "<ascmhldirectory><hashlist>");
    EXPECT_FALSE(checkMhl(folder_.file(""), {}));
    EXPECT_FALSE(writeMhl(folder_.file(""), {entry("a.wav")}, 1)) << "a chain is never begun over";
}

}  // namespace
}  // namespace brisk
