// SPDX-License-Identifier: GPL-3.0-or-later
// An edit that was begun on the takes: written by hand here as other programs write it.
#include "export/documents/relink.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "export/documents/file_url.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

using nlohmann::ordered_json;

ordered_json time(double value, double rate) {
    return {{"OTIO_SCHEMA", "RationalTime.1"}, {"rate", rate}, {"value", value}};
}

ordered_json range(double start, double length, double rate) {
    return {{"OTIO_SCHEMA", "TimeRange.1"},
            {"start_time", time(start, rate)},
            {"duration", time(length, rate)}};
}

ordered_json clip(const std::string& name, const std::string& url, const ordered_json& source,
                  const ordered_json& available) {
    return {{"OTIO_SCHEMA", "Clip.1"},
            {"name", name},
            {"metadata", {{"theirs", 12}}},
            {"source_range", source},
            {"media_reference",
             {{"OTIO_SCHEMA", "ExternalReference.1"},
              {"available_range", available},
              {"target_url", url}}}};
}

ordered_json timeline(const std::vector<ordered_json>& pictures,
                      const std::vector<ordered_json>& sounds) {
    const auto track = [](const char* kind, const std::vector<ordered_json>& children) {
        return ordered_json{{"OTIO_SCHEMA", "Track.1"}, {"kind", kind}, {"children", children}};
    };
    return {{"OTIO_SCHEMA", "Timeline.1"},
            {"name", "first cut"},
            {"tracks",
             {{"OTIO_SCHEMA", "Stack.1"},
              {"children",
               std::vector<ordered_json>{track("Video", pictures), track("Audio", sounds)}}}}};
}

class Relink : public ::testing::Test {
  protected:
    Relink() {
        RelinkTake whole{"/card/press-01.mov", {3600}, {25, 1}, {}, {}};
        whole.videos = {{"/out/press-01 clean.mov", {0}, {}, TimeRange{{0}, {60}}}};
        whole.videos[0].stamps.timecode = "01:00:00:00";
        RelinkTake cut{"/card/sewing-02.mp4", {0}, {25, 1}, {}, {}};
        cut.videos = {{"/out/sewing-02 clean piece 1.mov", {0}, {}, TimeRange{{2}, {10}}},
                      {"/out/sewing-02 clean piece 2.mov", {0.4}, {}, TimeRange{{19.6}, {30}}}};
        RelinkTake sound{"/card/fold-03.mp4", {0}, {25, 1}, {}, {}};
        sound.sounds = {{"/out/fold-03 clean.wav", {0}, {}, TimeRange{{0}, {20}}}};
        sound.sounds[0].stamps.bextReference = Seconds{36000};
        takes_ = {whole, cut, sound};
    }
    ordered_json run(const ordered_json& edit) {
        auto r = relinked(edit.dump(), "/edits", takes_, "/out");
        EXPECT_TRUE(r);
        if (!r) return {};
        done_ = *r;
        return ordered_json::parse(r->text);
    }
    static const ordered_json& at(const ordered_json& j, int track, int child) {
        return j["tracks"]["children"][static_cast<std::size_t>(track)]["children"]
                [static_cast<std::size_t>(child)];
    }
    std::vector<RelinkTake> takes_;
    Relinked done_;
};

TEST_F(Relink, ClipsPointAtTheSamePicturesInTheNewFilesAndAllElseStays) {
    const auto foreign = clip("titles", "file:///stills/title.png", range(0, 50, 25), nullptr);
    const ordered_json edit = timeline(
        {clip("press", "file:///card/press-01.mov", range(90000 + 250, 100, 25),
              range(90000, 1500, 25)),
         foreign, clip("sew a", "../card/sewing-02.mp4", range(75, 50, 25), range(0, 1000, 25)),
         clip("sew b", "../card/sewing-02.mp4", range(525, 50, 25), range(0, 1000, 25))},
        {clip("fold", "file:///card/fold-03.mp4", range(48000, 96000, 48000),
              range(0, 48000 * 20, 48000))});
    const ordered_json after = run(edit);
    EXPECT_EQ(done_.clips, 4u);
    EXPECT_TRUE(done_.leftAlone.empty());
    const auto& press = at(after, 0, 0);
    EXPECT_EQ(press["media_reference"]["target_url"], "press-01%20clean.mov");
    EXPECT_EQ(press["source_range"], range(90000 + 250, 100, 25)) << "the same clock";
    EXPECT_EQ(press["metadata"]["theirs"], 12);
    EXPECT_EQ(at(after, 0, 1), foreign);
    // 3 s of the take are 1 s of the piece that begins at 2 s.
    EXPECT_EQ(at(after, 0, 2)["source_range"], range(25, 50, 25));
    // The second piece begins at its key frame, 19.6 s.
    EXPECT_EQ(at(after, 0, 3)["media_reference"]["target_url"],
              "sewing-02%20clean%20piece%202.mov");
    EXPECT_EQ(at(after, 0, 3)["source_range"]["start_time"], time(35, 25));
    const auto& fold = at(after, 1, 0);
    EXPECT_EQ(fold["media_reference"]["target_url"], "fold-03%20clean.wav");
    EXPECT_EQ(fold["source_range"]["start_time"], time(48000.0 * (36000 + 1), 48000));
}

TEST_F(Relink, WhatWasNotExportedIsLeftAndSaid) {
    const ordered_json edit = timeline(
        {clip("gap", "file:///card/sewing-02.mp4", range(12 * 25, 50, 25), range(0, 1000, 25)),
         clip("picture", "file:///card/fold-03.mp4", range(0, 50, 25), range(0, 500, 25)),
         clip("nothing", "file:///card/press-01.mov", nullptr, nullptr)},
        {});
    EXPECT_EQ(run(edit), edit);
    EXPECT_EQ(done_.clips, 0u);
    ASSERT_EQ(done_.leftAlone.size(), 3u);
    EXPECT_EQ(sentence(Facts{done_.leftAlone[0]}),
              "gap is left as it was: what it uses was not exported.");
    EXPECT_EQ(done_.leftAlone[2].id, "clip-says-no-time");
}

TEST_F(Relink, NewerClipsAndFilesThatWereElsewhereAreKnownByName) {
    ordered_json newer =
        clip("press", "D:/footage/press-01.mov", range(0, 25, 25), range(0, 1500, 25));
    newer["OTIO_SCHEMA"] = "Clip.2";
    newer["media_references"] = {{"DEFAULT_MEDIA", newer["media_reference"]}};
    newer["active_media_reference_key"] = "DEFAULT_MEDIA";
    newer.erase("media_reference");
    const ordered_json after = run(timeline({newer}, {}));
    const auto& media = at(after, 0, 0)["media_references"]["DEFAULT_MEDIA"];
    EXPECT_EQ(media["target_url"], "press-01%20clean.mov");
    EXPECT_EQ(at(after, 0, 0)["source_range"]["start_time"], time(90000, 25));
}

TEST_F(Relink, WhatIsNoTimelineIsRefusedAndOddOnesAreNotFollowed) {
    for (const char* text : {"", "{}", "[1]", "not json", "{\"OTIO_SCHEMA\":5", "\x80\xff"}) {
        EXPECT_FALSE(relinked(text, "/edits", takes_, "/out")) << text;
    }
    ordered_json odd = timeline(
        {clip("x", "http://example.invalid/press-01.mov", range(0, 25, 25), range(0, 25, 0))}, {});
    odd["tracks"]["children"][0]["children"][0]["name"] = 7;
    odd["tracks"]["children"][0]["kind"] = nullptr;
    EXPECT_EQ(run(odd), odd);
}

TEST(FileUrl, GoesBothWays) {
    const std::string path = "/out/říz 100%/press#1.mov";
    EXPECT_EQ(pathOfUrl(urlOfFile(path, "/elsewhere"), "/elsewhere"), path);
    EXPECT_EQ(pathOfUrl(urlOfFile(path, "/out"), "/out"), path);
    EXPECT_EQ(pathOfUrl("file://machine/out/a%2", "/x"), "/out/a%2");
    EXPECT_TRUE(pathOfUrl("https://a/b", "/x").empty());
}

}  // namespace
}  // namespace brisk
