// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/scene.h"

#include <gtest/gtest.h>

#include "sim/script.h"
#include "sim/speech.h"
#include "support/facts_text.h"

namespace brisk::sim {
namespace {

TEST(Scene, ReadsJson) {
    const auto s = sceneFromJson(R"({
        "name": "glue", "length": 30, "room": {"rt60": 0.8}, "claps": [3.5, 4],
        "recorders": [{"file": "r.wav", "ppm": -12.5, "upside_down": true}],
        "takes": [{"file": "t.mkv", "rate": [30000, 1001], "distance": 7, "b_frames": 2}]})");
    ASSERT_TRUE(s) << s.error().fact;
    EXPECT_EQ(s->room.rt60, 0.8);
    ASSERT_EQ(s->claps.size(), 2u);
    EXPECT_EQ(s->recorders.at(0).ppm, -12.5);
    EXPECT_TRUE(s->recorders[0].upsideDown);
    EXPECT_EQ(s->takes.at(0).rate, (Rational{30000, 1001}));
    EXPECT_EQ(s->takes[0].distance, 7);
    EXPECT_EQ(s->takes[0].width, 640) << "what is not said has its usual value";
}

TEST(Scene, RefusesNonsense) {
    for (const char* text : {"", "{", R"({"length": "long"})", R"({"takes": [{"rate": 25}]})"}) {
        const auto s = sceneFromJson(text);
        ASSERT_FALSE(s) << text;
        EXPECT_EQ(s.error().code, ErrorCode::BadProject);
    }
}

TEST(Scene, ShipsTheDemoAndTenPairs) {
    EXPECT_EQ(sceneNames().size(), 14u);
    for (const auto& name : sceneNames()) {
        const auto s = findScene(name);
        ASSERT_TRUE(s) << name;
        EXPECT_FALSE(s->takes.empty());
        EXPECT_FALSE(s->recorders.empty());
    }
    const auto none = findScene("no-such-scene");
    ASSERT_FALSE(none);
    EXPECT_NE(sentence(none.error().fact).find("no-such-scene"), std::string::npos);
}

TEST(Script, GoesOnWithoutRepeatingItself) {
    std::mt19937_64 random(1);
    std::mt19937_64 again(1);
    std::vector<std::string> said;
    for (int i = 0; i < 200; ++i) {
        said.push_back(nextSentence(random));
        EXPECT_EQ(said.back(), nextSentence(again));
    }
    std::sort(said.begin(), said.end());
    const auto different = std::unique(said.begin(), said.end()) - said.begin();
    EXPECT_GT(different, 195);
}

TEST(Scene, LeadsNobodyOutOfItsFolder) {
    const auto with = [](const std::string& file, const std::string& more = {}) {
        return sceneFromJson(R"({"recorders":[{"file":")" + file + R"(","length":10)" + more +
                             "}]}");
    };
    ASSERT_TRUE(with("lavalier.wav"));
    for (const char* file : {"../lavalier.wav", "/etc/lavalier.wav", "a/b.wav", "..", "", "plain",
                             ".hidden.wav", "lavalier-99999999999999999999.wav", "a\\\\b.wav"}) {
        EXPECT_FALSE(with(file)) << file;
    }
    for (const char* more : {R"(,"rate":2147483647)", R"(,"channels":-1)", R"(,"length":1e300)",
                             R"(,"ppm":-1e9)", R"(,"rate":0)"}) {
        EXPECT_FALSE(with("lavalier.wav", more)) << more;
    }
    EXPECT_FALSE(sceneFromJson(R"({"takes":[{"file":"a.mp4","width":2000000000}]})"));
    EXPECT_FALSE(sceneFromJson(R"({"takes":[{"file":"a.mp4","rate":[25,0]}]})"));
}

TEST(Speech, IsTheSameEveryTimeAndForEveryVoiceItsOwn) {
    const Voice v{"en-gb", 150, 40};
    const auto a = speak("Fold the grey paper along the grain.", v);
    ASSERT_TRUE(a) << a.error().fact;
    EXPECT_GT(a->size(), 48000u);
    ASSERT_TRUE(speak("Something else in between.", v));
    EXPECT_EQ(*a, *speak("Fold the grey paper along the grain.", v));
    EXPECT_NE(*a, *speak("Fold the grey paper along the grain.", {"en-us", 150, 40}));
    EXPECT_TRUE(speak("It's the binder's \"own\" $(paper); `glue`", v)) << "quotes are only words";
    EXPECT_FALSE(speak("Hello.", {"xx-nobody", 150, 40}));
}

}  // namespace
}  // namespace brisk::sim
