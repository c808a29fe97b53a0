// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/key_table.h"

#include <QCoreApplication>
#include <QObject>
#include <QStringList>
#include <algorithm>

namespace brisk::app {
namespace {

QString titleOf(VerbFamily f) {
    switch (f) {
        case VerbFamily::Shoot:
            break;
        case VerbFamily::Listening:
            return QObject::tr("Listening");
        case VerbFamily::Looking:
            return QObject::tr("Looking");
        case VerbFamily::Placing:
            return QObject::tr("Where the clean sound lies");
        case VerbFamily::Marking:
            return QObject::tr("Marks");
        case VerbFamily::Making:
            return QObject::tr("What is made of it");
        case VerbFamily::Files:
            return QObject::tr("Files in the list");
        case VerbFamily::HandingOver:
            return QObject::tr("Export");
    }
    return QObject::tr("The shoot");
}

QKeySequence with(int modifiers, Qt::Key key) {
    return QKeySequence(modifiers | key);
}

/// Keys that belong to one place, which handles them itself.
std::vector<KeyRow> localKeys(VerbFamily f) {
    const QString seam = QObject::tr("on the seam"), list = QObject::tr("in the list"),
                  map = QObject::tr("on the day map"), line = QObject::tr("on the line of spots");
    constexpr int ctrl = Qt::CTRL, alt = Qt::ALT;
    switch (f) {
        case VerbFamily::Shoot:
            return {
                {{Qt::Key_Delete}, QObject::tr("take files out of the shoot"), list},
                {{Qt::Key_Left, Qt::Key_Right}, QObject::tr("the take before, the next"), map},
                {{Qt::Key_Left, Qt::Key_Right}, QObject::tr("the spot before, the next"), line}};
        case VerbFamily::Looking:
            return {
                {{Qt::Key_Up, Qt::Key_Down}, QObject::tr("closer, further away"), seam},
                {{Qt::Key_Home, Qt::Key_End}, QObject::tr("to the first frame, the last"), seam},
                {{Qt::Key_PageUp, Qt::Key_PageDown}, QObject::tr("a tenth of the view"), seam},
                {{with(alt, Qt::Key_Up), with(alt, Qt::Key_Down)},
                 QObject::tr("camera's sound taller, lower"),
                 seam},
                {{with(ctrl, Qt::Key_Up), with(ctrl, Qt::Key_Down)},
                 QObject::tr("clean sound taller, lower"),
                 seam}};
        case VerbFamily::Marking:
            return {{{Qt::Key_Delete, Qt::Key_Backspace},
                     QObject::tr("take the chosen mark away"),
                     seam}};
        default:
            return {};
    }
}

/// What a line says: the short words where it is alone in its row of the table; of what comes
/// without a key, what is on its button.
QString doesOf(const VerbWords& w) {
    const auto sharing = std::count_if(
        verbTable().begin(), verbTable().end(),
        [&](const VerbWords& x) { return x.keys != w.keys && std::string_view(x.row) == w.row; });
    const char* words = !*w.row ? w.text : sharing == 0 ? w.row : w.tip;
    return QCoreApplication::translate("brisk::app", words);
}

}  // namespace

std::vector<KeyGroup> keyTable(const Verbs& verbs) {
    std::vector<KeyGroup> out;
    VerbFamily family{};
    const auto finish = [&] {
        if (out.empty()) return;
        for (KeyRow& r : localKeys(family)) out.back().rows.push_back(std::move(r));
    };
    for (const VerbWords& w : verbTable()) {
        if (out.empty() || w.family != family) {
            finish();
            family = w.family;
            out.push_back({titleOf(family), {}});
        }
        auto& rows = out.back().rows;
        // Two that are never possible at once share a key, and a line.
        if (!w.keys.empty() && !rows.empty() && !rows.back().verbs.empty() &&
            wordsOf(rows.back().verbs.front()).keys == w.keys) {
            rows.back().verbs.push_back(w.verb);
            continue;
        }
        const auto keys = verbs.action(w.verb)->shortcuts();
        rows.push_back({{keys.begin(), keys.end()}, doesOf(w), {}, {w.verb}});
    }
    finish();
    return out;
}

const KeyRow* rowOf(const std::vector<KeyGroup>& groups, const QKeySequence& key) {
    for (const KeyGroup& g : groups) {
        for (const KeyRow& r : g.rows) {
            if (std::find(r.keys.begin(), r.keys.end(), key) != r.keys.end() &&
                (!r.verbs.empty() || r.where.isEmpty())) {
                return &r;
            }
        }
    }
    for (const KeyGroup& g : groups) {
        for (const KeyRow& r : g.rows) {
            if (std::find(r.keys.begin(), r.keys.end(), key) != r.keys.end()) return &r;
        }
    }
    return nullptr;
}

bool isReserved(const QKeySequence& key) {
    static const QList<QKeySequence> needed{Qt::Key_Tab,
                                            Qt::Key_Backtab,
                                            with(Qt::SHIFT, Qt::Key_Tab),
                                            with(Qt::SHIFT, Qt::Key_Backtab),
                                            Qt::Key_Return,
                                            Qt::Key_Enter,
                                            Qt::Key_Escape};
    return needed.contains(key);
}

QString keysText(const KeyRow& row) {
    QStringList all;
    for (const QKeySequence& k : row.keys) {
        QString text = k.toString(QKeySequence::NativeText);
        const std::pair<const char*, QChar> arrows[] = {{"Left", QChar(0x2190)},
                                                        {"Up", QChar(0x2191)},
                                                        {"Right", QChar(0x2192)},
                                                        {"Down", QChar(0x2193)}};
        for (const auto& [word, arrow] : arrows) {
            const bool page =
                text.endsWith(QLatin1String("PgDown")) || text.endsWith(QLatin1String("PgUp"));
            if (!page && text.endsWith(QLatin1String(word))) {
                text.replace(QLatin1String(word), QString(arrow));
            }
        }
        all << text;
    }
    return all.join(QStringLiteral("  "));
}

}  // namespace brisk::app
