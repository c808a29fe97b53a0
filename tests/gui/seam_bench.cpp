// SPDX-License-Identifier: GPL-3.0-or-later
// What drawing costs: the real window at 3840x2160 with a take and a recording of four hours, both
// opened from the scan cache. Times are processor time of the interface thread, so that other work
// on the machine does not count.
//
//     QT_QPA_PLATFORM=offscreen brisk-tether-seam-bench FOLDER [HOURS]
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QTest>
#include <QWheelEvent>
#include <algorithm>
#include <cstdio>
#include <ctime>
#include <vector>

#include "app/bench/bench.h"
#include "app/seam/seam_view.h"
#include "app/style/app_style.h"
#include "app/window/main_window.h"
#include "own_folders.h"

using namespace brisk::app;

namespace {

double threadMilliseconds() {
    timespec t{};
    ::clock_gettime(CLOCK_THREAD_CPUTIME_ID, &t);
    return static_cast<double>(t.tv_sec) * 1e3 + static_cast<double>(t.tv_nsec) * 1e-6;
}

bool ffmpeg(const QStringList& args) {
    return QProcess::execute(QStringLiteral("ffmpeg"),
                             QStringList{"-v", "error", "-nostdin"} + args) == 0;
}

/// Noise that comes and goes like speech, as long as the day was.
bool makeFiles(const QDir& folder, double hours) {
    const QString length = QString::number(hours * 3600);
    const QString noise = QStringLiteral(
        "anoisesrc=c=pink:r=48000:a=0.4:seed=%1,tremolo=f=3.1:d=0.95,tremolo=f=0.21:d=0.8");
    const QString rec = folder.filePath(QStringLiteral("lavalier.wav"));
    const QString take = folder.filePath(QStringLiteral("long-take.mov"));
    return (QFile::exists(rec) ||
            ffmpeg({"-f", "lavfi", "-i", noise.arg(1), "-t", length, "-c:a", "pcm_s16le", rec})) &&
           (QFile::exists(take) ||
            ffmpeg({"-f", "lavfi", "-i", "color=c=gray:s=64x36:r=25", "-f", "lavfi", "-i",
                    noise.arg(1), "-t", length, "-c:v", "libx264", "-preset", "ultrafast", "-c:a",
                    "pcm_s16le", take}));
}

bool settle(MainWindow& w) {
    QTest::qWait(50);
    return QTest::qWaitFor([&] { return !w.session().work().busy(); }, 900000);
}

/// Moves the view by real wheel events and paints after each.
void measure(const char* what, SeamView& seam, int steps, QPoint wheel,
             Qt::KeyboardModifiers held) {
    std::vector<double> each;
    for (int i = 0; i < steps; ++i) {
        const QPointF at(seam.width() * 0.4, seam.height() * 0.3);
        QWheelEvent e(at, seam.mapToGlobal(at), {}, wheel, Qt::NoButton, held, Qt::NoScrollPhase,
                      false);
        const double before = threadMilliseconds();
        QApplication::sendEvent(&seam, &e);
        seam.repaint();
        each.push_back(threadMilliseconds() - before);
    }
    std::sort(each.begin(), each.end());
    const double median = each[each.size() / 2];
    const double p95 = each[each.size() * 95 / 100];
    std::printf("| %s | %d | %.2f | %.2f | %.0f |\n", what, steps, median, p95, 1000 / p95);
    std::fflush(stdout);
}

}  // namespace

int main(int argc, char** argv) {
    const brisk::test::OwnFolders own;
    QApplication app(argc, argv);
    const QStringList args = QApplication::arguments();
    if (args.size() < 2) return 2;
    const QDir folder(args[1]);
    QDir().mkpath(folder.path());
    qputenv("XDG_CACHE_HOME", folder.filePath(QStringLiteral("cache")).toUtf8());
    const double hours = args.size() > 2 ? args[2].toDouble() : 4;
    if (!makeFiles(folder, hours)) return 1;
    applyStyle();
    const QString project = folder.filePath(QStringLiteral("day.brisk"));
    {
        MainWindow w;
        w.takeIn({folder.filePath(QStringLiteral("lavalier.wav")),
                  folder.filePath(QStringLiteral("long-take.mov"))});
        settle(w);
        const auto takes = w.session().state().ids(brisk::MediaKind::Take);
        const auto recordings = w.session().state().ids(brisk::MediaKind::Recording);
        if (takes.size() != 1 || recordings.size() != 1) return 1;
        w.session().layOn(takes[0], recordings[0]);
        w.session().document().save(project);
    }
    MainWindow w;
    w.resize(3840, 2160);
    w.show();
    if (!QTest::qWaitForWindowExposed(&w)) return 1;
    QElapsedTimer clock;
    clock.start();
    w.takeIn({project});
    const auto first = [&] {
        const auto takes = w.session().state().ids(brisk::MediaKind::Take);
        const MediaFacts* f = takes.empty() ? nullptr : w.session().facts(takes[0]);
        return f && !f->info.sounds.empty() && f->peaks && f->peaks->samples() > 0;
    };
    while (!first() && clock.elapsed() < 60000) QApplication::processEvents();
    w.bench().seam().repaint();
    std::printf("A saved shoot of %.0f hours: its first waveform is painted after %lld ms.\n\n",
                hours, static_cast<long long>(clock.elapsed()));
    settle(w);
    SeamView& seam = w.bench().seam();
    std::printf("Seam of %d x %d in a window of 3840 x 2160, %.0f h take and recording:\n\n",
                seam.width(), seam.height(), hours);
    std::printf(
        "| movement | paints | ms each, median | p95 | paints a second at p95 |\n"
        "|---|---|---|---|---|\n");
    measure("zoom in from the whole take to samples", seam, 90, {0, 120}, {});
    measure("zoom out again", seam, 90, {0, -120}, {});
    seam.zoomToAll();
    measure("scroll, whole take", seam, 100, {0, -120}, Qt::ShiftModifier);
    for (const double across : {1800.0, 60.0, 8.0, 0.4, 0.01}) {
        w.bench().setPlayhead({hours * 1800});
        seam.zoomToPlayhead(across);
        QTest::qWait(300);
        char what[64];
        std::snprintf(what, sizeof what, "scroll, %g s across", across);
        measure(what, seam, 100, {0, -120}, Qt::ShiftModifier);
    }
    return 0;
}
