// SPDX-License-Identifier: GPL-3.0-or-later
// Takes pictures of the real window with the demo data in it.
//
//     brisk-tether-shots DEMO_FOLDER OUTPUT_FOLDER [WIDTHxHEIGHT] [day|night] [whole-day|mishaps]
#include <QApplication>
#include <QDir>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTest>
#include <cstdio>

#include "app/bench/bench.h"
#include "app/picture/picture_view.h"
#include "app/seam/seam_view.h"
#include "app/sheet/hand_over_sheet.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/window/language.h"
#include "app/window/main_window.h"
#include "own_folders.h"
#include "shoot/commands.h"
#include "shoot/edit_commands.h"

using namespace brisk::app;

namespace {

namespace commands = brisk::commands;

bool settle(MainWindow& w) {
    const bool quiet = QTest::qWaitFor([&] { return !w.session().work().busy(); }, 120000);
    // The proof is looked for behind the window.
    (void)QTest::qWaitFor(
        [&] {
            return w.bench().proof().state().done ||
                   !w.session().state().tetherOf(w.bench().take());
        },
        20000);
    QTest::qWait(400);
    return quiet;
}

void shoot(MainWindow& w, const QString& path) {
    settle(w);
    w.grab().save(path);
    std::printf("%s\n", qPrintable(path));
}

/// The sheet: planned, being written, done.
void handOver(MainWindow& w, const QDir& out) {
    const QTemporaryDir folder;
    w.session().apply(commands::keep(w.session().state(), w.bench().take(), {{{4.3}, {31}}},
                                     w.session().view(w.bench().take()).whole, "trim-start"));
    w.verbs().action(Verb::HandOver)->trigger();
    auto& desk = w.handOver().desk();
    desk.change([&](brisk::HandOverChoice& c) {
        c.folder = folder.path().toStdString();
        c.pattern = "{take} clean";
        c.sound = brisk::SoundFormat::Wav;
        c.timeline = c.htmlReport = true;
    });
    (void)QTest::qWaitFor([&] { return !desk.planning(); }, 20000);
    QTest::qWait(200);
    w.grab().save(out.filePath(QStringLiteral("hand-over.png")));
    desk.write();
    settle(w);
    w.grab().save(out.filePath(QStringLiteral("hand-over-done.png")));
    w.handOver().closed();
    w.session().document().undo();
}

QStringList mediaIn(const QDir& folder) {
    QStringList files;
    for (const QString& name : folder.entryList(QDir::Files)) {
        if (!name.endsWith(QLatin1String(".json")) && !name.endsWith(QLatin1String(".brisk"))) {
            files << folder.filePath(name);
        }
    }
    return files;
}

/// Takes with which something went wrong, as they are found.
void mishaps(MainWindow& w, const QDir& day, const QDir& out) {
    w.takeIn(mediaIn(day));
    (void)QTest::qWaitFor([&] { return w.session().state().media.size() >= 6; }, 60000);
    settle(w);
    w.session().findMatches();
    settle(w);
    const std::pair<const char*, const char*> pictures[] = {
        {"walk-01", "walked.png"},
        {"glue-02", "lost-samples.png"},
        {"press-03", "warming-clock.png"},
    };
    for (const int take : w.session().state().ids(brisk::MediaKind::Take)) {
        for (const auto& [name, picture] : pictures) {
            if (w.session().state().item(take)->path.find(name) == std::string::npos) continue;
            w.choose(take);
            w.bench().setPlayhead(brisk::Seconds{24});
            shoot(w, out.filePath(QLatin1String(picture)));
        }
    }
}

/// A day of many takes, before and after it was matched.
void wholeDay(MainWindow& w, const QDir& day, const QDir& out) {
    w.takeIn({day.absolutePath()});
    (void)QTest::qWaitFor([&] { return w.session().state().media.size() >= 14; }, 60000);
    settle(w);
    w.session().findMatches();
    settle(w);
    std::vector<int> sure;
    for (const int take : w.session().state().ids(brisk::MediaKind::Take)) {
        const auto is = w.session().state().stateOf(take);
        if (is == brisk::TetherState::Offered && sure.size() < 5) sure.push_back(take);
        if (is == brisk::TetherState::NeedsAnEar) w.choose(take);
    }
    w.session().lockSure(sure);
    w.bench().setPlayhead(brisk::Seconds{2.48});
    shoot(w, out.filePath(QStringLiteral("day-matched.png")));
    for (const int take : w.session().state().ids(brisk::MediaKind::Take)) {
        if (w.session().state().tethersOf(take).size() > 1) w.choose(take);
    }
    w.bench().setPlayhead(brisk::Seconds{14});
    shoot(w, out.filePath(QStringLiteral("day-join.png")));
}

}  // namespace

int main(int argc, char** argv) {
    const brisk::test::OwnFolders own;
    QApplication app(argc, argv);
    useLanguage(QLocale());
    const QStringList args = QApplication::arguments();
    if (args.size() < 3) return 2;
    const QDir demo(args[1]);
    const QDir out(args[2]);
    const QStringList size = args.value(3, QStringLiteral("1280x800")).split('x');
    setTheme(args.value(4) == QLatin1String("night") ? Theme::Night : Theme::Day);
    applyStyle();
    MainWindow w;
    w.resize(size[0].toInt(), size[1].toInt());
    w.show();
    if (!QTest::qWaitForWindowExposed(&w)) return 1;
    if (args.value(5) == QLatin1String("whole-day")) {
        wholeDay(w, demo, out);
        return 0;
    }
    if (args.value(5) == QLatin1String("mishaps")) {
        mishaps(w, demo, out);
        return 0;
    }
    shoot(w, out.filePath(QStringLiteral("empty.png")));
    w.takeIn(mediaIn(demo));
    settle(w);
    w.bench().setPlayhead(brisk::Seconds{9.5});
    shoot(w, out.filePath(QStringLiteral("bench-before.png")));
    w.session().findMatches();
    settle(w);
    w.bench().setPlayhead(brisk::Seconds{9.5});
    shoot(w, out.filePath(QStringLiteral("bench-matched.png")));
    const int take = w.bench().take();
    QAction* shared = w.verbs().action(Verb::SharedSound);
    shared->trigger();
    w.bench().seam().zoomToPlayhead(14);
    shoot(w, out.filePath(QStringLiteral("bench-shared.png")));
    shared->trigger();
    w.bench().seam().zoomToAll();
    // Moved by hand: the seam, the lenses, the slip line and the gauge say so.
    w.session().putMark(take, brisk::Seconds{3.3}, false);
    settle(w);
    w.session().apply(commands::moveClean(w.session().state(), take, brisk::milliseconds(-6)));
    w.bench().seam().zoomToPlayhead(12);
    shoot(w, out.filePath(QStringLiteral("bench-by-hand.png")));
    w.session().document().undo();
    settle(w);
    w.session().document().undo();
    w.session().apply(commands::lock(w.session().state(), take));
    w.bench().setPlayhead(brisk::Seconds{3.28});
    w.bench().seam().zoomToPlayhead(0.4);
    shoot(w, out.filePath(QStringLiteral("bench-clap.png")));
    w.bench().seam().zoomToPlayhead(8);
    w.session().lockSure(w.session().state().ids(brisk::MediaKind::Take));
    handOver(w, out);
    w.verbs().action(Verb::Keys)->trigger();
    shoot(w, out.filePath(QStringLiteral("keys.png")));
    w.verbs().action(Verb::Preferences)->trigger();
    shoot(w, out.filePath(QStringLiteral("preferences.png")));
    w.verbs().action(Verb::Preferences)->trigger();
    brisk::SoundChoice sound = w.session().state().sound;
    sound.camera = brisk::CameraSound::SecondTrack;
    sound.quietClaps = true;
    sound.toLoudness = true;
    w.session().setSound({}, sound);
    w.bench().seam().zoomToPlayhead(2.4);
    w.bench().openStep(Step::Sound);
    (void)QTest::qWaitFor([&] { return w.session().view(take).sound->level.lufs > -70; }, 60000);
    shoot(w, out.filePath(QStringLiteral("sound.png")));
    w.session().apply(commands::keep(w.session().state(), take,
                                     {{{4}, {16.2}}, {{16.2}, {24}}, {{31}, {47}}},
                                     w.session().view(take).whole, "drop-piece"));
    w.bench().showTake(0);
    w.choose(take);
    w.bench().setPlayhead(brisk::Seconds{12});
    w.bench().openStep(Step::Trim);
    shoot(w, out.filePath(QStringLiteral("kept.png")));
    w.session().document().undo();
    w.session().document().undo();
    w.bench().showTake(0);
    w.choose(take);
    w.preferences().change([](Preferred& p) { p.theme = ThemeChoice::Night; });
    w.session().apply(commands::unlock(w.session().state(), take));
    w.bench().showTake(0);
    w.choose(take);
    w.bench().setPlayhead(brisk::Seconds{9.5});
    w.bench().seam().zoomToAll();
    shoot(w, out.filePath(QStringLiteral("bench-night.png")));
    return 0;
}
