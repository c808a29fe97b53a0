// SPDX-License-Identifier: GPL-3.0-or-later
// A day at the real window without a person, for `./dev bench faults`:
//
//     brisk-tether-scripted-day work FOLDER SEED   works without end, until it is killed
//     brisk-tether-scripted-day fill FOLDER SEED   fills its disk in the middle of a day, then
//     makes
//                                                  room again; FOLDER is a small file system
//     brisk-tether-scripted-day look FOLDER        opens what is there and tells what it holds
//
// The card is FOLDER/../card, the shoot FOLDER/day.brisk, what is handed over FOLDER/out. After
// each step a line that says what is so is added to FOLDER/../told.
#include <unistd.h>

#include <QApplication>
#include <QDesktopServices>
#include <QDialog>
#include <QDir>
#include <QTemporaryDir>
#include <QTest>
#include <clocale>
#include <cstdio>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "app/bench/bench.h"
#include "app/sheet/hand_over_sheet.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/window/main_window.h"
#include "shoot/project_file.h"
#include "shoot/shoot_json.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;
using app::Verb;

std::string digestOf(const Shoot& shoot) {
    return std::to_string(std::hash<std::string>{}(shootJson(shoot.state(), {}).dump()));
}

class Day {
  public:
    Day(fs::path folder, unsigned seed) : folder_(std::move(folder)), random_(seed) {
        window.resize(1280, 800);
        window.show();
        (void)QTest::qWaitForWindowExposed(&window);
        // Whoever asks is told to go on.
        QObject::connect(&answer_, &QTimer::timeout, &window, [] {
            if (auto* d = qobject_cast<QDialog*>(QApplication::activeModalWidget())) d->accept();
        });
        answer_.start(20);
    }
    /// The shoot as it was saved, or the card as it came.
    bool begin() {
        if (!open()) return false;
        if (window.session().state().media.empty()) takeCardIn();
        return fs::exists(project()) || save();
    }
    void takeCardIn() {
        QStringList card;
        for (const auto& e : fs::directory_iterator(folder_ / "../card")) {
            card << QString::fromStdString(fs::canonical(e.path()).string());
        }
        window.takeIn(card);
        quiet();
    }
    bool open() {
        if (fs::exists(project())) window.takeIn({QString::fromStdString(project())});
        return quiet() && fs::exists(project()) == !window.session().document().path().isEmpty();
    }
    bool save() { return window.session().document().save(QString::fromStdString(project())); }
    /// Tells after each change; what it was before, first.
    void tell() {
        told_.open(folder_ / "../told", std::ios::app);
        const auto say = [this] { told_ << digestOf(window.session().shoot()) << std::endl; };
        say();
        QObject::connect(&window.session(), &app::Session::changed, &window, say);
    }
    void step() {
        const auto takes = window.session().state().ids(MediaKind::Take);
        if (takes.empty()) return takeCardIn();  // it was undone
        if (below(3) == 0) window.choose(takes[static_cast<std::size_t>(below(int(takes.size())))]);
        static constexpr Verb kDone[] = {
            Verb::FindMatches,  Verb::Tether,      Verb::Tether,    Verb::Loosen,
            Verb::TetherSure,   Verb::FrameLater,  Verb::FrameOn,   Verb::MillisecondEarlier,
            Verb::SampleLater,  Verb::SampleLater, Verb::Undo,      Verb::Redo,
            Verb::MarkCamera,   Verb::MarkClean,   Verb::StepTrim,  Verb::Cut,
            Verb::DropPiece,    Verb::BringBack,   Verb::TrimStart, Verb::TrimEnd,
            Verb::KeepShared,   Verb::KeepWhole,   Verb::LayByHand, Verb::BackToFound,
            Verb::NearestClaps, Verb::SearchAgain, Verb::Save,      Verb::Save,
            Verb::WholeTake,    Verb::Play};
        if (below(14) == 0) return handOver();
        // The first of them that can be done.
        for (int tries = 0; tries < 20; ++tries) {
            auto* action = window.verbs().action(
                kDone[static_cast<std::size_t>(below(static_cast<int>(std::size(kDone))))]);
            if (!action->isEnabled()) continue;
            action->trigger();
            return;
        }
    }
    void handOver() {
        auto& desk = window.handOver().desk();
        if (desk.running()) return;
        desk.begin(window.bench().take());
        desk.setScope(app::HandOverDesk::Scope::ThisTake);
        desk.change([&](HandOverChoice& c) {
            c.folder = (folder_ / "out").string();
            c.container = VideoContainer::Mov;
        });
        desk.write();
    }
    bool quiet() {
        QTest::qWait(20);
        return QTest::qWaitFor(
            [&] { return !window.session().work().busy() && !window.handOver().desk().planning(); },
            60000);
    }
    int below(int n) { return static_cast<int>(random_() % static_cast<unsigned>(n)); }
    [[nodiscard]] std::string project() const { return (folder_ / "day.brisk").string(); }
    [[nodiscard]] const fs::path& folder() const { return folder_; }

    app::MainWindow window;

  private:
    fs::path folder_;
    std::mt19937 random_;
    QTimer answer_;
    std::ofstream told_;
};

int work(const fs::path& folder, unsigned seed) {
    Day day(folder, seed);
    if (!day.begin()) return 3;
    day.tell();
    for (;;) {
        day.step();
        QTest::qWait(day.below(30));
    }
}

/// What it holds now, and one step to either side.
int look(const fs::path& folder) {
    Day day(folder, 0);
    if (!day.open()) {
        std::printf("cannot be opened: %s\n",
                    day.window.session().notes().join(QLatin1Char(' ')).toUtf8().constData());
        return 1;
    }
    const Shoot& is = day.window.session().shoot();
    Shoot back = is, forth = is;
    back.undo();
    forth.redo();
    std::printf("%s %s %s\n", digestOf(is).c_str(), digestOf(back).c_str(),
                digestOf(forth).c_str());
    return 0;
}

/// Writes until nothing more goes in.
void fill(const fs::path& file) {
    std::ofstream out(file, std::ios::binary);
    for (std::size_t block = 1 << 16; block > 0; block /= 4) {
        const std::string bytes(block, 'x');
        while (out.write(bytes.data(), static_cast<long>(block)).flush()) {
        }
        out.clear();
    }
}

int fillDisk(const fs::path& folder, unsigned seed) {
    Day day(folder, seed);
    if (!day.begin()) return 3;
    for (int i = 10 + day.below(60); i > 0; --i) day.step();
    day.quiet();
    auto& session = day.window.session();
    fill(folder / "filler");
    int said = 0;
    for (int i = 0; i < 12; ++i) {
        day.step();
        day.quiet();
        said += !session.notes().isEmpty();
    }
    day.handOver();
    day.quiet();
    const auto left = [&] { return day.window.handOver().desk().unfinished(); };
    const std::size_t failed = left();
    const std::string had = digestOf(session.shoot());
    const bool saved = day.save();
    // Whatever the disk says, what is on the screen stays, and what is on the disk opens.
    bool good = digestOf(session.shoot()) == had && loadShoot(day.project()).has_value() &&
                (saved || !session.notes().isEmpty());
    fs::remove(folder / "filler");
    const bool again = day.save();
    const auto back = loadShoot(day.project());
    good = good && again && back && digestOf(back->shoot) == digestOf(session.shoot());
    if (failed > 0) {
        day.window.handOver().desk().tryAgain();
        day.quiet();
    }
    good = good && left() == 0;
    std::printf("%s saved=%d said=%d failed=%zu left=%zu\n", good ? "good" : "BAD", saved, said > 0,
                failed, left());
    return good ? 0 : 1;
}

/// Opens nothing: it is alone.
class Swallow : public QObject {
    Q_OBJECT
  public slots:
    void swallow(const QUrl&) {}
};

int run(int argc, char** argv) {
    if (argc < 3) return 2;
    QCoreApplication::setAttribute(Qt::AA_DontUseNativeDialogs);
    const QTemporaryDir preferences;
    qputenv("XDG_CONFIG_HOME", preferences.path().toUtf8());
    QApplication application(argc, argv);
    std::setlocale(LC_NUMERIC, "C");
    app::setTheme(app::Theme::Day);
    app::applyStyle();
    Swallow swallow;
    QDesktopServices::setUrlHandler(QStringLiteral("file"), &swallow, "swallow");
    const std::string what = argv[1];
    const fs::path folder = fs::absolute(argv[2]);
    const auto seed = static_cast<unsigned>(argc > 3 ? std::stoul(argv[3]) : 1);
    int code = 2;
    if (what == "work") code = work(folder, seed);
    if (what == "fill") code = fillDisk(folder, seed);
    if (what == "look") code = look(folder);
    QDesktopServices::unsetUrlHandler(QStringLiteral("file"));
    return code;
}

}  // namespace
}  // namespace brisk

int main(int argc, char** argv) {
    return brisk::run(argc, argv);
}

#include "scripted_day.moc"
