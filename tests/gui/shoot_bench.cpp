// SPDX-License-Identifier: GPL-3.0-or-later
// What a shoot of many takes costs in the real window: gathering, matching, and moving about in the
// list and the day map.
//
//     brisk-tether-shoot-bench FOLDER [TAKES] [RECORDINGS] [laid|early]
//
// With "early" matching is asked for as soon as it can be, while files are still being read, and
// nothing else is measured. With "laid" takes are laid where their stamps have them instead of
// being matched: a minute instead of many, for what moving about costs.
#include <sys/resource.h>

#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QLineEdit>
#include <QTemporaryDir>
#include <QTest>
#include <QWheelEvent>
#include <algorithm>
#include <cstdio>

#include "app/bench/bench.h"
#include "app/list/take_panel.h"
#include "app/map/day_map.h"
#include "app/style/app_style.h"
#include "app/window/main_window.h"
#include "own_folders.h"
#include "shoot/commands.h"
#include "support/media_files.h"
#include "support/signals.h"

using namespace brisk;
using namespace brisk::app;

namespace {

constexpr int kTakeSeconds = 6;
constexpr int kRecordingSeconds = 300;

bool makeFiles(const QDir& folder, int takes, int recordings) {
    if (folder.exists(QStringLiteral("made"))) return true;
    const int each = (takes + recordings - 1) / recordings;
    for (int r = 0; r < recordings; ++r) {
        const auto day = test::babble(kRecordingSeconds, 48000, static_cast<unsigned>(r + 1));
        const auto name = [&](const char* what, int n, const char* ending) {
            return folder
                .filePath(
                    QStringLiteral("%1-%2.%3").arg(what).arg(n, 3, 10, QChar('0')).arg(ending))
                .toStdString();
        };
        // Stamped as recorders do, a minute apart.
        test::SoundRecipe recipe;
        recipe.muxerOptions = {{"write_bext", "1"}};
        recipe.metadata = {
            {"time_reference", std::to_string(48000LL * (32400 + r * (kRecordingSeconds + 60)))}};
        test::writeSound(name("lavalier", r + 1, "wav"), day, recipe);
        for (int i = 0; i < each && r * each + i < takes; ++i) {
            const auto from = day.begin() + 48000L * (i * (kRecordingSeconds - 20) / each);
            test::writeTake(name("sewing", r * each + i + 1, "mp4"),
                            {from, from + 48000L * kTakeSeconds}, {});
        }
    }
    QFile done(folder.filePath(QStringLiteral("made")));
    return done.open(QIODevice::WriteOnly);
}

void settle(MainWindow& w) {
    QTest::qWait(50);
    (void)QTest::qWaitFor([&] { return !w.session().work().busy(); }, 3600000);
}

/// Milliseconds for each of `steps`, with what it makes the window paint.
template <class Step>
void measure(const char* what, int steps, Step step) {
    std::vector<double> each;
    QElapsedTimer clock;
    for (int i = 0; i < steps; ++i) {
        clock.start();
        step(i);
        QApplication::processEvents();
        each.push_back(static_cast<double>(clock.nsecsElapsed()) * 1e-6);
    }
    std::sort(each.begin(), each.end());
    std::printf("| %s | %d | %.1f | %.1f |\n", what, steps, each[each.size() / 2],
                each[each.size() * 95 / 100]);
    std::fflush(stdout);
}

void wheelOn(QWidget& target, QPoint by, QPointF at, Qt::KeyboardModifiers held = {}) {
    QWheelEvent e(at, target.mapToGlobal(at), {}, by, Qt::NoButton, held, Qt::NoScrollPhase, false);
    QApplication::sendEvent(&target, &e);
    target.repaint();
}

/// Asks for matches at once, and says when the first, half and all of them were there.
void matchEarly(MainWindow& w, const QString& folder) {
    QElapsedTimer clock;
    clock.start();
    const auto seconds = [&] { return 1e-3 * static_cast<double>(clock.elapsed()); };
    const auto until = [](auto condition) { (void)QTest::qWaitFor(condition, 3600000); };
    const auto told = [&] { return w.session().state().tethers.size(); };
    w.takeIn({folder});
    until([&] { return w.session().canFindMatches(); });
    w.session().findMatches();
    until([&] { return told() > 0 || !w.session().work().busy(); });
    std::printf("First answer after %.1f s", seconds());
    const std::size_t half = w.session().state().ids(MediaKind::Take).size() / 2;
    until([&] { return told() >= half || !w.session().work().busy(); });
    std::printf(", half of them after %.1f s", seconds());
    until([&] { return !w.session().library().reading(); });
    std::printf(", all read after %.1f s", seconds());
    settle(w);
    std::printf(", all matched after %.1f s: %s\n", seconds(), qPrintable(w.takePanel().counts()));
}

}  // namespace

int main(int argc, char** argv) {
    const brisk::test::OwnFolders own;
    QApplication app(argc, argv);
    const QStringList args = QApplication::arguments();
    if (args.size() < 2) return 2;
    const QDir folder(args[1]);
    QDir().mkpath(folder.path());
    const int takes = args.size() > 2 ? args[2].toInt() : 500;
    const int recordings = args.size() > 3 ? args[3].toInt() : 12;
    if (!makeFiles(folder, takes, recordings)) return 1;
    const QTemporaryDir cache;
    qputenv("XDG_CACHE_HOME", cache.path().toUtf8());
    applyStyle();
    MainWindow w;
    w.resize(1280, 800);
    w.show();
    if (!QTest::qWaitForWindowExposed(&w)) return 1;
    if (args.value(4) == QLatin1String("early")) {
        matchEarly(w, folder.path());
        return 0;
    }
    QElapsedTimer clock;
    clock.start();
    w.takeIn({folder.path()});
    settle(w);
    settle(w);
    std::printf("%d takes and %d recordings: looked at and read in %.1f s", takes, recordings,
                1e-3 * static_cast<double>(clock.elapsed()));
    clock.start();
    if (args.value(4) == QLatin1String("laid")) {
        const auto on = w.session().state().ids(MediaKind::Recording);
        std::vector<Tether> laid;
        for (const int take : w.session().state().ids(MediaKind::Take)) {
            Tether t;
            t.take = take;
            t.recording = on[laid.size() * on.size() / static_cast<std::size_t>(takes)];
            t.line.offset = t.found.line.offset =
                Seconds{static_cast<double>(laid.size() % 40) * 6};
            t.found.status = MatchStatus::Matched;
            t.found.overlap = {{0}, {kTakeSeconds}};
            laid.push_back(t);
        }
        w.session().apply(commands::takeMatches(laid));
    } else {
        w.session().findMatches();
    }
    settle(w);
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    std::printf(", matched in %.1f s: %s. Peak memory %ld MB.\n\n",
                1e-3 * static_cast<double>(clock.elapsed()), qPrintable(w.takePanel().counts()),
                use.ru_maxrss / 1024);
    std::printf("| movement | steps | ms each, median | p95 |\n|---|---|---|---|\n");
    QListView& list = w.takePanel().list();
    measure("scroll the list", 200, [&](int i) {
        wheelOn(*list.viewport(), {0, i < 100 ? -120 : 120}, {100, 100});
    });
    auto* find = w.takePanel().findChild<QLineEdit*>();
    measure("filter the list by a key", 20, [&](int i) {
        find->setText(i % 2 ? QStringLiteral("sewing-1") : QStringLiteral("sewing-12"));
        list.viewport()->repaint();
    });
    find->clear();
    measure("zoom the day map", 60, [&](int i) {
        wheelOn(w.dayMap(), {0, i < 30 ? 120 : -120}, {600, 40});
    });
    for (int i = 0; i < 15; ++i) wheelOn(w.dayMap(), {0, 120}, {600, 40});
    measure("scroll the day map", 100, [&](int) {
        wheelOn(w.dayMap(), {0, -120}, {600, 40}, Qt::ShiftModifier);
    });
    const auto ids = w.session().state().ids(MediaKind::Take);
    measure("open a take", 40,
            [&](int i) { w.choose(ids[static_cast<std::size_t>(i * 7) % ids.size()]); });
    measure("nudge a take", 100, [&](int) {
        w.session().apply(
            commands::moveClean(w.session().state(), w.bench().take(), milliseconds(1)));
    });
    return 0;
}
