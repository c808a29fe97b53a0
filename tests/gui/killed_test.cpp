// SPDX-License-Identifier: GPL-3.0-or-later
// The program is killed at random moments, while it edits, saves and matches; what it had done is
// there again.
#include <gtest/gtest.h>
#include <signal.h>

#include <QCryptographicHash>
#include <QProcess>
#include <QTest>
#include <filesystem>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

#include "app/spine/session.h"
#include "shoot/commands.h"
#include "shoot/shoot_json.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr const char* kFolder = "BRISK_KILLED_FOLDER";
constexpr const char* kSeed = "BRISK_KILLED_SEED";

std::string digestOf(const ShootState& s) {
    const auto text = QByteArray::fromStdString(shootJson(s, {}).dump());
    return QCryptographicHash::hash(text, QCryptographicHash::Sha1).toHex().toStdString();
}

/// Waits for what a session does behind, without looking at it.
void live(int ms) {
    QTest::qWait(ms);
}

/// Not a test: the program that is killed. It works without end and tells what is so after each
/// step.
TEST(ProgramToKill, DISABLED_AtWork) {
    const std::string folder = qgetenv(kFolder).toStdString();
    std::mt19937 random(qEnvironmentVariableIntValue(kSeed));
    const QString project = QString::fromStdString(folder + "/day.brisk");
    app::Session session;
    std::ofstream told(folder + "/told", std::ios::app);
    QObject::connect(&session, &app::Session::changed, &session, [&] {
        told << digestOf(session.state()) << '\n' << std::flush;
    });
    if (QFile::exists(project)) {
        session.document().open(project);
    } else {
        session.addFiles({QString::fromStdString(folder + "/card")});
        ASSERT_TRUE(QTest::qWaitFor([&] { return session.state().media.size() == 3; }, 60000));
        session.document().save(project);
    }
    const auto takes = session.state().ids(MediaKind::Take);
    for (;;) {
        const int take = takes[random() % takes.size()];
        switch (random() % 9) {
            case 0:
                session.findMatches();
                break;
            case 1:
                session.document().save(project);
                break;
            case 2:
                session.document().undo();
                break;
            case 3:
                session.document().redo();
                break;
            case 4:
                session.layOn(take, session.state().ids(MediaKind::Recording).front());
                break;
            case 5:
                session.document().keepSnapshot(QStringLiteral("before the cut"));
                break;
            case 6:
                session.putMark(take, {static_cast<double>(random() % 90) / 10}, true);
                break;
            default:
                session.apply(commands::moveClean(session.state(), take,
                                                  {static_cast<double>(random() % 1000) / 3e5}));
        }
        live(static_cast<int>(random() % 12));
    }
}

class KilledProgram : public ::testing::Test {
  protected:
    void SetUp() override {
        std::filesystem::create_directories(folder_.file("card"));
        const auto day = test::babble(40, 48000, 91);
        test::writeTake(folder_.file("card/press-01.mp4"),
                        {day.begin() + 96000, day.begin() + 576000}, {});
        test::writeTake(folder_.file("card/press-02.mp4"),
                        {day.begin() + 960000, day.begin() + 1536000}, {});
        test::writeSound(folder_.file("card/lavalier.wav"), day, {});
    }
    /// Lets it work for a while, then kills it.
    void workAndDie(int death) {
        QProcess program;
        auto env = QProcessEnvironment::systemEnvironment();
        env.insert(QLatin1String(kFolder), QString::fromStdString(folder_.path()));
        env.insert(QLatin1String(kSeed), QString::number(death));
        env.insert(QStringLiteral("XDG_STATE_HOME"), QString::fromStdString(folder_.file("state")));
        env.insert(QStringLiteral("XDG_CACHE_HOME"), QString::fromStdString(folder_.file("cache")));
        program.setProcessEnvironment(env);
        program.start(QCoreApplication::applicationFilePath(),
                      {QStringLiteral("--gtest_also_run_disabled_tests"),
                       QStringLiteral("--gtest_filter=ProgramToKill.DISABLED_AtWork")});
        ASSERT_TRUE(program.waitForStarted());
        // Not before it has begun, which takes longer on a busy machine.
        std::error_code ec;
        const auto before = std::filesystem::file_size(folder_.file("told"), ec);
        ASSERT_TRUE(QTest::qWaitFor(
            [&] {
                std::error_code none;
                const auto now = std::filesystem::file_size(folder_.file("told"), none);
                return !none && (ec || now > before);
            },
            60000));
        QTest::qWait(100 + static_cast<int>(random_() % 700));
        kill(static_cast<pid_t>(program.processId()), SIGKILL);
        program.waitForFinished();
    }
    [[nodiscard]] std::string lastTold() const {
        std::ifstream in(folder_.file("told"));
        std::string line, last;
        while (std::getline(in, line)) {
            if (line.size() == 40) last = line;
        }
        return last;
    }
    test::TempFolder folder_;
    std::mt19937 random_{12};
};

TEST_F(KilledProgram, FiftyTimesAndNothingIsMissing) {
    int recovered = 0, ahead = 0;
    for (int death = 0; death < 50; ++death) {
        workAndDie(death);
        if (HasFatalFailure()) return;
        app::Session session;
        ASSERT_TRUE(session.document().open(QString::fromStdString(folder_.file("day.brisk"))))
            << death;
        ASSERT_EQ(session.state().media.size(), 3u) << death;
        const std::string is = digestOf(session.state());
        const std::string told = lastTold();
        if (is != told) {
            // Killed between doing a step and telling it: one step away from what was told.
            ++ahead;
            Shoot back = session.shoot();
            Shoot forth = session.shoot();
            back.undo();
            forth.redo();
            ASSERT_TRUE(digestOf(back.state()) == told || digestOf(forth.state()) == told)
                << "more than a step is missing after death " << death;
        }
        recovered += session.shoot().changedSinceSaved();
        session.work().stopAll();
    }
    EXPECT_LT(ahead, 25) << "most of the time nothing at all is missing";
    RecordProperty("ahead", ahead);
    RecordProperty("recovered", recovered);
    // The next save takes away what a death in the middle of one left.
    app::Session session;
    const QString project = QString::fromStdString(folder_.file("day.brisk"));
    ASSERT_TRUE(session.document().open(project) && session.document().save(project));
    session.work().stopAll();
    for (const auto& entry : std::filesystem::directory_iterator(folder_.path())) {
        const std::string name = entry.path().filename().string();
        EXPECT_EQ(name.find(".day.part-"), std::string::npos) << "half written: " << name;
    }
}

}  // namespace
}  // namespace brisk
