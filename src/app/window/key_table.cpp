// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/key_table.h"

#include <QCoreApplication>
#include <QObject>
#include <QStringList>
#include <algorithm>

#include "app/spine/verbs.h"

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
            return QObject::tr("Handing over");
    }
    return QObject::tr("The shoot");
}

QKeySequence with(int modifiers, Qt::Key key) {
    return QKeySequence(modifiers | key);
}

/// Keys that belong to one place, which handles them itself.
std::vector<KeyRow> localKeys(VerbFamily f) {
    const auto tr = [](const char* text) { return QObject::tr(text); };
    const QString seam = tr("on the seam"), list = tr("in the list"), map = tr("on the day map");
    constexpr int ctrl = Qt::CTRL, alt = Qt::ALT;
    switch (f) {
        case VerbFamily::Shoot:
            return {{{Qt::Key_Delete}, tr("take files out of the shoot"), list},
                    {{Qt::Key_Left, Qt::Key_Right}, tr("the take before, the next one"), map}};
        case VerbFamily::Looking:
            return {{{Qt::Key_Up, Qt::Key_Down}, tr("closer, further away"), seam},
                    {{with(alt, Qt::Key_Up), with(alt, Qt::Key_Down)},
                     tr("camera's sound taller, lower"),
                     seam},
                    {{with(ctrl, Qt::Key_Up), with(ctrl, Qt::Key_Down)},
                     tr("clean sound taller, lower"),
                     seam}};
        case VerbFamily::Marking:
            return {{{Qt::Key_Delete, Qt::Key_Backspace}, tr("take the chosen mark away"), seam}};
        default:
            return {};
    }
}

}  // namespace

std::vector<KeyGroup> keyTable() {
    std::vector<KeyGroup> out;
    VerbFamily family{};
    const auto finish = [&] {
        if (out.empty()) return;
        for (KeyRow& r : localKeys(family)) out.back().rows.push_back(std::move(r));
    };
    for (const VerbWords& w : verbTable()) {
        if (w.keys.empty()) continue;
        const QString row = QCoreApplication::translate("Verbs", w.row);
        if (out.empty() || w.family != family) {
            finish();
            family = w.family;
            out.push_back({titleOf(family), {}});
        }
        auto& rows = out.back().rows;
        if (rows.empty() || rows.back().does != row) rows.push_back({{}, row});
        // Two that are never possible at once may share a key.
        for (const QKeySequence& k : w.keys) {
            auto& keys = rows.back().keys;
            if (std::find(keys.begin(), keys.end(), k) == keys.end()) keys.push_back(k);
        }
    }
    finish();
    return out;
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
            if (text.endsWith(QLatin1String(word)) && !text.endsWith(QLatin1String("PgDown"))) {
                text.replace(QLatin1String(word), QString(arrow));
            }
        }
        all << text;
    }
    return all.join(QStringLiteral("  "));
}

}  // namespace brisk::app
