// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/key_table.h"

#include <QObject>
#include <QStringList>

namespace brisk::app {
namespace {

QKeySequence with(int modifiers, Qt::Key key) {
    return QKeySequence(modifiers | key);
}

}  // namespace

std::vector<KeyGroup> keyTable() {
    const auto tr = [](const char* text) { return QObject::tr(text); };
    constexpr int ctrl = Qt::CTRL, shift = Qt::SHIFT, alt = Qt::ALT;
    const QString seam = tr("on the seam"), list = tr("in the list"), map = tr("on the day map");
    return {
        {tr("The shoot"),
         {{{with(ctrl, Qt::Key_I)}, tr("add files")},
          {{with(ctrl, Qt::Key_M)}, tr("find matches")},
          {{Qt::Key_J}, tr("the next take that needs an ear")},
          {{with(shift, Qt::Key_T)}, tr("tether all that are sure")},
          {{QKeySequence::Undo}, tr("undo")},
          {{QKeySequence::Redo}, tr("redo")},
          {{QKeySequence::Open}, tr("open a shoot")},
          {{QKeySequence::Save}, tr("save it")},
          {{with(ctrl, Qt::Key_E)}, tr("hand over")},
          {{Qt::Key_Escape}, tr("stop what is running")},
          {{Qt::Key_Delete}, tr("take files out of the shoot"), list},
          {{Qt::Key_Left, Qt::Key_Right}, tr("the take before, the next one"), map},
          {{Qt::Key_F1, Qt::Key_Question}, tr("this page")}}},
        {tr("Listening"),
         {{{Qt::Key_Space}, tr("play, pause")},
          {{Qt::Key_1, Qt::Key_2, Qt::Key_3}, tr("camera, clean, both")},
          {{Qt::Key_4, Qt::Key_5}, tr("split over two ears, flip")},
          {{Qt::Key_6, Qt::Key_7, Qt::Key_8}, tr("half speed, as it is, double")},
          {{Qt::Key_Comma, Qt::Key_Period}, tr("shuttle back, shuttle on")},
          {{Qt::Key_L}, tr("loop")},
          {{Qt::Key_G}, tr("both at the same loudness")},
          {{Qt::Key_Left, Qt::Key_Right}, tr("one picture frame back, on")}}},
        {tr("Looking"),
         {{{Qt::Key_Home}, tr("the whole take")},
          {{Qt::Key_O}, tr("what has clean sound")},
          {{Qt::Key_M}, tr("all marks")},
          {{Qt::Key_C}, tr("the nearest pair of claps")},
          {{Qt::Key_End}, tr("close up, at the playhead")},
          {{Qt::Key_PageDown}, tr("single samples there")},
          {{Qt::Key_Up, Qt::Key_Down}, tr("closer, further away"), seam},
          {{with(alt, Qt::Key_Up), with(alt, Qt::Key_Down)},
           tr("camera's sound taller, lower"),
           seam},
          {{with(ctrl, Qt::Key_Up), with(ctrl, Qt::Key_Down)},
           tr("clean sound taller, lower"),
           seam},
          {{Qt::Key_E}, tr("equal heights")},
          {{Qt::Key_S}, tr("only what both have in common")}}},
        {tr("Where the clean sound lies"),
         {{{with(ctrl, Qt::Key_Left), with(ctrl, Qt::Key_Right)}, tr("one frame earlier, later")},
          {{with(ctrl | shift, Qt::Key_Left), with(ctrl | shift, Qt::Key_Right)},
           tr("one millisecond")},
          {{with(ctrl | alt, Qt::Key_Left), with(ctrl | alt, Qt::Key_Right)}, tr("one sample")},
          {{with(alt, Qt::Key_Left), with(alt, Qt::Key_Right)}, tr("a step of your own")},
          {{Qt::Key_A}, tr("search again, narrowed down")},
          {{Qt::Key_N}, tr("try the next place")},
          {{Qt::Key_B}, tr("back to the found place")},
          {{Qt::Key_H}, tr("the hands meet in this picture")},
          {{Qt::Key_T}, tr("tether; loosen")},
          {{with(shift, Qt::Key_B)}, tr("back to the tether")}}},
        {tr("Marks"),
         {{{Qt::Key_K}, tr("mark the camera's sound")},
          {{with(shift, Qt::Key_K)}, tr("mark the clean sound")},
          {{with(ctrl, Qt::Key_K), with(ctrl | shift, Qt::Key_K)}, tr("the same, exactly there")},
          {{Qt::Key_P}, tr("put marks or claps together")},
          {{Qt::Key_Delete, Qt::Key_Backspace}, tr("take the chosen mark away"), seam}}},
        {tr("What is made of it"),
         {{{Qt::Key_U}, tr("what the take sounds like")},
          {{Qt::Key_Y}, tr("keep and cut")},
          {{Qt::Key_X}, tr("cut at the playhead")},
          {{with(shift, Qt::Key_X)}, tr("drop the piece there")},
          {{with(ctrl | shift, Qt::Key_X)}, tr("bring it back")},
          {{Qt::Key_BracketLeft, Qt::Key_BracketRight}, tr("trim what is before, after")}}},
    };
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
