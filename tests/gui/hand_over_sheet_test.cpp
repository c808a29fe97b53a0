// SPDX-License-Identifier: GPL-3.0-or-later
// The hand-over of a whole shoot, in the window: planned, named, written with one failure, tried
// again, and its report opened.
#include <gtest/gtest.h>

#include <QClipboard>
#include <QDesktopServices>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMimeData>
#include <QTest>
#include <QUrl>
#include <filesystem>
#include <fstream>

#include "app/sheet/camera_card.h"
#include "shoot/edit_commands.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "window_driver.h"

namespace brisk {
namespace {

using test::WindowDriver;
namespace fs = std::filesystem;

/// Hears what the window asks the desktop to open.
class OpenedUrls : public QObject {
    Q_OBJECT
  public:
    OpenedUrls() { QDesktopServices::setUrlHandler(QStringLiteral("file"), this, "open"); }
    ~OpenedUrls() override { QDesktopServices::unsetUrlHandler(QStringLiteral("file")); }
    QStringList paths;
  public slots:
    void open(const QUrl& url) { paths << url.toLocalFile(); }
};

class HandOverSheet : public ::testing::Test {
  protected:
    void SetUp() override {
        const auto day = test::babble(70, 48000, 3);
        test::writeTake(folder_.file("sewing-01.mp4"), test::cut(day, 5, 20));
        test::writeTake(folder_.file("sewing-02.mp4"), test::cut(day, 25, 40));
        test::writeTake(folder_.file("sewing-03.mp4"), test::cut(day, 45, 60));
        test::writeSound(folder_.file("lavalier.wav"), day);
        openSheet(4);
    }
    /// Takes in the folder, matches, tethers what is sure, and opens the sheet.
    void openSheet(std::size_t files) {
        w.drop({QString::fromStdString(folder_.file(""))});
        (void)QTest::qWaitFor([&] { return session().state().media.size() == files; }, 60000);
        w.waitQuiet();
        EXPECT_TRUE(w.press(QStringLiteral("Find matches")));
        w.waitQuiet();
        session().lockSure(session().state().ids(MediaKind::Take));
        EXPECT_TRUE(w.press(QStringLiteral("Export…")));
        w.window.handOver().setFolder(QString::fromStdString(folder_.file("out")));
    }
    app::Session& session() { return w.window.session(); }
    /// With the plan that was wished for last.
    app::HandOverDesk& desk() {
        w.waitPlanned();
        return w.window.handOver().desk();
    }
    QLineEdit& pattern() {
        for (auto* e : w.window.findChildren<QLineEdit*>()) {
            if (e->accessibleName() == QLatin1String("Pattern of the files' names")) return *e;
        }
        throw std::runtime_error("no pattern");
    }
    QString name(std::size_t file) {
        return QString::fromStdString(fs::path(desk().plan().files.at(file).path).filename());
    }
    test::TempFolder folder_;
    WindowDriver w;
};

TEST_F(HandOverSheet, PlannedNamedWrittenWithOneFailureTriedAgainAndReported) {
    OpenedUrls opened;
    EXPECT_EQ(desk().plan().files.size(), 3u) << "all that are tethered";
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("are free.")));
    ASSERT_TRUE(w.press(QStringLiteral("sound alone: FLAC")));
    ASSERT_TRUE(w.press(QStringLiteral("also write: report")));
    ASSERT_EQ(desk().plan().files.size(), 7u);
    pattern().setFocus();
    pattern().selectAll();
    QTest::keyClicks(&pattern(), QStringLiteral("{number} of {take"));
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("There is no {take: a name can hold")))
        << w.wordsOnScreen().toStdString();
    EXPECT_FALSE(w.button(QStringLiteral("Write 7 files"))->isEnabled());
    QTest::keyClicks(&pattern(), QStringLiteral("}"));
    EXPECT_EQ(name(0), QLatin1String("001 of sewing-01.mov"));
    EXPECT_EQ(name(1), QLatin1String("001 of sewing-01.flac"));
    EXPECT_EQ(name(4), QLatin1String("003 of sewing-03.mov"));
    // The card is pulled out for one of them.
    fs::rename(folder_.file("sewing-02.mp4"), folder_.file("away"));
    ASSERT_TRUE(w.press(QStringLiteral("Write 7 files")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.wordsOnScreen().contains(QLatin1String("could not be written.")))
        << w.wordsOnScreen().toStdString();
    EXPECT_EQ(desk().results()[0].state, FileState::Written);
    EXPECT_EQ(desk().results()[2].state, FileState::Failed);
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("sewing-02.mp4 is not there any more")))
        << w.handOverWords().toStdString();
    fs::rename(folder_.file("away"), folder_.file("sewing-02.mp4"));
    const auto failed = desk().count(FileState::Failed);
    ASSERT_TRUE(w.press(QStringLiteral("Try again (%1)").arg(failed)));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_EQ(desk().count(FileState::Failed), 0u) << w.handOverWords().toStdString();
    EXPECT_EQ(desk().count(FileState::Written), 7u);
    ASSERT_TRUE(w.press(QStringLiteral("Open the report")));
    ASSERT_TRUE(w.press(QStringLiteral("Open the folder")));
    ASSERT_EQ(opened.paths.size(), 2);
    const std::string page = test::bytesOf(opened.paths[0].toStdString());
    EXPECT_NE(page.find("6 files written"), std::string::npos);
    EXPECT_EQ(page.find("not written"), std::string::npos) << "written anew with the rest";
    EXPECT_EQ(opened.paths[1].toStdString(), folder_.file("out"));
}

TEST_F(HandOverSheet, FolderNamesAndFormatsAreRememberedWithTheShoot) {
    const QString project = QString::fromStdString(folder_.file("Tuesday.brisk"));
    ASSERT_TRUE(session().document().save(project));
    ASSERT_TRUE(w.press(QStringLiteral("video: none")));
    ASSERT_TRUE(w.press(QStringLiteral("sound alone: WAV")));
    ASSERT_TRUE(w.press(QStringLiteral("also write: edit list (EDL)")));
    desk().change([](HandOverChoice& c) { c.pattern = "{take} for the cut"; });
    desk().write();
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_EQ(desk().count(FileState::Written), 4u);
    EXPECT_TRUE(fs::exists(folder_.file("out/Tuesday.edl")));
    EXPECT_FALSE(session().shoot().changedSinceSaved());
    // One window has it at a time.
    ASSERT_TRUE(session().document().save(QString::fromStdString(folder_.file("other.brisk"))));
    WindowDriver other;
    other.window.takeIn({project});
    ASSERT_TRUE(other.waitQuiet());
    ASSERT_TRUE(other.press(QStringLiteral("Export…")));
    other.waitPlanned();
    const HandOverChoice& c = other.window.handOver().desk().choice();
    EXPECT_EQ(c.folder, folder_.file("out"));
    EXPECT_EQ(c.pattern, "{take} for the cut");
    EXPECT_FALSE(c.video);
    EXPECT_EQ(c.sound, SoundFormat::Wav);
    EXPECT_TRUE(c.editList);
    EXPECT_EQ(fs::path(other.window.handOver().desk().plan().files[0].path).filename(),
              "sewing-01 for the cut 2.wav")
        << "nothing is written over";
}

// Whoever saved the shoot may have chosen where it writes to: it is seen whole.
TEST_F(HandOverSheet, TheFolderIsShownWholeAndNothingInItHidesIt) {
    const std::string odd = folder_.file(std::string(200, 'a') + "/\xe2\x80\xaetxt/\n/end");
    w.window.handOver().setFolder(QString::fromStdString(odd));
    ASSERT_TRUE(w.waitPlanned());
    const auto* shown = w.window.findChild<QLabel*>(QStringLiteral("handOverFolder"));
    ASSERT_TRUE(shown);
    const QString text = shown->text();
    EXPECT_TRUE(text.contains(QString(200, 'a')));
    EXPECT_TRUE(text.endsWith(QStringLiteral("end")));
    EXPECT_FALSE(text.contains(QChar(0x202E)));
    EXPECT_FALSE(text.contains('\n'));
    EXPECT_TRUE(shown->wordWrap());
}

TEST_F(HandOverSheet, WherePiecesBeginIsChosenWhereATakeIsCutAndItsCostIsSaid) {
    QPushButton* keyFrame = w.button(QStringLiteral("pieces begin: at the key frame before"));
    EXPECT_TRUE(!keyFrame || !keyFrame->isVisible()) << "nothing is cut";
    const int take = session().state().ids(MediaKind::Take)[1];
    session().apply(commands::keep(session().state(), take, {{{3.4}, {9}}},
                                   session().view(take).whole, "keep-selection"));
    keyFrame = w.button(QStringLiteral("pieces begin: at the key frame before"));
    ASSERT_TRUE(keyFrame && keyFrame->isVisible());
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("0:00:09.0 of the take. Picture untou")));
    ASSERT_TRUE(w.press(QStringLiteral("video: MKV")));
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("because MKV cannot begin between key")))
        << w.handOverWords().toStdString();
    ASSERT_TRUE(w.press(QStringLiteral("pieces begin: at the key frame before")));
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("from the key frame 0.40 s before")))
        << w.handOverWords().toStdString();
    HandOverChoice remembered;
    app::takeRemembered(app::rememberedWords(desk().choice()), remembered);
    EXPECT_EQ(remembered.pieces, PieceStart::KeyFrame);
    ASSERT_TRUE(w.press(QStringLiteral("pieces begin: at the cut, re-encoded")));
    ASSERT_TRUE(w.press(QStringLiteral("Write 3 files")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_EQ(desk().count(FileState::Written), 3u);
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("Read back: 140 pictures alike to")))
        << w.handOverWords().toStdString();
}

TEST_F(HandOverSheet, ToHandOnAFolderOfItsOwnWithAManifestAndNamesOfOnesOwn) {
    ASSERT_TRUE(w.press(QStringLiteral("to hand on: a folder of its own")));
    ASSERT_TRUE(w.press(QStringLiteral("to hand on: manifest (ASC MHL)")));
    ASSERT_TRUE(w.press(QStringLiteral("to hand on: recordings as a whole")));
    ASSERT_EQ(desk().plan().files.size(), 5u);
    const fs::path folder = desk().plan().folder();
    EXPECT_EQ(folder.parent_path(), folder_.file("out"));
    EXPECT_EQ(name(3), QLatin1String("lavalier on the clock of sewing.wav"));
    desk().rename(0, QStringLiteral("opening"));
    EXPECT_EQ(name(0), QLatin1String("opening.mov"));
    desk().rename(0, QString());
    EXPECT_EQ(name(0), QLatin1String("sewing-01 clean.mov"));
    desk().rename(0, QStringLiteral("opening"));
    HandOverChoice remembered;
    app::takeRemembered(app::rememberedWords(desk().choice()), remembered);
    EXPECT_TRUE(remembered.package && remembered.manifest && remembered.wholeRecordings);
    EXPECT_FALSE(w.window.verbs().action(app::Verb::CopyFiles)->isEnabled());
    ASSERT_TRUE(w.press(QStringLiteral("Write 5 files")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_EQ(desk().count(FileState::Written), 5u) << w.handOverWords().toStdString();
    EXPECT_TRUE(fs::exists(folder / "opening.mov"));
    EXPECT_TRUE(fs::is_directory(folder / "ascmhl"));
    // What is written can be dragged and pasted into other programs, and never moved there.
    const auto* list = w.window.handOver().findChild<QListView*>();
    ASSERT_TRUE(list);
    const QModelIndex first = list->model()->index(0, 0);
    EXPECT_TRUE(first.flags() & Qt::ItemIsDragEnabled);
    EXPECT_EQ(list->model()->supportedDragActions(), Qt::CopyAction);
    const std::unique_ptr<QMimeData> data(list->model()->mimeData({first}));
    ASSERT_TRUE(data);
    EXPECT_EQ(data->urls().front().toLocalFile().toStdString(), (folder / "opening.mov").string());
    list->selectionModel()->select(first, QItemSelectionModel::ClearAndSelect);
    w.window.verbs().action(app::Verb::CopyFiles)->trigger();
    EXPECT_EQ(QGuiApplication::clipboard()->mimeData()->urls(), data->urls());
}

TEST_F(HandOverSheet, AnEditBegunOnTheTakesIsRelinked) {
    std::ofstream(folder_.file("cut.otio"))
        << R"({"OTIO_SCHEMA": "Clip.1", "name": "a", "source_range": null, "media_reference": {)"
           R"("OTIO_SCHEMA": "ExternalReference.1", "target_url": "sewing-02.mp4",)"
           R"("available_range": {"OTIO_SCHEMA": "TimeRange.1",)"
           R"("start_time": {"OTIO_SCHEMA": "RationalTime.1", "rate": 25, "value": 0},)"
           R"("duration": {"OTIO_SCHEMA": "RationalTime.1", "rate": 25, "value": 100}}}})";
    w.window.handOver().setEdit(QString::fromStdString(folder_.file("cut.otio")));
    EXPECT_TRUE(w.button(QStringLiteral("Relinks cut.otio")));
    ASSERT_TRUE(w.waitPlanned());
    ASSERT_TRUE(w.press(QStringLiteral("Write 4 files")));
    ASSERT_TRUE(w.waitQuiet());
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("1 clip is on a new file.")))
        << w.handOverWords().toStdString();
    const std::string text = test::bytesOf(folder_.file("out/cut with clean sound.otio"));
    EXPECT_NE(text.find("sewing-02%20clean.mov"), std::string::npos);
}

TEST(CameraCard, IsNoPlaceToWriteTo) {
    test::TempFolder folder;
    fs::create_directories(folder.file("card/DCIM/100BENCH"));
    fs::create_directories(folder.file("shoots/tuesday"));
    EXPECT_TRUE(app::isOnCard(folder.file("card/DCIM/100BENCH")));
    EXPECT_TRUE(app::isOnCard(folder.file("card/AUDIO")));
    EXPECT_TRUE(app::isOnCard("/media/maria/CARD 1/clips"));
    EXPECT_TRUE(app::isOnCard("/run/media/maria/CARD"));
    EXPECT_FALSE(app::isOnCard(folder.file("shoots/tuesday")));
    EXPECT_FALSE(app::isOnCard("/home/maria/media/tuesday"));
    EXPECT_FALSE(app::isOnCard(""));
}

TEST_F(HandOverSheet, FilesOfACardAreNotOfferedToBeWrittenBesideThem) {
    fs::create_directories(folder_.file("DCIM"));
    const int take = session().state().ids(MediaKind::Take).front();
    app::HandOverDesk other(session());
    other.begin(take);
    EXPECT_NE(other.choice().folder, fs::path(folder_.file("sewing-01.mp4")).parent_path());
    fs::remove(folder_.file("DCIM"));
    other.begin(take);
    EXPECT_EQ(other.choice().folder, fs::path(folder_.file("sewing-01.mp4")).parent_path());
}

TEST_F(HandOverSheet, OneTakeOnlyAndWhatTheContainerDoesNotTakeIsNotOffered) {
    ASSERT_TRUE(w.press(QStringLiteral("this take")));
    EXPECT_EQ(desk().plan().files.size(), 1u);
    EXPECT_EQ(w.button(QStringLiteral("its sound: Opus")), nullptr);
    ASSERT_TRUE(w.press(QStringLiteral("video: MKV")));
    ASSERT_TRUE(w.press(QStringLiteral("its sound: Opus")));
    EXPECT_EQ(name(0), QLatin1String("sewing-01 clean.mkv"));
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("Opus, 48 kHz")));
    ASSERT_TRUE(w.press(QStringLiteral("video: MOV")));
    EXPECT_TRUE(w.handOverWords().contains(QLatin1String("24-bit, 48 kHz")))
        << "a coding that does not fit gives way";
    // The sheet closes without losing anything; another take shows itself.
    ASSERT_TRUE(w.press(QStringLiteral("Back")));
    EXPECT_TRUE(w.window.bench().isVisible());
    w.press(QStringLiteral("Export…"));
    w.window.choose(session().state().ids(MediaKind::Take)[1]);
    EXPECT_TRUE(w.window.bench().isVisible());
}

/// The same with a recorder that writes floating point, far over full scale.
class HotSheet : public HandOverSheet {
  protected:
    void SetUp() override {
        const auto day = test::babble(40, 48000, 8);
        test::writeTake(folder_.file("press-01.mp4"), test::cut(day, 5, 25));
        auto hot = day;
        for (float& v : hot) v *= 5;
        test::writeSound(folder_.file("lavalier.wav"), hot, {"pcm_f32le", 48000, 1, {}, {}});
        openSheet(2);
    }
    std::string holds() { return sentence(desk().plan().files.at(0).holds); }
};

TEST_F(HotSheet, PeaksAreMeasuredAndSaidAndAPersonChooses) {
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return holds().find("peaks would go") != std::string::npos; }, 60000))
        << holds();
    EXPECT_NE(holds().find("so the whole take is turned down by"), std::string::npos);
    ASSERT_TRUE(w.press(QStringLiteral("peaks too high: limit the peaks")));
    EXPECT_NE(holds().find("are limited to \u22121.0 dBTP"), std::string::npos) << holds();
    ASSERT_TRUE(w.press(QStringLiteral("peaks too high: let them be cut")));
    EXPECT_NE(holds().find("are CUT there, as chosen"), std::string::npos) << holds();
    ASSERT_TRUE(w.press(QStringLiteral("its sound: 32-bit float")));
    EXPECT_NE(holds().find("over full scale are kept"), std::string::npos) << holds();
    EXPECT_FALSE(w.button(QStringLiteral("peaks too high: limit the peaks")))
        << "nothing to choose";
    // From the disk itself, with the slow check value.
    ASSERT_TRUE(w.press(QStringLiteral("read back: from the disk")));
    ASSERT_TRUE(w.press(QStringLiteral("read back: SHA-256, too")));
    ASSERT_TRUE(w.press(QStringLiteral("Write 1 file")));
    w.waitQuiet();
    const FileResult& r = desk().results().at(0);
    EXPECT_EQ(r.state, FileState::Written) << sentence(r.problem);
    EXPECT_EQ(r.sha256.size(), 64u);
    EXPECT_TRUE(r.check.everySample);
}

}  // namespace
}  // namespace brisk

#include "hand_over_sheet_test.moc"
