// SPDX-License-Identifier: GPL-3.0-or-later
// Timelines are read by a walker that knows the published schema, and by a small parser of the edit
// list's form; neither shares code with what writes them.
#include "export/documents/timeline.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>
#include <set>
#include <sstream>

#include "export/documents/edit_list.h"
#include "export/documents/otio.h"
#include "support/facts_text.h"
#include "support/pieces.h"

namespace brisk {
namespace {

using nlohmann::json;

/// A day of three takes by two cameras on one recorder; nothing of it is on a disk.
class Timelines : public ::testing::Test {
  protected:
    void SetUp() override {
        auto rec = std::make_shared<SoundScan>();
        rec->info.path = "/rec/lavalier 01.wav";
        rec->info.sounds = {SoundFacts{}};
        rec->rate = {48000};
        rec->samples = 48000 * 600;
        recording_ = rec;
        add("bench-01.mp4", "A", {25, 1}, 250, 100.02, "01:00:10:00");
        add("bench-02.mp4", "A", {25, 1}, 500, 200.333, "");
        add("press-01.mov", "B", {24000, 1001}, 240, 203, "");
    }
    void add(const std::string& name, const std::string& camera, Rational rate, int frames,
             double day, const std::string& timecode) {
        auto scan = std::make_shared<SoundScan>();
        scan->info.path = "/card/" + name;
        scan->info.video.emplace();
        scan->info.video->rate = rate;
        scan->info.sounds = {SoundFacts{}};
        scan->info.stamps.timecode = timecode;
        scan->rate = {48000};
        const double length = frames / rate.value();
        scan->samples = std::llround(length * 48000);
        HandedTake h;
        h.id = static_cast<int>(takes_.size()) + 1;
        h.scan = scan;
        h.sound = test::planOf(scan, recording_, {{day - 0.75}, {20}});
        h.names.camera = camera;
        h.day = {day};
        takes_.push_back(h);
    }
    static double seconds(const json& time) {
        return time["value"].get<double>() / time["rate"].get<double>();
    }
    /// Every object has what its schema asks for; \return its length in seconds.
    double walk(const json& j) {
        static const std::map<std::string, std::set<std::string>> fields{
            {"Timeline.1", {"name", "metadata", "global_start_time", "tracks"}},
            {"Stack.1",
             {"name", "metadata", "source_range", "effects", "markers", "enabled", "children"}},
            {"Track.1",
             {"name", "metadata", "source_range", "effects", "markers", "enabled", "children",
              "kind"}},
            {"Clip.1",
             {"name", "metadata", "source_range", "effects", "markers", "enabled",
              "media_reference"}},
            {"Marker.2", {"name", "metadata", "color", "comment", "marked_range"}},
            {"Gap.1", {"name", "metadata", "source_range", "effects", "markers", "enabled"}},
            {"ExternalReference.1", {"name", "metadata", "available_range", "target_url"}},
            {"TimeRange.1", {"start_time", "duration"}},
            {"RationalTime.1", {"rate", "value"}}};
        const std::string schema = j.at("OTIO_SCHEMA");
        EXPECT_TRUE(fields.count(schema)) << schema;
        std::set<std::string> has;
        for (const auto& [key, value] : j.items()) {
            if (key != "OTIO_SCHEMA") has.insert(key);
        }
        EXPECT_EQ(has, fields.at(schema)) << schema;
        if (schema == "RationalTime.1") {
            EXPECT_EQ(j["value"].get<double>(), std::floor(j["value"].get<double>()));
            return seconds(j);
        }
        if (schema == "TimeRange.1") {
            walk(j["start_time"]);
            EXPECT_GT(walk(j["duration"]), 0);
            return seconds(j["duration"]);
        }
        if (schema == "Clip.1") {
            const json& media = j["media_reference"];
            walk(media);
            walk(media["available_range"]);
            const json& source = j["source_range"];
            const json& file = media["available_range"];
            EXPECT_GE(seconds(source["start_time"]), seconds(file["start_time"]) - 1e-9);
            EXPECT_LE(seconds(source["start_time"]) + seconds(source["duration"]),
                      seconds(file["start_time"]) + seconds(file["duration"]) + 1e-9)
                << "inside of what the file has";
            return walk(source);
        }
        if (schema == "Gap.1") return walk(j["source_range"]);
        if (schema == "Timeline.1") return walk(j["tracks"]);
        double sum = 0;
        if (j.contains("children")) {
            for (const json& child : j["children"]) {
                const double length = walk(child);
                sum = schema == "Track.1" ? sum + length : std::max(sum, length);
            }
        }
        return sum;
    }
    /// Where a clip of a track begins, adding up what is before it.
    static double startOf(const json& track, const std::string& name) {
        double at = 0;
        for (const json& c : track["children"]) {
            if (c["name"] == name) return at;
            at += seconds(c["source_range"]["duration"]);
        }
        return -1;
    }
    static const json& trackNamed(const json& timeline, const std::string& name) {
        for (const json& t : timeline["tracks"]["children"]) {
            if (t["name"] == name) return t;
        }
        throw std::runtime_error(name);
    }
    std::shared_ptr<const SoundScan> recording_;
    std::vector<HandedTake> takes_;
};

TEST_F(Timelines, EveryObjectIsAsTheSchemaHasItAndEveryRangeAddsUp) {
    takes_[1].sound.kept = {{{1}, {4}}, {{6}, {9.5}}};
    const json j = json::parse(otioText(buildTimeline("A day", takes_, {}), "/out"));
    const double end = 203 - 100.02 + 240 * 1001.0 / 24000;
    EXPECT_NEAR(walk(j), end, 0.05);
    // Pictures to a frame, sounds to a sample, wherever they are in the day.
    EXPECT_NEAR(startOf(trackNamed(j, "A"), "bench-01.mp4"), 0, 1e-9);
    EXPECT_NEAR(startOf(trackNamed(j, "A"), "bench-02.mp4"), 100.313 + 1, 0.0201);
    EXPECT_NEAR(startOf(trackNamed(j, "B"), "press-01.mov"), 102.98, 0.0210);
    const json& sound = trackNamed(j, "A, clean sound");
    EXPECT_EQ(sound["kind"], "Audio");
    int clips = 0;
    for (const json& c : sound["children"]) clips += c["OTIO_SCHEMA"] == "Clip.1";
    EXPECT_EQ(clips, 3) << "one, and two kept pieces of the other";
    const json& first = sound["children"][0];
    EXPECT_EQ(first["media_reference"]["target_url"], "file:///rec/lavalier%2001.wav");
    EXPECT_EQ(first["source_range"]["start_time"]["value"], std::llround(99.27 * 48000));
    EXPECT_NEAR(first["metadata"]["brisk"]["drift_ppm"].get<double>(), 20, 1e-9);
    EXPECT_EQ(trackNamed(j, "B")["children"][1]["metadata"]["brisk"]["rate"], "24000/1001");
}

/// Where the sounds alone of the test below begin in their take, in samples: off every grid.
constexpr std::int64_t kBegins = 24817;

/// How much farther sound and picture are apart on the timeline than in the take, in seconds, for
/// each sound; of recordings as they are up to half of their own sample is rounding of the source.
std::vector<double> apartBy(const Timeline& t, const std::vector<HandedTake>& takes) {
    std::vector<double> out;
    for (const TimelineTrack& sounds : t.tracks) {
        for (const TimelineClip& s : sounds.clips) {
            if (sounds.picture) continue;
            const TimelineClip* picture = nullptr;
            for (const TimelineTrack& p : t.tracks) {
                for (const TimelineClip& c : p.clips) {
                    const bool over = !(s.start < c.start) && s.start < c.end();
                    if (p.picture && c.take == s.take && over) picture = &c;
                }
            }
            if (!picture) {
                ADD_FAILURE() << s.name << " has no picture over it";
                continue;
            }
            const Rational apart = s.start - picture->start;
            const bool fromFile = s.offset == Seconds{0} && s.driftPpm == 0;
            const bool ofTake = picture->path.starts_with("/card/");
            if (fromFile && !ofTake) {
                out.push_back((apart - (s.source - picture->source)).value());
                continue;
            }
            if (fromFile) {
                // Of a sound alone it is known where in the take it begins.
                const Rational begins{kBegins, 48000};
                out.push_back((apart - (s.source + begins - picture->source)).value());
                continue;
            }
            const auto& pieces = takes[static_cast<std::size_t>(s.take) - 1].sound.clean;
            const Seconds heard = pieces.front().line.toTake({s.source.value()});
            out.push_back(apart.value() - (heard.value - picture->source.value()));
            EXPECT_LE(std::abs(out.back()), 0.5 / s.rate.value() + 1e-9) << s.name;
            out.back() = std::abs(out.back()) < 0.5 / s.rate.value() + 1e-9 ? 0 : out.back();
        }
    }
    return out;
}

TEST_F(Timelines, SoundAndPictureAreAsFarApartAsInTheTake) {
    takes_.clear();
    const Rational rates[] = {{24000, 1001}, {24, 1},       {25, 1}, {30000, 1001},
                              {50, 1},       {60000, 1001}, {60, 1}, {30000, 1001}};
    double day = 100.0123;
    for (const Rational rate : rates) {
        const int n = static_cast<int>(takes_.size());
        add("take-" + std::to_string(n), "camera " + std::to_string(n % 3), rate, 300, day, "");
        day += 13.37 + 0.0071 * n;
    }
    takes_[7].scan = [&] {
        auto phone = std::make_shared<SoundScan>(*takes_[7].scan);
        phone->info.video->variableRate = true;
        phone->info.video->rate = {298337, 9991};
        return phone;
    }();
    for (const bool pieces : {false, true}) {
        if (pieces) {
            for (HandedTake& h : takes_) h.sound.kept = {{{0.517}, {2.03}}, {{2.9}, {4.4444}}};
        }
        std::vector<WrittenTake> videos, both, sounds;
        for (const HandedTake& h : takes_) {
            const std::string name = "/out/" + std::to_string(h.id);
            const WrittenFile v{name + ".mov", {0.12}}, s{name + ".wav", {0.12}};
            videos.push_back({h.id, {v, v}, {}});
            both.push_back({h.id, {v, v}, {s, s}});
            const WrittenFile alone{name + ".wav", {0}, {}, TimeRange{{kBegins / 48000.0}, {2.03}}};
            sounds.push_back({h.id, {}, {alone, alone}});
        }
        for (const auto& written : {std::vector<WrittenTake>{}, videos, both, sounds}) {
            const Timeline t = buildTimeline("A day", takes_, written);
            const auto apart = apartBy(t, takes_);
            EXPECT_EQ(apart.size(), takes_.size() * (pieces ? 2 : 1));
            for (const double d : apart) EXPECT_EQ(d, 0);
            walk(json::parse(otioText(t, "/out")));
        }
    }
}

TEST_F(Timelines, RecordingsAreCountedByTheirTimeReference) {
    takes_.resize(1);
    auto rec = std::make_shared<SoundScan>(*recording_);
    rec->info.stamps.bextReference = Seconds{36000.5};
    takes_[0].sound.clean = {{rec, {{99.27}, {0}}}};
    const Timeline t = buildTimeline("A day", takes_, {});
    const json j = json::parse(otioText(t, "/out"));
    walk(j);
    const json& sound = trackNamed(j, "A, clean sound")["children"][0];
    EXPECT_NEAR(seconds(sound["source_range"]["start_time"]), 36000.5 + 99.27, 1e-9);
    EXPECT_NEAR(seconds(sound["media_reference"]["available_range"]["start_time"]), 36000.5, 1e-9);
    const json& picture = trackNamed(j, "A")["children"][0];
    EXPECT_NEAR(seconds(picture["source_range"]["start_time"]), 3610, 1e-9) << "01:00:10:00";
}

TEST_F(Timelines, ReferencesAreFromTheTimelinesFolderWhereverOneStands) {
    takes_.resize(1);
    const auto urlOf = [&](const std::string& file, const std::string& folder) {
        const auto t = buildTimeline("A day", takes_, {{1, {{file}}, {}}});
        const std::string list = editList(t, folder).text;
        const json j = json::parse(otioText(t, folder));
        const std::string url = trackNamed(j, "A")["children"][0]["media_reference"]["target_url"];
        return url + " | " +
               list.substr(list.find("FILE: ") + 6, list.rfind('\n') - list.find("FILE: ") - 6);
    };
    const std::string here = std::filesystem::current_path().string();
    EXPECT_EQ(urlOf(here + "/finished/a.mov", "finished"), "a.mov | a.mov");
    EXPECT_EQ(urlOf("finished/b/a.mov", here + "/finished/"), "b/a.mov | b/a.mov");
    EXPECT_EQ(urlOf("/out/50% #1: a?.mov", "/out"), "50%25%20%231%3A%20a%3F.mov | 50% #1: a?.mov");
    EXPECT_EQ(urlOf("/other/a.mov", "/out"), "file:///other/a.mov | /other/a.mov");
    EXPECT_EQ(urlOf("/outer/a.mov", "/out"), "file:///outer/a.mov | /outer/a.mov");
    EXPECT_EQ(urlOf("/out/..a.mov", "/out"), "..a.mov | ..a.mov");
    EXPECT_EQ(urlOf("/out/\xff.mov", "/out"), "%FF.mov | \xEF\xBF\xBD.mov");
}

TEST_F(Timelines, NewFilesAreNamedFromTheirFolder) {
    takes_.resize(1);
    const auto timeline = buildTimeline("A day", takes_, {{1, {{"/out/bench-01 clean.mov"}}, {}}});
    const json j = json::parse(otioText(timeline, "/out"));
    walk(j);
    const json& clip = trackNamed(j, "A")["children"][0];
    EXPECT_EQ(clip["media_reference"]["target_url"], "bench-01%20clean.mov");
    EXPECT_EQ(trackNamed(j, "A, clean sound")["children"][0]["media_reference"]["target_url"],
              "bench-01%20clean.mov");
}

TEST_F(Timelines, GapsAreClosedWhereNoCameraKeepsAnything) {
    takes_[1].sound.kept = {{{1}, {4}}, {{6}, {9.52}}};
    const Timeline t = buildTimeline("A day", takes_, {}, true);
    const json j = json::parse(otioText(t, "/out"));
    // 10 s of the first; 1 to 4 and 6 to 9.52 s of the second, and the other camera, which begins
    // 2.667 s into the second, ran through both and a little longer.
    const double other = 203 - 200.333, ran = 240 * 1001.0 / 24000;
    EXPECT_NEAR(walk(j), 10 + (other - 1) + ran, 0.09);
    const json& a = trackNamed(j, "A")["children"];
    EXPECT_EQ(a[0]["OTIO_SCHEMA"], "Clip.1");
    EXPECT_EQ(a[1]["OTIO_SCHEMA"], "Clip.1") << "the second follows the first";
    EXPECT_EQ(a[2]["OTIO_SCHEMA"], "Gap.1") << "the other camera was kept there";
    EXPECT_NEAR(seconds(a[2]["source_range"]["duration"]), 2, 0.041);
    EXPECT_NEAR(startOf(trackNamed(j, "B"), "press-01.mov"), 10 + other - 1, 0.05)
        << "what was at one moment stays at one moment";
    for (const double d : apartBy(t, takes_)) EXPECT_EQ(d, 0);
    takes_.pop_back();
    const Timeline alone = buildTimeline("A day", takes_, {}, true);
    EXPECT_EQ(alone.tracks[0].clips.size(), 3u);
    EXPECT_EQ(alone.tracks[0].clips[2].end(), (Rational{10 * 25 + 75 + 88, 25}));
}

TEST_F(Timelines, MarksAndTheSlateAreMarkersOfThePicture) {
    takes_[0].slate = {"the first pull", "12A", "3", Verdict::Good, "lamp flickers"};
    takes_[0].marks = {{1, 1, {2}, "clap"}, {2, 1, {8}, "after the cut"}};
    takes_[0].sound.kept = {{{1}, {5}}};
    const Timeline t = buildTimeline("A day", {takes_[0]}, {});
    const json j = json::parse(otioText(t, "/out"));
    const json& clip = trackNamed(j, "A")["children"].back();
    EXPECT_EQ(clip["name"], "the first pull");
    ASSERT_EQ(clip["markers"].size(), 2u);
    for (const json& m : clip["markers"]) {
        EXPECT_EQ(m["OTIO_SCHEMA"], "Marker.2");
        EXPECT_TRUE(m.contains("color") && m.contains("metadata"));
    }
    EXPECT_EQ(clip["markers"][0]["name"], "scene 12A, take 3, good");
    EXPECT_EQ(clip["markers"][0]["comment"], "lamp flickers");
    // 2 s of the take, on the camera's clock.
    EXPECT_NEAR(seconds(clip["markers"][1]["marked_range"]["start_time"]), 3610 + 2, 1e-9);
    const std::string list = editList(t, "/out").text;
    EXPECT_NE(list.find("* MARK 01:00:02:00 clap\n"), std::string::npos) << list;
    EXPECT_NE(list.find("* MARK 01:00:01:00 scene 12A, take 3, good: lamp flickers\n"),
              std::string::npos);
    EXPECT_EQ(list.find("after the cut"), std::string::npos);
}

TEST_F(Timelines, TakesOfOneCameraThatOverlapGoOnTracksOfTheirOwn) {
    takes_[1].day = {105};
    const auto timeline = buildTimeline("A day", takes_, {});
    int a = 0;
    for (const TimelineTrack& t : timeline.tracks) a += t.picture && t.name.starts_with("A");
    EXPECT_EQ(a, 2);
    walk(json::parse(otioText(timeline, "/out")));
}

struct Statement {
    int number = 0;
    std::string reel, mode, cut;
    long long in = 0, out = 0, from = 0, to = 0;
    std::string clip, file;
};

long long frames(const std::string& timecode, int fps) {
    int h = 0, m = 0, s = 0, f = 0;
    EXPECT_EQ(std::sscanf(timecode.c_str(), "%2d:%2d:%2d:%2d", &h, &m, &s, &f), 4) << timecode;
    EXPECT_LT(f, fps);
    return ((h * 60LL + m) * 60 + s) * fps + f;
}

std::vector<Statement> parsed(const std::string& text, int fps) {
    std::vector<Statement> out;
    std::istringstream all(text);
    for (std::string line; std::getline(all, line);) {
        if (line.starts_with("* FROM CLIP NAME: ")) out.back().clip = line.substr(18);
        if (line.starts_with("* SOURCE FILE: ")) out.back().file = line.substr(15);
        if (line.empty() || !std::isdigit(static_cast<unsigned char>(line[0]))) continue;
        Statement s;
        std::string t[4];
        std::istringstream fields(line);
        fields >> s.number >> s.reel >> s.mode >> s.cut >> t[0] >> t[1] >> t[2] >> t[3];
        s.in = frames(t[0], fps);
        s.out = frames(t[1], fps);
        s.from = frames(t[2], fps);
        s.to = frames(t[3], fps);
        out.push_back(s);
    }
    return out;
}

TEST_F(Timelines, TheEditListHoldsOnePictureTrackAndSaysWhatItCannot) {
    const EditList list = editList(buildTimeline("A day", takes_, {}), "/out");
    EXPECT_TRUE(list.text.starts_with("TITLE: A day\nFCM: NON-DROP FRAME\n"));
    const auto events = parsed(list.text, 25);
    ASSERT_EQ(events.size(), 4u) << list.text;
    long long last = 0;
    std::set<std::string> reels;
    for (std::size_t i = 0; i < events.size(); ++i) {
        const Statement& e = events[i];
        EXPECT_EQ(e.number, static_cast<int>(i) + 1);
        EXPECT_EQ(e.cut, "C");
        EXPECT_LE(e.reel.size(), 8u);
        EXPECT_EQ(e.out - e.in, e.to - e.from) << "no speed is changed";
        EXPECT_GE(e.from, last);
        last = e.from;
        reels.insert(e.reel);
    }
    EXPECT_EQ(reels.size(), 3u) << "a reel a file";
    EXPECT_EQ(events[0].in, frames("01:00:10:00", 25)) << "the file's own timecode";
    EXPECT_EQ(events[0].from, 25 * 3600);
    EXPECT_EQ(events[2].from, 25 * 3600 + std::llround(100.313 * 25));
    std::string said;
    for (const Fact& s : list.cannotSay) said += sentence(s) + "\n";
    EXPECT_NE(said.find("B is left out"), std::string::npos) << said;
    EXPECT_NE(said.find("whole frames"), std::string::npos) << said;
    EXPECT_NE(said.find("knows no drift"), std::string::npos) << said;
}

// A recorder that went on in its next file in the middle of a frame: no frame twice, none missing.
TEST_F(Timelines, SoundsOffTheGridFollowEachOtherInAnEditList) {
    takes_.resize(1);
    const auto piece = [&](const char* name, double length, double offset) {
        auto rec = std::make_shared<SoundScan>(*recording_);
        rec->info.path = name;
        rec->samples = std::llround(length * 48000);
        return CleanPiece{rec, {{offset}, {0}}};
    };
    for (const double joint : {4.3217, 4.34, 4.3399, 4.359}) {
        takes_[0].sound.clean = {piece("/rec/one.wav", 5 + joint, 5),
                                 piece("/rec/two.wav", 60, -joint)};
        const auto events = parsed(editList(buildTimeline("A day", takes_, {}), "/out").text, 25);
        ASSERT_EQ(events.size(), 3u) << joint;
        EXPECT_EQ(events[1].to, events[2].from) << joint;
        EXPECT_EQ(events[1].from, events[0].from) << joint;
        EXPECT_EQ(events[2].to, events[0].to) << joint;
        EXPECT_EQ(events[2].in, 0) << joint;
    }
}

TEST_F(Timelines, AnEditListCountsAsTheTimecodesDo) {
    takes_.clear();
    add("ntsc-01.mov", "A", {30000, 1001}, 3000, 100, "00:00:59;28");
    add("ntsc-02.mov", "A", {30000, 1001}, 300, 300, "10:00:00:00");
    const std::string text = editList(buildTimeline("A day", takes_, {}), "/out").text;
    EXPECT_TRUE(text.starts_with("TITLE: A day\nFCM: DROP FRAME\n\n")) << text;
    // 3000 frames on from 00:00:59;28: numbers 0 and 1 of two minutes are not there.
    EXPECT_NE(text.find("00:00:59;28 00:02:40;02 01:00:00;00 01:01:40;02"), std::string::npos)
        << text;
    EXPECT_NE(text.find("10:00:00:00 10:00:10:00"), std::string::npos) << text;
    for (HandedTake& h : takes_)
        h.scan = [&] {
            auto scan = std::make_shared<SoundScan>(*h.scan);
            scan->info.stamps.timecode = "";
            return scan;
        }();
    EXPECT_TRUE(editList(buildTimeline("A day", takes_, {}), "/out")
                    .text.starts_with("TITLE: A day\nFCM: NON-DROP FRAME\n\n"));
}

TEST_F(Timelines, NoNameBreaksALineOfAnEditList) {
    takes_.resize(1);
    const auto t = [&](const std::string& name, const std::string& file) {
        return editList(buildTimeline(name, takes_, {{1, {{file}}, {}}}), "/out").text;
    };
    const auto lines = [](const std::string& text) {
        return std::count(text.begin(), text.end(), '\n');
    };
    const auto usual = lines(t("A day", "/out/a.mov"));
    EXPECT_EQ(lines(t("A\nday\r\n", "/out/a\nb\r.mov")), usual);
    EXPECT_EQ(lines(t("\xE2\x80\xA8 day", "/out/\xff\x01.mov")), usual);
    const std::string longOne = t(std::string(5000, 'x'), "/out/" + std::string(300, 'y') + ".mov");
    EXPECT_EQ(lines(longOne), usual);
    EXPECT_LE(longOne.find('\n'), 90u) << "the title";
    EXPECT_NE(longOne.find(std::string(300, 'y')), std::string::npos) << "a path stays whole";
    // Names without a letter of the alphabet have reels all the same.
    EXPECT_NE(t("A day", "/out/\xC3\xA9\xC3\xA9.mov").find("001  REEL"), std::string::npos);
}

TEST_F(Timelines, APieceBeginsWithATimecodeOfItsOwn) {
    takes_.resize(1);
    takes_[0].sound.kept = {{{2}, {4}}, {{6}, {8}}};
    const std::vector<WrittenTake> written{{1,
                                            {{"/out/a 1.mov", {0}, {{}, "01:00:12:00", ""}},
                                             {"/out/a 2.mov", {0}, {{}, "01:00:16:00", ""}}},
                                            {}}};
    const auto timeline = buildTimeline("A day", takes_, written);
    const auto events = parsed(editList(timeline, "/out").text, 25);
    ASSERT_EQ(events.size(), 2u);
    EXPECT_EQ(events[0].in, frames("01:00:12:00", 25));
    EXPECT_EQ(events[1].in, frames("01:00:16:00", 25));
    walk(json::parse(otioText(timeline, "/out")));
}

TEST_F(Timelines, AFileThatBeginsBeforeItsPieceIsEnteredLater) {
    takes_.resize(1);
    takes_[0].sound.kept = {{{2}, {4}}};
    const auto timeline =
        buildTimeline("A day", takes_, {{1, {{"/out/a.mov", {0.8}, {{}, "01:00:11:05", ""}}}, {}}});
    const json j = json::parse(otioText(timeline, "/out"));
    walk(j);
    const double clock = 3600 + 11.2;  // what the file's timecode says at its beginning
    for (const char* track : {"A", "A, clean sound"}) {
        const json& c = trackNamed(j, track)["children"][1];
        EXPECT_NEAR(seconds(c["source_range"]["start_time"]), clock + 0.8, 1e-9);
        EXPECT_NEAR(seconds(c["media_reference"]["available_range"]["start_time"]), clock, 1e-9);
    }
    const auto events = parsed(editList(timeline, "/out").text, 25);
    EXPECT_EQ(events.at(0).in, frames("01:00:12:00", 25)) << "the picture's own timecode";
}

TEST_F(Timelines, OtherMicrophonesHaveTracksOfTheirOwn) {
    auto hand = std::make_shared<SoundScan>(*recording_);
    hand->info.path = "/rec/hand.wav";
    takes_.resize(1);
    takes_[0].sound.beside = {{{hand, {{40}, {0}}}}};
    const auto clipOf = [&](const std::vector<WrittenTake>& written) {
        const auto timeline = buildTimeline("A day", takes_, written);
        const EditList list = editList(timeline, "/out");
        EXPECT_EQ(parsed(list.text, 25).size(), written.empty() ? 2u : 1u) << list.text;
        EXPECT_NE(sentence(list.cannotSay.at(0)).find("hand.wav is left out"), std::string::npos);
        const json j = json::parse(otioText(timeline, "/out"));
        walk(j);
        return trackNamed(j, "A, hand.wav")["children"].at(0);
    };
    const json as = clipOf({});
    EXPECT_EQ(as["media_reference"]["target_url"], "file:///rec/hand.wav");
    EXPECT_EQ(as["source_range"]["start_time"]["value"], 40 * 48000);
    const json in = clipOf({{1, {{"/out/a.mov"}}, {}}});
    EXPECT_EQ(in["media_reference"]["target_url"], "a.mov");
    EXPECT_EQ(in["metadata"]["brisk"]["sound_track"], 2);
    const json own = clipOf({{1, {{"/out/a.mov"}}, {}, {{{"/out/a hand.wav"}}}}});
    EXPECT_EQ(own["media_reference"]["target_url"], "a%20hand.wav");
    EXPECT_FALSE(own["metadata"]["brisk"].contains("sound_track"));
}

TEST_F(Timelines, PictureAndSoundOfOneNewFileAreOneEvent) {
    takes_.resize(2);
    const EditList list =
        editList(buildTimeline("A day", takes_,
                               {{1, {{"/out/bench 1.mov"}}, {}}, {2, {{"/out/bench 2.mov"}}, {}}}),
                 "/out");
    const auto events = parsed(list.text, 25);
    ASSERT_EQ(events.size(), 2u) << list.text;
    EXPECT_EQ(events[0].mode, "B");
    EXPECT_EQ(events[1].file, "bench 2.mov");
    EXPECT_NE(events[0].reel, events[1].reel);
    EXPECT_TRUE(list.cannotSay.empty()) << list.cannotSay.front();
}

}  // namespace
}  // namespace brisk
