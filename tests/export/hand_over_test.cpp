// SPDX-License-Identifier: GPL-3.0-or-later
// A whole hand-over: the plan is what is written, one failure does not stop the rest, what failed
// can be tried again, and reports tell of all of it.
#include "export/hand_over.h"

#include <gtest/gtest.h>
#include <sys/mount.h>

#include <nlohmann/json.hpp>
#include <regex>

#include "export/documents/mhl.h"
#include "export/report.h"
#include "media/read/probe.h"
#include "media/read/wav_header.h"
#include "shoot/project_file.h"
#include "store/file_hash.h"
#include "support/comma_locale.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

class HandOver : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(60, 48000, 1);
        test::writeSound(folder_.file("lavalier.wav"), day, {"pcm_s24le", 48000, 1, {}, {}});
        add("lavalier.wav", MediaKind::Recording);
        for (int n = 0; n < 3; ++n) {
            const std::string name = "press-0" + std::to_string(n + 1) + ".mp4";
            const auto from = static_cast<long>((4 + 15 * n) * 48000);
            test::TakeRecipe r;
            r.metadata = {{"creation_time", "2026-03-03T09:12:40.000000Z"}};
            test::writeTake(folder_.file(name),
                            {day.begin() + from, day.begin() + from + 8 * 48000}, r);
            const int id = add(name, MediaKind::Take);
            Tether t;
            t.take = id;
            t.recording = 1;
            t.locked = true;
            t.line = t.found.line = {{4.0 + 15 * n}, {0}};
            t.found.status = MatchStatus::Matched;
            t.found.reason = {{"said", {{"text", "7 of 7 spots agree within 0.1 ms."}}}};
            for (int k = 0; k < 7; ++k) t.found.slips.push_back({{k + 0.5}, {1e-5 * k}, k != 3});
            state_.tethers.push_back(t);
        }
        choice_.folder = folder_.file("out");
        choice_.shoot = "A day & <more>";
    }
    int add(const std::string& name, MediaKind role) {
        state_.media.push_back({state_.nextId, folder_.file(name), role, {}, {}});
        scans_[state_.nextId] =
            std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
        return state_.nextId++;
    }
    HandOverPlan plan() {
        const ScanOf scanOf = [&](int id) { return scans_[id]; };
        return planHandOver(
            handedTakes(state_, {2, 3, 4}, scanOf,
                        [&](int take) { return takeSoundPlan(state_, take, scanOf); }),
            choice_);
    }
    void everythingAsMeant(const HandOverRun& run) {
        for (std::size_t i = 0; i < run.results().size(); ++i) {
            const FileResult& r = run.results()[i];
            EXPECT_EQ(r.state, FileState::Written) << r.path << ": " << sentence(r.problem);
            EXPECT_EQ(sentence(r.problem), "") << r.path;
            EXPECT_EQ(r.path, run.plan().files[i].path) << "where the plan had it";
            EXPECT_EQ(sentence(r.holds).substr(0, sentence(run.plan().files[i].holds).size()),
                      sentence(run.plan().files[i].holds));
            EXPECT_EQ(fs::file_size(r.path), r.bytes);
        }
    }
    test::TempFolder folder_;
    ShootState state_;
    std::map<int, std::shared_ptr<const SoundScan>> scans_;
    HandOverChoice choice_;
};

TEST_F(HandOver, WritesWhatThePlanSays) {
    choice_.sound = SoundFormat::Wav;
    choice_.timeline = choice_.editList = true;
    choice_.htmlReport = choice_.csvReport = choice_.jsonReport = true;
    choice_.pattern = "{date} {number} {take}";
    choice_.sha256 = true;
    HandOverRun run(plan());
    EXPECT_EQ(sentence(run.plan().problem()), "");
    ASSERT_EQ(run.plan().files.size(), 11u);
    EXPECT_EQ(run.plan().files[0].path.filename(), "2026-03-03 001 press-01.mov");
    std::uintmax_t said = run.plan().bytes(), there = 0;
    std::size_t told = 0;
    run.go({}, [&](std::size_t, const FileResult&) { ++told; }, {});
    everythingAsMeant(run);
    EXPECT_GT(told, 20u);
    for (std::size_t i = 0; i < 6; ++i) {
        const FileResult& r = run.results()[i];
        there += r.bytes;
        EXPECT_EQ(r.sha256, *sha256Of(r.path, {}));
        EXPECT_EQ(r.xxh3, *xxh3Of(r.path, {}));
        EXPECT_TRUE(r.check.everySample);
        EXPECT_TRUE(r.check.measured);
    }
    EXPECT_NEAR(static_cast<double>(there), static_cast<double>(said),
                0.15 * static_cast<double>(said));
    EXPECT_EQ(fs::path(run.results()[6].path).filename(), "A day & -more-.otio");
    // The timeline points at what was written.
    const auto otio = nlohmann::json::parse(test::bytesOf(run.results()[6].path));
    EXPECT_EQ(otio["tracks"]["children"][0]["children"][0]["media_reference"]["target_url"],
              "2026-03-03%20001%20press-01.mov");
    const std::string html = test::bytesOf(run.results()[8].path);
    EXPECT_NE(html.find("<h1>A day &amp; &lt;more&gt;</h1>"), std::string::npos);
    for (const char* part : {"3 takes, 8 files written", "7 of 7 spots agree", "SHA-256",
                             "200 pictures identical", "<figure>", "Slip along the take"}) {
        EXPECT_NE(html.find(part), std::string::npos) << part;
    }
    const auto json = nlohmann::json::parse(test::bytesOf(run.results()[10].path));
    EXPECT_EQ(json["takes"].size(), 3u);
    EXPECT_EQ(json["takes"][1]["files"][0]["sha256"], run.results()[2].sha256);
    EXPECT_LT(std::abs(json["takes"][2]["files"][0]["slip_ms"]["end"].get<double>()), 0.1);
    const std::string csv = test::bytesOf(run.results()[9].path);
    EXPECT_EQ(std::count(csv.begin(), csv.end(), '\n'), 9) << csv;
    EXPECT_NE(csv.find("press-02.mp4,tethered,"), std::string::npos);
    // Once more: nothing is written over.
    HandOverRun again(plan());
    EXPECT_EQ(again.plan().files[0].path.filename(), "2026-03-03 001 press-01 2.mov");
}

TEST_F(HandOver, NumbersHaveAPointOnADesktopThatWritesCommas) {
    const auto texts = [&](const char* folder) {
        choice_.folder = folder_.file(folder);
        choice_.video = false;
        choice_.timeline = choice_.editList = true;
        choice_.htmlReport = choice_.csvReport = choice_.jsonReport = true;
        HandOverRun run(plan());
        run.go({}, {}, {});
        std::vector<std::string> out;
        for (const FileResult& r : run.results()) out.push_back(test::bytesOf(r.path));
        const std::string project = folder_.file(std::string(folder) + ".brisk");
        EXPECT_TRUE(saveProject(state_, project));
        out.push_back(test::bytesOf(project));
        return out;
    };
    state_.sound.gainDb = 1.5;
    const auto plain = texts("plain");
    const test::CommaLocale locale;
    if (!test::CommaLocale::inForce()) GTEST_SKIP() << "no such locale can be made here";
    const auto comma = texts("comma");
    ASSERT_EQ(comma.size(), plain.size());
    for (std::size_t i = 0; i < plain.size(); ++i) {
        // Each names its folder.
        std::string as = comma[i];
        for (auto at = as.find("/comma"); at != std::string::npos; at = as.find("/comma")) {
            as.replace(at, 6, "/plain");
        }
        // The page says when it was made.
        const std::regex when("[0-9]{4}-[0-9]{2}-[0-9]{2} [0-9]{2}:[0-9]{2}");
        EXPECT_EQ(std::regex_replace(as, when, ""), std::regex_replace(plain[i], when, "")) << i;
    }
}

TEST_F(HandOver, ATakeOfWhichNothingKeptIsCoveredIsNotWrittenWhole) {
    state_.sound.uncovered = Uncovered::Trimmed;
    // The recording begins two seconds into the take; only the first second is kept.
    state_.tethers[1].line.offset = state_.tethers[1].found.line.offset = Seconds{-2};
    state_.edits.push_back({3, {}, {{{0.2}, {1.2}}}, {}, {}});
    choice_.sound = SoundFormat::Wav;
    choice_.timeline = true;
    HandOverRun run(plan());
    run.go({}, {}, {});
    int refused = 0;
    for (std::size_t i = 0; i < run.results().size(); ++i) {
        const FileResult& r = run.results()[i];
        if (run.plan().files[i].take != 3) {
            EXPECT_EQ(r.state, FileState::Written) << sentence(r.problem);
            continue;
        }
        ++refused;
        EXPECT_EQ(r.state, FileState::Failed);
        EXPECT_NE(sentence(r.problem).find("No recording covers any of what is kept"),
                  std::string::npos);
        EXPECT_FALSE(fs::exists(r.path));
    }
    EXPECT_EQ(refused, 2);
    const std::string otio = test::bytesOf(run.results().back().path);
    EXPECT_EQ(otio.find("press-02"), std::string::npos) << "nor is it on the timeline";
}

TEST_F(HandOver, WordsThatLookLikeFormulasAreWordsInTheTable) {
    choice_.csvReport = true;
    choice_.folder = folder_.file("out");
    choice_.pattern = "=cmd() {take}";
    HandOverRun run(plan());
    run.go({}, {}, {});
    auto results = run.results();
    results[0].path = "=1+1";
    results[0].problem = {named("@SUM(A1)")};
    const std::string csv = csvReport({run.plan(), results});
    EXPECT_NE(csv.find(",'=1+1,"), std::string::npos) << csv;
    EXPECT_NE(csv.find(",'@SUM(A1)"), std::string::npos);
    for (const char* start : {",=", ",@", ",+"}) {
        EXPECT_EQ(csv.find(start), std::string::npos) << csv;
    }
    EXPECT_NE(csv.find(",4.000000000,"), std::string::npos) << "numbers stay numbers";
}

TEST_F(HandOver, ANameThatIsNoTextReachesEveryReport) {
    const std::string odd = folder_.file("press-\xff\xfe 04.mp4");
    fs::copy_file(folder_.file("press-03.mp4"), odd);
    state_.media[3].path = odd;
    scans_[4] = std::make_shared<const SoundScan>(test::scanned(odd));
    choice_.timeline = choice_.editList = true;
    choice_.htmlReport = choice_.csvReport = choice_.jsonReport = true;
    choice_.shoot = "Day \xff";
    HandOverRun run(plan());
    run.go({}, {}, {});
    everythingAsMeant(run);
    for (const FileResult& r : run.results()) {
        if (!r.path.ends_with(".json") && !r.path.ends_with(".otio")) continue;
        const auto j = nlohmann::json::parse(test::bytesOf(r.path), nullptr, false);
        EXPECT_FALSE(j.is_discarded()) << r.path;
    }
}

TEST_F(HandOver, OneFailureDoesNotStopTheOthersAndIsTriedAgain) {
    choice_.timeline = true;
    choice_.htmlReport = true;
    HandOverRun run(plan());
    // The card is pulled out, for one of them.
    fs::rename(folder_.file("press-02.mp4"), folder_.file("away.mp4"));
    run.go({}, {}, {});
    EXPECT_EQ(run.failed(), std::vector<std::size_t>{1});
    EXPECT_EQ(run.results()[1].failedBy, ErrorCode::CannotRead);
    EXPECT_NE(sentence(run.results()[1].problem).find("press-02.mp4"), std::string::npos);
    EXPECT_EQ(run.results()[0].state, FileState::Written);
    EXPECT_EQ(run.results()[2].state, FileState::Written);
    const std::string html = test::bytesOf(run.results()[4].path);
    EXPECT_NE(html.find("1 not written"), std::string::npos);
    for (const auto& file : fs::directory_iterator(folder_.file("out"))) {
        EXPECT_EQ(file.path().filename().string().find(".part-"), std::string::npos);
    }
    fs::rename(folder_.file("away.mp4"), folder_.file("press-02.mp4"));
    run.go(run.failed(), {}, {});
    EXPECT_TRUE(run.failed().empty());
    EXPECT_EQ(sentence(run.results()[1].problem), "");
    EXPECT_EQ(run.results()[1].path, run.plan().files[1].path);
}

TEST_F(HandOver, OneFileOrAllAreStoppedAndWhatIsWholeStays) {
    HandOverRun run(plan());
    JobControl job;
    run.go(
        {},
        [&](std::size_t file, const FileResult& r) {
            if (file == 1 && r.state == FileState::Writing) run.stop(1);
            if (file == 2 && r.state == FileState::Writing) job.requestStop();
        },
        job, 1);
    EXPECT_EQ(run.results()[0].state, FileState::Written);
    EXPECT_EQ(run.results()[1].state, FileState::Stopped);
    EXPECT_EQ(run.results()[2].state, FileState::Stopped);
    EXPECT_EQ(std::distance(fs::directory_iterator(folder_.file("out")), {}), 1);
    EXPECT_EQ(run.failed().size(), 2u);
    run.go(run.failed(), {}, {});
    EXPECT_TRUE(run.failed().empty());
}

TEST_F(HandOver, ADiskThatFillsUpLeavesWholeFilesOnly) {
    choice_.sound = SoundFormat::Wav;
    choice_.htmlReport = true;
    choice_.folder = folder_.file("disk");
    fs::create_directory(choice_.folder);
    int failed = 0, written = 0;
    // Each file is 1.2 MB or more, all of them 7.
    for (const int kilobytes : {40, 700, 1900, 3100, 4300, 5700}) {
        const std::string size = "size=" + std::to_string(kilobytes) + "k";
        if (::mount("tmpfs", choice_.folder.c_str(), "tmpfs", 0, size.c_str()) != 0) {
            GTEST_SKIP() << "no small disk can be made here";
        }
        HandOverRun run(plan());
        EXPECT_NE(sentence(run.plan().problem()).find("not enough room"), std::string::npos);
        run.go({}, {}, {});  // somebody filled it after the plan was made
        std::size_t whole = 0;
        for (const FileResult& r : run.results()) {
            if (r.state == FileState::Written) {
                ++whole;
                EXPECT_EQ(sentence(r.problem), "") << r.path;
                EXPECT_EQ(fs::file_size(r.path), r.bytes);
                continue;
            }
            EXPECT_EQ(r.state, FileState::Failed);
            EXPECT_EQ(r.failedBy, ErrorCode::CannotWrite) << sentence(r.problem);
            EXPECT_FALSE(fs::exists(r.path));
            ++failed;
        }
        EXPECT_EQ(std::distance(fs::directory_iterator(choice_.folder), {}),
                  static_cast<std::ptrdiff_t>(whole))
            << "nothing half-written, under no name";
        written += static_cast<int>(whole);
        ::umount(choice_.folder.c_str());
    }
    EXPECT_GT(failed, 15);
    EXPECT_GT(written, 5) << "what fits is written";
}

TEST_F(HandOver, APlaceThatNobodyConfirmedIsSaidBeforeAndAfter) {
    choice_.jsonReport = true;
    EXPECT_EQ(sentence(plan().files[0].holds).find("confirmed"), std::string::npos);
    state_.tethers[0].locked = false;
    state_.tethers[1].locked = false;
    state_.tethers[1].found.status = MatchStatus::Unsure;
    HandOverRun run(plan());
    EXPECT_NE(sentence(run.plan().files[0].holds).find("Nobody has confirmed its place"),
              std::string::npos);
    EXPECT_NE(sentence(run.plan().files[1].holds).find("not sure: listen first"),
              std::string::npos);
    run.go({0, 3}, {}, {});
    const auto json = nlohmann::json::parse(test::bytesOf(run.results()[3].path));
    EXPECT_NE(json["takes"][0]["files"][0]["holds"].get<std::string>().find("Nobody"),
              std::string::npos);
    EXPECT_EQ(json["takes"][1]["tethers"][0]["recording"], folder_.file("lavalier.wav"));
}

TEST_F(HandOver, ThePlanSaysWhatCannotBeDone) {
    state_.edits.push_back({2, {}, {{{1.3}, {3}}}, {}, {}});
    choice_.container = VideoContainer::Mkv;
    EXPECT_NE(sentence(plan().files[0].holds).find("re-encoded"), std::string::npos)
        << "and what it costs";
    choice_.pieces = PieceStart::KeyFrame;
    EXPECT_EQ(sentence(plan().files[0].holds).find("re-encoded"), std::string::npos);
    choice_.container = VideoContainer::SameAsTake;
    choice_.codec = SoundCodec::Flac;
    EXPECT_NE(sentence(plan().files[1].problem).find("does not go into .mp4; choose AAC"),
              std::string::npos);
    choice_.pattern = "{day}";
    EXPECT_NE(sentence(plan().problem()).find("There is no {day}"), std::string::npos);
    choice_.pattern = "same name";
    HandOverPlan same = plan();
    EXPECT_NE(same.files[1].path, same.files[2].path) << "no name twice";
    same.free = 10;
    same.files[1].problem.clear();
    EXPECT_NE(sentence(same.problem()).find("not enough room"), std::string::npos);
    choice_.folder.clear();
    EXPECT_EQ(sentence(plan().problem()), "Choose a folder to write to.");
    HandOverPlan nothing = planHandOver({}, choice_);
    EXPECT_TRUE(nothing.files.empty());
}

TEST_F(HandOver, APiecesVideoAndItsSoundAloneBeginAndEndTogether) {
    state_.edits.push_back({2, {}, {{{1.4}, {3}}}, {}, {}});
    state_.sound.softEdgeMs = 0;
    choice_.sound = SoundFormat::Wav;
    for (const PieceStart start :
         {PieceStart::Exact, PieceStart::KeyFrame, PieceStart::CodedAnew}) {
        SCOPED_TRACE(pieceStartName(start));
        choice_.pieces = start;
        choice_.folder = folder_.file(pieceStartName(start));
        HandOverRun run(plan());
        run.go({0, 1}, {}, {});
        const FileResult &video = run.results()[0], &sound = run.results()[1];
        EXPECT_EQ(sentence(video.problem) + sentence(sound.problem), "");
        EXPECT_NEAR(video.lead.value, start == PieceStart::KeyFrame ? 0.4 : 0, 1e-9);
        EXPECT_EQ(sound.lead, video.lead);
        EXPECT_EQ(sentence(sound.holds).find("what its video shows before") != std::string::npos,
                  start == PieceStart::KeyFrame);
        const auto a = test::decodeAll(video.path), b = test::decodeAll(sound.path);
        ASSERT_EQ(a.size(), b.size());
        for (std::size_t n = 0; n < a.size(); ++n) ASSERT_EQ(a[n], b[n]) << n;
    }
}

TEST_F(HandOver, AFileThatIsNotAsMeantIsMarkedAndNotHidden) {
    HandOverRun run(plan());
    run.go({0}, {}, {});
    std::vector<FileResult> results = run.results();
    EXPECT_EQ(results[1].state, FileState::Waiting) << "only what was asked for";
    results[0].problem = {
        {"sound-away-from-tether", {{"track", Fact{"clean-sound"}}, {"at", 3.0}, {"by", 0.002}}}};
    const HandedOverShoot shoot{run.plan(), results};
    EXPECT_NE(htmlReport(shoot).find("1 of them check failed"), std::string::npos);
    EXPECT_NE(csvReport(shoot).find("\"written, check failed\""), std::string::npos);
    EXPECT_NE(jsonReport(shoot).find("written, check failed"), std::string::npos);
}

TEST_F(HandOver, APackageHasAllOfItInOneFolderWithAManifestThatHolds) {
    choice_.sound = SoundFormat::Wav;
    choice_.timeline = choice_.htmlReport = true;
    choice_.package = choice_.manifest = true;
    choice_.ownNames = {{"press-01 clean.mov", "opening: the press"}};
    HandOverRun run(plan());
    run.go({}, {}, {});
    const fs::path folder = fs::path(folder_.file("out")) / "A day & -more-";
    EXPECT_TRUE(fs::exists(folder / "opening- the press.mov"));
    EXPECT_FALSE(fs::exists(folder / "press-01 clean.mov"));
    for (const FileResult& r : run.results()) {
        EXPECT_EQ(r.state, FileState::Written) << r.path << sentence(r.problem);
    }
    const auto found = checkMhl(folder, {});
    ASSERT_TRUE(found);
    EXPECT_EQ(found->size(), run.results().size() - 1) << "all but the list itself";
    for (const auto& f : *found) EXPECT_EQ(f.state, MhlFinding::State::Same) << f.path;
    // Moved as a whole it stays whole: nothing in it names a place outside.
    std::ifstream otio(folder / "A day & -more-.otio");
    const auto j = nlohmann::json::parse(otio);
    EXPECT_EQ(j.dump().find("file://"), std::string::npos);
    std::ifstream page(folder / "A day & -more- report.html");
    const std::string html{std::istreambuf_iterator<char>(page), {}};
    EXPECT_NE(html.find("brisk-tether-cli check"), std::string::npos);
}

TEST_F(HandOver, AnEditBegunOnTheTakesIsLaidOnTheNewFiles) {
    const auto time = [](double v) {
        return nlohmann::json{{"OTIO_SCHEMA", "RationalTime.1"}, {"rate", 25.0}, {"value", v}};
    };
    const auto range = [&](double from, double length) {
        return nlohmann::json{
            {"OTIO_SCHEMA", "TimeRange.1"}, {"start_time", time(from)}, {"duration", time(length)}};
    };
    const nlohmann::json edit{{"OTIO_SCHEMA", "Track.1"},
                              {"children",
                               {{{"OTIO_SCHEMA", "Clip.1"},
                                 {"name", "b"},
                                 {"source_range", range(50, 60)},
                                 {"media_reference",
                                  {{"OTIO_SCHEMA", "ExternalReference.1"},
                                   {"target_url", "press-02.mp4"},
                                   {"available_range", range(0, 200)}}}}}}};
    std::ofstream(folder_.file("first cut.otio")) << edit;
    choice_.relink = folder_.file("first cut.otio");
    HandOverRun run(plan());
    run.go({}, {}, {});
    const FileResult& r = run.results().back();
    EXPECT_EQ(r.state, FileState::Written) << sentence(r.problem);
    EXPECT_NE(sentence(r.holds).find("1 clip is on a new file."), std::string::npos);
    std::ifstream in(folder_.file("out/first cut with clean sound.otio"));
    const auto clip = nlohmann::json::parse(in)["children"][0];
    EXPECT_EQ(clip["media_reference"]["target_url"], "press-02%20clean.mov");
    EXPECT_EQ(clip["source_range"], range(50, 60));
    std::ifstream untouched(folder_.file("first cut.otio"));
    EXPECT_EQ(nlohmann::json::parse(untouched), edit);
}

TEST_F(HandOver, ARecordingAsAWholeRunsWithTheCameraAndSaysWhereTheTakesBegin) {
    for (Tether& t : state_.tethers) t.line.drift = t.found.line.drift = {50};
    choice_.video = false;
    choice_.wholeRecordings = true;
    choice_.jsonReport = true;
    const ScanOf scanOf = [&](int id) { return scans_[id]; };
    const DayLayout day = layOutDay(state_, [&](int id) {
        return DayFacts{&scans_[id]->info, scans_[id]->endOfTake()};
    });
    HandOverRun run(
        planHandOver(handedTakes(state_, {2, 3, 4}, scanOf,
                                 [&](int take) { return takeSoundPlan(state_, take, scanOf); }),
                     choice_, wholeRecordings(state_, {2, 3, 4}, day, scanOf)));
    ASSERT_EQ(run.plan().files.size(), 2u);
    run.go({}, {}, {});
    const FileResult& r = run.results().front();
    ASSERT_EQ(r.state, FileState::Written) << sentence(r.problem);
    EXPECT_EQ(sentence(r.problem), "");
    EXPECT_TRUE(r.check.everySample);
    EXPECT_LT(std::abs(r.check.worst().value), 1e-4) << "measured in the written file";
    // 50 ppm fast: the recorder's minute is 3 ms shorter by the camera.
    const auto written = test::scanned(r.path);
    EXPECT_NEAR(static_cast<double>(written.samples), 60 * 48000 / 1.00005, 1.5);
    EXPECT_NE(sentence(r.holds).find("press-02 begins at 0:00:18.999"), std::string::npos)
        << sentence(r.holds);
    // What is heard there is the take's own sound, to the sample.
    const auto sound = test::decodeAll(r.path);
    const auto original = test::decodeAll(folder_.file("lavalier.wav"));
    const double at = 19 / 1.00005 + 4;  // 4 s into the second take
    double best = 0;
    int lag = 99;
    for (int d = -40; d <= 40; ++d) {
        double sum = 0;
        for (int n = 0; n < 9600; ++n) {
            sum += sound[static_cast<std::size_t>(at * 48000 + n)] *
                   original[static_cast<std::size_t>((19 + 4 * 1.00005) * 48000 + n + d)];
        }
        if (sum > best) best = sum, lag = d;
    }
    EXPECT_LE(std::abs(lag), 1);
    std::ifstream in(run.results().back().path);
    const auto takes = nlohmann::json::parse(in)["files"][0]["takes"];
    ASSERT_EQ(takes.size(), 3u);
    EXPECT_NEAR(takes[2]["starts_at_seconds"].get<double>(), 34 / 1.00005, 1e-6);
}

TEST_F(HandOver, SceneTakeAndMarksAreInTheWavAndInTheReports) {
    state_.media[1].slate = {"the first pull", "12A", "3", Verdict::Good, "lamp <flickers>"};
    state_.marks = {{90, 2, {2.5}, "clap"}, {91, 1, {4 + 6.0}, "on the recording"}};
    choice_.video = false;
    choice_.sound = SoundFormat::Wav;
    choice_.htmlReport = choice_.csvReport = choice_.jsonReport = true;
    choice_.pattern = "{scene}-{take-number} {name}";
    HandOverRun run(plan());
    run.go({}, {}, {});
    const std::string& path = run.results().front().path;
    EXPECT_EQ(fs::path(path).filename(), "12A-3 the first pull.wav");
    const std::string notes = wavChunk(path, "iXML");
    EXPECT_NE(notes.find("<SCENE>12A</SCENE><TAKE>3</TAKE><CIRCLED>TRUE</CIRCLED>"),
              std::string::npos)
        << notes;
    EXPECT_NE(notes.find("lamp &lt;flickers&gt;"), std::string::npos);
    EXPECT_NE(wavChunk(path, "bext").find("scene 12A, take 3, good"), std::string::npos);
    EXPECT_NE(wavChunk(path, "LIST").find("on the recording"), std::string::npos);
    EXPECT_TRUE(run.results().front().check.everySample);
    const auto textOf = [&](std::size_t fromEnd) {
        std::ifstream in(run.results()[run.results().size() - fromEnd].path);
        return std::string{std::istreambuf_iterator<char>(in), {}};
    };
    EXPECT_NE(textOf(3).find("lamp &lt;flickers&gt;"), std::string::npos);
    EXPECT_NE(textOf(2).find("the first pull,12A,3,good,lamp <flickers>"), std::string::npos);
    const auto j = nlohmann::json::parse(textOf(1));
    EXPECT_EQ(j["takes"][0]["slate"]["scene"], "12A");
    EXPECT_NEAR(j["takes"][0]["marks"][1]["take_seconds"].get<double>(), 6, 1e-9);
}

TEST_F(HandOver, JoinedPiecesAreOneSoundToTheSampleAndTheTimelineEntersTheFileThere) {
    state_.edits = {{2, {}, {{{1}, {3}}, {{5.04}, {7}}}, {}, {}}};
    choice_.joined = choice_.closeGaps = choice_.timeline = choice_.jsonReport = true;
    choice_.sound = SoundFormat::Wav;
    HandOverRun run(plan());
    run.go({}, {}, {});
    everythingAsMeant(run);
    const FileResult& video = run.results()[0];
    const FileResult& wav = run.results()[1];
    EXPECT_EQ(fs::path(video.path).filename(), "press-01 clean.mov");
    ASSERT_EQ(video.parts.size(), 2u);
    ASSERT_EQ(wav.parts.size(), 2u);
    EXPECT_EQ(test::decodeAll(video.path), test::decodeAll(wav.path));
    EXPECT_EQ(test::decodeAll(wav.path).size(), static_cast<std::size_t>(3.96 * 48000));
    std::ifstream in(run.results()[run.results().size() - 2].path);
    const auto track = nlohmann::json::parse(in)["tracks"]["children"][0]["children"];
    EXPECT_EQ(track[0]["source_range"]["start_time"]["value"], 0);
    EXPECT_EQ(track[0]["source_range"]["duration"]["value"], 50);
    EXPECT_EQ(track[1]["source_range"]["start_time"]["value"], 50);
    EXPECT_EQ(track[1]["source_range"]["duration"]["value"], 49);
    EXPECT_EQ(track[0]["media_reference"]["target_url"], track[1]["media_reference"]["target_url"]);
}

}  // namespace
}  // namespace brisk
