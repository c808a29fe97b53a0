// SPDX-License-Identifier: GPL-3.0-or-later
// Other languages: the catalogues are whole and keep what is filled in, numbers have their mark,
// and words that are a third longer still fit, at other sizes of text and from right to left.
#include "app/window/language.h"

#include <gtest/gtest.h>

#include <QApplication>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QLineEdit>
#include <QRegularExpression>
#include <QTest>
#include <QTranslator>
#include <QXmlStreamReader>
#include <set>

#include "app/list/take_panel.h"
#include "app/spine/time_left_words.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/elided_label.h"
#include "app/style/sizes.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"
#include "text/sentence.h"
#include "window_driver.h"

namespace brisk {
namespace {

using app::Verb;
using test::WindowDriver;

struct Message {
    QString context, source;
    QStringList translations;
};

std::vector<Message> catalogue(const QString& language) {
    QFile file(QStringLiteral(BRISK_SOURCES "/../translations/brisk-tether_%1.ts").arg(language));
    EXPECT_TRUE(file.open(QIODevice::ReadOnly));
    QXmlStreamReader xml(&file);
    std::vector<Message> all;
    QString context;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement) continue;
        const auto text = [&] { return xml.readElementText(); };
        if (xml.name() == QLatin1String("name")) context = text();
        if (xml.name() == QLatin1String("source")) all.push_back({context, text(), {}});
        if (xml.name() != QLatin1String("translation")) continue;
        QString whole;
        while (!(xml.readNext() == QXmlStreamReader::EndElement &&
                 xml.name() == QLatin1String("translation"))) {
            if (xml.isStartElement()) all.back().translations << text();
            if (xml.isCharacters()) whole += xml.text();
        }
        if (all.back().translations.isEmpty()) all.back().translations << whole;
    }
    return all;
}

/// "%1" and "{at:clock1}": what is filled in.
std::multiset<QString> filledIn(const QString& text) {
    static const QRegularExpression marks(QStringLiteral("%\\d|\\{[a-z_]+(:[a-z0-9]+)?\\}"));
    std::multiset<QString> out;
    for (auto it = marks.globalMatch(text); it.hasNext();) out.insert(it.next().captured());
    return out;
}

TEST(Language, TheTimeThatIsLeftIsSaidInTheUnitThatFits) {
    const auto said = [](double seconds) { return app::timeLeftWords({seconds}).toStdString(); };
    EXPECT_EQ(said(0.2), "1 s left");
    EXPECT_EQ(said(90), "90 s left");
    EXPECT_EQ(said(91), "2 min left");
    EXPECT_EQ(said(3601), "61 min left");
    EXPECT_EQ(said(7810), "2 h 11 min left");
}

TEST(Language, CataloguesHoldEveryTextAndKeepWhatIsFilledIn) {
    for (const char* language : {"de", "cs"}) {
        const auto all = catalogue(QLatin1String(language));
        EXPECT_GT(all.size(), 1000u);
        std::set<QString> known;
        for (const Message& m : all) {
            known.insert(m.context + QLatin1Char('|') + m.source);
            for (const QString& t : m.translations) {
                EXPECT_FALSE(t.isEmpty()) << m.source.toStdString();
                const auto wanted = filledIn(m.source), found = filledIn(t);
                // One thing need not be counted.
                const bool subset =
                    std::includes(wanted.begin(), wanted.end(), found.begin(), found.end());
                EXPECT_TRUE(m.translations.size() > 1 ? subset : wanted == found)
                    << m.source.toStdString() << " / " << t.toStdString();
            }
        }
        for (const Phrase& p : allPhrases()) {
            EXPECT_TRUE(known.contains(QStringLiteral("brisk|") + QString::fromUtf8(p.many)))
                << p.id;
        }
        for (const app::VerbWords& v : app::verbTable()) {
            EXPECT_TRUE(known.contains(QStringLiteral("brisk::app|") + QString::fromUtf8(v.tip)))
                << v.id;
        }
    }
}

struct InLanguage : ::testing::Test {
    ~InLanguage() override {
        app::useLanguage(QLocale(QLocale::C));
        QLocale::setDefault(QLocale::c());
    }
    static void speak(const char* name) {
        QLocale::setDefault(QLocale(QLatin1String(name)));
        app::useLanguage(QLocale(QLatin1String(name)));
    }
};

TEST_F(InLanguage, TheWholeWindowSpeaksIt) {
    speak("de_DE");
    WindowDriver german;
    EXPECT_TRUE(
        german.wordsOnScreen().contains(QLatin1String("Ziehen Sie die Dateien beider Karten")));
    EXPECT_TRUE(german.button(QStringLiteral("Plätze suchen")));
    EXPECT_FALSE(german.button(QStringLiteral("Find matches")));
    EXPECT_EQ(app::inWords(Fact{"tether-all", {{"takes", 1}}}), QStringLiteral("1 Take binden"));
    EXPECT_EQ(app::inWords(Fact{"tether-all", {{"takes", 5}}}), QStringLiteral("5 Takes binden"));
    EXPECT_EQ(app::inWords(Fact{"no-rival"}),
              QStringLiteral("keine andere Stelle kommt in die Nähe"));
    speak("cs_CZ");
    const WindowDriver czech;
    EXPECT_EQ(app::inWords(Fact{"tether-all", {{"takes", 1}}}), QStringLiteral("Svázat 1 záběr"));
    EXPECT_EQ(app::inWords(Fact{"tether-all", {{"takes", 3}}}), QStringLiteral("Svázat 3 záběry"));
    EXPECT_EQ(app::inWords(Fact{"tether-all", {{"takes", 5}}}), QStringLiteral("Svázat 5 záběrů"));
    EXPECT_EQ(app::clockWords(Seconds{3.28}, 3), QStringLiteral("0:00:03,280"));
    EXPECT_EQ(app::slipWords(Seconds{-0.0123}), QStringLiteral("−12,3 ms"));
    EXPECT_EQ(
        app::inWords(Fact{"in-place", {{"worst", 0.0001}, {"at", 7.0}}}).count(QLatin1Char('.')), 1)
        << "the one that ends the sentence";
}

/// As a language with longer words would have it.
class Longer : public QTranslator {
  public:
    [[nodiscard]] bool isEmpty() const override { return false; }
    QString translate(const char*, const char* source, const char*, int) const override {
        const QString text = QString::fromUtf8(source);
        // A path is no text, and a sign has no language.
        if (text.size() < 3 || text.startsWith(QLatin1String(":/")) ||
            text.contains(QLatin1String("*."))) {
            return text;
        }
        return text + QLatin1Char(' ') + QString((text.size() + 2) / 3, QLatin1Char('n'));
    }
};

struct Fits : ::testing::Test {
    Fits() {
        const auto sound = test::babble(40, 48000, 3);
        test::writeTake(folder.file("glue-01.mp4"),
                        {sound.begin() + 48000 * 5, sound.begin() + 48000 * 25}, {});
        test::writeSound(folder.file("lavalier.wav"), sound, {});
    }
    ~Fits() override {
        QCoreApplication::removeTranslator(&longer);
        QGuiApplication::setLayoutDirection(Qt::LeftToRight);
        app::setTextScale(1);
        app::applyStyle();
    }
    /// Words that stand by themselves are seen whole.
    static void lookAtLabels(WindowDriver& w, const char* when) {
        for (auto* l : w.window.findChildren<QLabel*>()) {
            const bool shortened = dynamic_cast<app::ElidedLabel*>(l) != nullptr;
            if (!l->isVisible() || l->wordWrap() || shortened || l->text().contains('\n')) continue;
            EXPECT_GE(l->width(), l->fontMetrics().horizontalAdvance(l->text()))
                << when << ": " << l->text().toStdString();
        }
    }
    /// A button that is lower than its text; null where none is.
    static QPushButton* tooLow(const WindowDriver& w) {
        const auto all = w.window.findChildren<QPushButton*>();
        const auto it = std::find_if(all.begin(), all.end(), [](const QPushButton* b) {
            return b->isVisible() && !b->text().isEmpty() &&
                   b->height() < b->fontMetrics().height();
        });
        return it == all.end() ? nullptr : *it;
    }
    /// All that can be pressed shows its whole text, and nothing lies upon anything.
    static void look(WindowDriver& w, const char* when) {
        w.window.verbs().action(Verb::HandOver)->trigger();
        w.waitPlanned();
        QCoreApplication::processEvents();
        lookAtLabels(w, when);
        for (auto* b : w.window.handOver().findChildren<QPushButton*>()) {
            if (!b->isVisible()) continue;
            EXPECT_GE(b->width(), b->minimumSizeHint().width() - 1)
                << when << ": " << b->text().toStdString();
        }
        QTest::keyClick(&w.window, Qt::Key_Escape);
        for (const auto step :
             {app::Step::Place, app::Step::Check, app::Step::Sound, app::Step::Trim}) {
            w.window.bench().openStep(step);
            // Laying out a page takes some turns of the event loop.
            EXPECT_TRUE(QTest::qWaitFor([&] { return tooLow(w) == nullptr; }, 60000))
                << when << ": " << tooLow(w)->text().toStdString();
            lookAtLabels(w, when);
            std::vector<std::pair<QRect, QString>> seen;
            for (auto* b : w.window.findChildren<QPushButton*>()) {
                if (!b->isVisible() || b->text().isEmpty()) continue;
                EXPECT_GE(b->width(), b->minimumSizeHint().width() - 1)
                    << when << ": " << b->text().toStdString();
                const QRect at(b->mapTo(&w.window, QPoint()), b->size());
                // What scrolls may lie outside of what is seen.
                if (w.window.bench().tray().isAncestorOf(b)) continue;
                EXPECT_TRUE(w.window.rect().contains(at))
                    << when << ": " << b->text().toStdString();
                for (const auto& [other, text] : seen) {
                    EXPECT_FALSE(at.intersects(other))
                        << when << ": " << b->text().toStdString() << " and " << text.toStdString();
                }
                seen.emplace_back(at, b->text());
            }
        }
    }
    void gather(WindowDriver& w) {
        w.drop({QString::fromStdString(folder.path())});
        (void)QTest::qWaitFor([&] { return w.take() != 0; }, 60000);
        w.waitQuiet();
        w.window.session().findMatches();
        w.waitQuiet();
    }
    test::TempFolder folder;
    Longer longer;
};

TEST_F(Fits, WordsThatAreAThirdLonger) {
    QCoreApplication::installTranslator(&longer);
    for (const QSize size : {QSize(1280, 800), QSize(1920, 1080)}) {
        WindowDriver w(size);
        gather(w);
        look(w, size.width() == 1280 ? "1280" : "1920");
    }
}

TEST_F(Fits, InASmallWindow) {
    WindowDriver w({960, 600});
    gather(w);
    EXPECT_EQ(w.window.size(), QSize(960, 600));
    look(w, "960");
}

TEST_F(Fits, FromRightToLeft) {
    QGuiApplication::setLayoutDirection(Qt::RightToLeft);
    WindowDriver w;
    gather(w);
    look(w, "right to left");
    EXPECT_GT(w.window.takePanel().x(), w.window.bench().x()) << "mirrored";
    EXPECT_LT(w.seam().axis().xOf({1}), w.seam().axis().xOf({2})) << "time never is";
}

TEST_F(Fits, TextOfEightyToTwoHundredPercent) {
    for (const double scale : {0.8, 1.5, 2.0}) {
        app::setTextScale(scale);
        app::applyStyle();
        WindowDriver w({static_cast<int>(1280 * std::max(1.0, scale * 0.9)),
                        static_cast<int>(800 * std::max(1.0, scale * 0.9))});
        gather(w);
        app::setTextScale(scale);
        app::applyStyle();
        look(w, scale < 1 ? "80 %" : scale < 2 ? "150 %" : "200 %");
    }
}

}  // namespace
}  // namespace brisk
